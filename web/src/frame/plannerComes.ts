import { startTransition, useEffect, useState } from 'react';

export type Planner = Pick<typeof import('./planner'), 'plan' | 'settledOrder'>;

let planner: Planner | null = null;
let coming: Promise<Planner> | null = null;

/** What plans an order comes a moment after its page, which until then shows the plan that the server made. */
export const plannerComes = (): Promise<Planner> =>
  (coming ??= import('./planner').then(
    (here) => (planner = here),
    (trouble) => {
      // The next who asks may have more luck.
      coming = null;
      throw trouble;
    },
  ));

/** Does something with the planner: at once when it is here, else when it has come, in the order of asking. */
export const withPlanner = (does: (planner: Planner) => void): void => {
  if (planner) does(planner);
  else void plannerComes().then(does);
};

/**
 * The planner; null while it is on its way.
 * @throws what kept it from coming
 */
export function usePlanner(): Planner | null {
  const [here, setHere] = useState(planner);
  const [trouble, setTrouble] = useState<unknown>(null);
  useEffect(() => {
    if (here) return;
    plannerComes().then(
      (came) => startTransition(() => setHere(came)),
      (why) => setTrouble(why),
    );
  }, [here]);
  if (trouble) throw trouble;
  return here;
}
