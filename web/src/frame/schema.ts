type Storable = Pick<typeof import('./storable'), 'holdBack' | 'OrderBody'>;

let storable: Storable | null = null;
/** The schema of an order comes a moment after the page; only whoever reads a draft must wait for it. */
export const schemaIsHere: Promise<void> = import('./storable').then(({ holdBack, OrderBody }) => {
  storable = { holdBack, OrderBody };
});
/** null: it is still on its way. */
export const schema = (): Storable | null => storable;
