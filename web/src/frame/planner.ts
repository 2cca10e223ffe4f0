/** The whole computation of an order; `plannerComes` loads it. */
export { plan, settledOrder } from '@rotula/core';
