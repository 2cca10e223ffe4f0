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

/** What did not come is asked for again after so many milliseconds. */
const AGAIN = 5000;

/**
 * The planner; null until it has come, which is once the page is drawn and nothing else is done. `trouble` is what keeps it from
 * coming: the server is away, or was brought up to date since the page was opened.
 */
export function usePlanner(): { readonly planner: Planner | null; readonly trouble: unknown } {
  const [, drawAnew] = useState(planner);
  const [trouble, setTrouble] = useState<unknown>(null);
  useEffect(() => {
    if (planner) return;
    const came = (here: Planner) =>
      startTransition(() => {
        drawAnew(here);
        setTrouble(null);
      });
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = (): Promise<void> =>
      plannerComes().then(came, (why) => {
        setTrouble(why);
        again = setTimeout(() => void ask(), AGAIN);
      });
    const leave = aheadOfTime([ask]);
    return () => {
      leave();
      clearTimeout(again);
    };
  }, []);
  return { planner, trouble };
}
