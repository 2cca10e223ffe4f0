/** The whole computation of an order; planner.ts loads it. */
export { plan, settledOrder } from '@rotula/core';
