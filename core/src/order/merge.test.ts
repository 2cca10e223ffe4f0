import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aBrief } from '../testing/briefs.js';
import { anOrder } from '../testing/orders.js';
import { mergeByStage, proposedSides, sameOrder, STAGE_NAMES, stageDifferences } from './merge.js';
import type { OwnerId } from '../stage/index.js';
import { OrderBody } from './order.js';
import { ROW_LIST } from './rows.js';

/** A change in one stage, as a person would make it. */
const EDITS: Partial<Record<OwnerId, (o: OrderBody, mark: number) => OrderBody>> = {
  order: (o, mark) => ({ ...o, note: `note ${mark}` }),
  brief: (o, mark) => ({ ...o, brief: aBrief({ guests: { adults: mark } }) }),
  pick: (o, mark) => ({ ...o, selection: { ...o.selection, goods: [`good-${mark}`] } }),
  portion: (o, mark) => ({ ...o, portions: { a: mark } }),
  cut: (o, mark) => ({ ...o, cuts: { a: `cut ${mark}` } }),
  pair: (o, mark) => ({ ...o, pairs: { a: { sweet: `good-${mark}` } } }),
  walk: (o, mark) => ({ ...o, walk: [`good-${mark}`] }),
  lay: (o, mark) => ({ ...o, lay: { ...o.lay, seed: mark + 1 } }),
  clock: (o, mark) => ({ ...o, clock: { ...o.clock, hands: mark } }),
  table: (o, mark) => ({ ...o, telling: { a: { words: null, point: `point ${mark}` } } }),
};
const base = anOrder();
const edited = (stages: readonly OwnerId[], mark: number) =>
  stages.reduce((o, stage) => EDITS[stage]!(o, mark), base);
const stages = fc.subarray(STAGE_NAMES);

test('every field of the document belongs to exactly one stage', () => {
  expect(ROW_LIST.flatMap(({ fields }) => fields).sort()).toEqual(Object.keys(OrderBody.shape).sort());
});

test('each difference says who changed it', () => {
  fc.assert(
    fc.property(stages, stages, (a, b) => {
      const differences = stageDifferences(edited(a, 1), edited(b, 2), base);
      const expected = STAGE_NAMES.filter((s) => a.includes(s) || b.includes(s)).map((stage) => ({
        stage,
        changedBy: a.includes(stage) && b.includes(stage) ? 'both' : a.includes(stage) ? 'mine' : 'theirs',
      }));
      expect(differences).toEqual(expected);
    }),
  );
});

test('the proposed merge keeps every change that only one side made', () => {
  fc.assert(
    fc.property(stages, stages, (a, b) => {
      const [mine, theirs] = [edited(a, 1), edited(b, 2)];
      const merged = mergeByStage(mine, theirs, proposedSides(stageDifferences(mine, theirs, base)));
      for (const stage of STAGE_NAMES) {
        const from = a.includes(stage) ? mine : b.includes(stage) ? theirs : base;
        for (const field of ROW_LIST.find(({ id }) => id === stage)!.fields)
          expect(merged[field]).toEqual(from[field]);
      }
    }),
  );
});

test('all of one side is that side', () => {
  const [mine, theirs] = [edited(STAGE_NAMES, 1), edited(['brief', 'cut'], 2)];
  const all = (side: 'mine' | 'theirs') => Object.fromEntries(STAGE_NAMES.map((stage) => [stage, side]));
  expect(sameOrder(mergeByStage(mine, theirs, all('mine')), mine)).toBe(true);
  expect(sameOrder(mergeByStage(mine, theirs, all('theirs')), theirs)).toBe(true);
  expect(sameOrder(mine, theirs)).toBe(false);
});
