import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { z } from 'zod';
import { groundOf, plan, previewOf, writtenPlan, type Preview, type WrittenPlan } from '../order/index.js';
import { anyShop } from '../testing/anyShop.js';
import { PlanAnswer, PreviewAnswer } from './answers.js';

/** The compiler holds the types of what is answered to its schemas. */
type Frozen<T> = T extends object ? { readonly [K in keyof T]: Frozen<T[K]> } : T;
const asDocumented: {
  readonly plan: (written: WrittenPlan) => Frozen<z.output<typeof PlanAnswer>>;
  readonly preview: (made: Preview) => Frozen<z.output<typeof PreviewAnswer>>;
} = { plan: (written) => written, preview: (made) => made };

test('the plan and the preview of any order are as their schemas say, nothing missing and nothing more', () => {
  fc.assert(
    fc.property(anyShop, ({ order, shelf, house }) => {
      const made = plan(order, shelf, house);
      const sent = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
      const written = sent(asDocumented.plan(writtenPlan(made, groundOf(order, shelf, house).goods, 2)));
      expect(PlanAnswer.safeParse(written)).toEqual({ success: true, data: written });
      const preview = PreviewAnswer.safeParse(sent(asDocumented.preview(previewOf(made, shelf))));
      expect(preview.error).toBeUndefined();
    }),
    { numRuns: 15 },
  );
});
