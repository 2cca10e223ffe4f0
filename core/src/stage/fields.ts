/**
 * What an order holds, field by field. Each room adds its own by declaration merging, beside their schema (its fields.ts); `order/`
 * composes the schemas into the document.
 */
export interface Fields extends Record<never, never> {}
