/**
 * What an order holds, field by field. Each room adds its own by declaration merging, beside their schema (its fields.ts); `order/`
 * composes the schemas into the document.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- the rooms fill it
export interface Fields {}
