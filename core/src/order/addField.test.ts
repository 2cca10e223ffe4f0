import { expect, test } from '@jest/globals';
import { z } from 'zod';
import { anOrder } from '../testing/orders.js';
import { upgraded, versionOf, type Format } from '../units/index.js';
import { ORDER_FORMAT } from './format.js';
import { OrderBody } from './order.js';

/** A small field, as somebody would add it to a room: the ribbon that a board is tied with (docs/architecture.md, "Adding a field"). */
const ribbonFields = { ribbon: z.enum(['none', 'red', 'gold']).default('none') };
const WithRibbon = OrderBody.extend(ribbonFields);
const format: Format = {
  ...ORDER_FORMAT,
  history: [
    ...ORDER_FORMAT.history,
    {
      version: versionOf(ORDER_FORMAT) + 1,
      change: '`ribbon`',
      old: 'had none',
      upgrade: (order: object) => ({ ...order, ribbon: 'none' }),
    },
  ],
};

test('a new field has its default, an old order gets what its version says, and all else stays', () => {
  const { ribbon: _, ...old } = WithRibbon.parse(anOrder());
  expect(WithRibbon.parse(old).ribbon).toBe('none');
  const up = upgraded(format, old, versionOf(ORDER_FORMAT)) as { document: z.output<typeof WithRibbon> };
  expect(up.document).toEqual({ ...old, ribbon: 'none' });
  expect(WithRibbon.safeParse({ ...old, ribbon: 'blue' }).error!.issues[0]!.path).toEqual(['ribbon']);
  expect(upgraded(ORDER_FORMAT, up.document, versionOf(format))).toHaveProperty('says');
});
