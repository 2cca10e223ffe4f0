import type { ReactNode } from 'react';
import { say } from '../language/say';

/** A field that is kept with the order though no stage reads it yet, and the stage that will. */
export function Waits({ stage, children }: { stage: string; children: ReactNode }) {
  return (
    <div>
      {children}
      <p className="mt-1 text-sm text-ink-soft">{say`Kept for ${stage}, read by nothing yet.`}</p>
    </div>
  );
}
