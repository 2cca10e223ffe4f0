import { startTransition, useEffect, useState } from 'react';
import { aheadOfTime } from '../ui/aheadOfTime';

export type Planner = Pick<typeof import('./planner'), 'plan' | 'settledOrder'>;

let planner: Planner | null = null;
let coming: Promise<Planner> | null = null;

/** What plans an order comes a moment after its page, which until then shows the plan that the server made. */
export const plannerComes = (): Promise<Planner> =>
  (coming ??= import('./planner').then(
    ({ plan, settledOrder }) => (planner = { plan, settledOrder }),
    (trouble) => {
      // The next who asks may have more luck.
      coming = null;
      throw trouble;
    },
  ));

export const plannerIsHere = (): boolean => planner !== null;

/**
 * The planner; null until it has come, which is once the page is drawn and nothing else is done.
 * @throws what kept it from coming
 */
export function usePlanner(): Planner | null {
  const [, drawAnew] = useState(planner);
  const [trouble, setTrouble] = useState<unknown>(null);
  useEffect(() => {
    if (planner) return;
    return aheadOfTime([
      () => plannerComes().then((came) => startTransition(() => drawAnew(came)), setTrouble),
    ]);
  }, []);
  if (trouble) throw trouble;
  return planner;
}
