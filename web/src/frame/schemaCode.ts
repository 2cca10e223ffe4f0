/** What needs the schema of an order; it comes a moment after the page (schema.ts). */
export { holdBack, OrderBody, orderFile } from '@rotula/core';
