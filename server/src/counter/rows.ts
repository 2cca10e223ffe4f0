import { GOOD_FORMAT, LOT_FORMAT, type Good, versionOf } from '@rotula/core';
import type { goods, lots } from '../database/schema.js';

export const goodRow = (good: Good): typeof goods.$inferInsert => ({
  id: good.id,
  kind: good.kind,
  name: good.name,
  format: versionOf(GOOD_FORMAT),
  doc: JSON.stringify({ ...good, lots: [] }),
});

export const lotRows = (good: Good): (typeof lots.$inferInsert)[] =>
  good.lots.map((lot) => ({
    goodId: good.id,
    id: lot.id,
    format: versionOf(LOT_FORMAT),
    doc: JSON.stringify(lot),
  }));
