import { lateCode } from '../ui/lateCode';

export type Planner = Pick<typeof import('./plannerCode'), 'plan' | 'settledOrder'>;

/** What plans an order. It comes a moment after its page, which until then shows the plan that the server made. */
export const planner = lateCode<Planner>(async () => {
  const { plan, settledOrder } = await import('./plannerCode');
  return { plan, settledOrder };
});
