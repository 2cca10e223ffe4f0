import { lateCode } from '../ui/lateCode';

type Schema = Pick<typeof import('./schemaCode'), 'holdBack' | 'OrderBody'>;

/** The schema of an order. It comes a moment after the page; only whoever reads a draft must wait for it. */
export const schema = lateCode<Schema>(async () => {
  const { holdBack, OrderBody } = await import('./schemaCode');
  return { holdBack, OrderBody };
});
