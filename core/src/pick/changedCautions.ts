import { caution, type Caution } from '../care/index.js';
import { reason } from '../units/index.js';
import type { SnapshotChange } from './snapshot.js';

declare module '../units/reason.js' {
  interface Rules {
    'changed-on-the-counter': { fields: readonly SnapshotChange['field'][] };
  }
}

/** What bears on safety and is not as it was: the stricter word holds, and the person is told. */
export function changedCautions(changed: readonly SnapshotChange[]): Caution[] {
  const goods = [...new Set(changed.filter((c) => c.safety).map((c) => c.goodId))];
  if (goods.length === 0) return [];
  const fields = [...new Set(changed.filter((c) => c.safety).map((c) => c.field))];
  const source = 'Regulation (EU) 1169/2011: what is declared must be true on the day';
  return [caution(reason('changed-on-the-counter', { fields }, { source }), goods, 'EU')];
}
