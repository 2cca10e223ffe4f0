import type { ReactNode } from 'react';
import type { Day } from '../frame/useDay';
import { say } from '../language/say';

/** A paper with times on it waits for the searched day: a quick answer is not printed. */
export function WhenTimed({ day, children }: { day: Day; children: ReactNode }) {
  if (day.timing.standing.length === 0) return <p>{say`Nothing is picked yet, so that nothing is timed.`}</p>;
  if (!day.timing.exact) return <p role="status">{day.fault ?? say`The day is being timed …`}</p>;
  return children;
}
