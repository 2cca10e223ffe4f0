import { HOUSE_FORMAT } from '../brief/index.js';
import { upgradedGoods } from '../counter/index.js';
import { SNAPSHOT_FORMAT } from '../pick/index.js';
import { upgraded, type Format, type Upgraded } from '../units/index.js';
import { to10, to11, to12, to2, to3, to4, to5, to6, to7, to8, to9 } from './oldSteps.js';
import { to13 } from './ruleSlugs.js';
import { to14 } from './to14.js';

/** Format of an order. Goods and house that it keeps carry their own (`snapshot.format`). */
export const ORDER_FORMAT: Format = {
  name: 'an order',
  history: [
    { version: 1, change: 'as first stored', old: '', upgrade: null },
    {
      version: 2,
      change: '`limits[].who`, `snapshot`',
      old: 'its limits are nobody’s by name; it keeps nothing until it is next changed, since nobody kept what its goods were',
      upgrade: to2,
    },
    {
      version: 3,
      change: '`adviceLeft` (rule and subject) in place of `waved` (its wording)',
      old: 'advice about goods that say the same comes back once',
      upgrade: to3,
    },
    {
      version: 4,
      change: '`hours`, temperatures, zone, table and wares of the brief; `drinks`, `waves`, `cutting`',
      old: 'was reckoned at three hours; the rest was not asked',
      upgrade: to4,
    },
    { version: 5, change: '`takenOff`, `cutting.madeUp`', old: 'nothing was taken off', upgrade: to5 },
    { version: 6, change: '`pairKinds`', old: 'nobody had said', upgrade: to6 },
    {
      version: 7,
      change: '`walkPins`, `desserts`, `telling`, `lay`',
      old: 'ended with its last good, told nothing of its own, was not laid',
      upgrade: to7,
    },
    {
      version: 8,
      change: '`lay.choice` in place of board and number, `lay.sent`, `lay.garnish`',
      old: 'lay on boards that were alike',
      upgrade: to8,
    },
    { version: 9, change: '`clock`', old: 'nobody had set any of it', upgrade: to9 },
    {
      version: 10,
      change: '`lay.schools` (`colours`, `places`), `clock.benches`',
      old: 'was laid by the usual schools, with a place for each pair of hands',
      upgrade: to10,
    },
    {
      version: 11,
      change:
        '`lay.schools.meats` and `.groups`, `lay.bells` (goods under their bell), `clock.coldPlaces`, `clock.carPlaces` (null: all), `clock.cars`',
      old: 'meats lay as they go, groups were free, nothing stood under a bell, and there was room for all',
      upgrade: to11,
    },
    {
      version: 12,
      change: '`lay.dividers` (goods behind a divider)',
      old: 'there were none',
      upgrade: to12,
    },
    {
      version: 13,
      change:
        'rules of `adviceLeft` are slugs; `snapshot.format`: kept goods and house say their own version',
      old: 'what was left stays left; kept goods and house get the version that they had then',
      upgrade: to13,
    },
    {
      version: 14,
      change:
        '`brief.persons` (guests with limits, one reach each) in place of `brief.limits`; `brief.steamed`; `takenOn`',
      old: 'rows of one name are one guest, rows without a name guests of their own; two such plates meet the limits of both until somebody says whose they are',
      upgrade: to14,
    },
  ],
  parts: keptParts,
};

/** The formats of kept goods and house in orders that did not say them yet, by the version of the order. */
const KEPT_THEN: Readonly<Record<number, { readonly good: number; readonly house: number }>> = {
  1: { good: 3, house: 3 },
  2: { good: 3, house: 3 },
  3: { good: 3, house: 3 },
  4: { good: 5, house: 4 },
  5: { good: 5, house: 4 },
  6: { good: 6, house: 5 },
  7: { good: 7, house: 6 },
  8: { good: 7, house: 6 },
  9: { good: 7, house: 7 },
  10: { good: 7, house: 7 },
  11: { good: 7, house: 9 },
  12: { good: 7, house: 9 },
};

interface Kept {
  readonly goods?: Record<string, { good?: unknown } | undefined>;
  readonly house?: unknown;
  readonly format?: { readonly good: number; readonly house: number };
}

/** Kept goods and house in today's form, each from its own version. */
function keptParts(order: unknown, version: number): Upgraded {
  const { snapshot } = (order ?? {}) as { snapshot?: Kept | null };
  if (!snapshot || typeof snapshot !== 'object') return { document: order };
  const then = snapshot.format ?? KEPT_THEN[version] ?? SNAPSHOT_FORMAT;
  const entries = Object.entries(snapshot.goods ?? {});
  const goods = upgradedGoods(
    entries.map(([, entry]) => entry?.good),
    then.good,
  );
  if ('says' in goods) return goods;
  const house = snapshot.house ? upgraded(HOUSE_FORMAT, snapshot.house, then.house) : { document: null };
  if ('says' in house) return house;
  const lifted = goods.document as unknown[];
  return {
    document: {
      ...(order as object),
      snapshot: {
        ...snapshot,
        format: SNAPSHOT_FORMAT,
        goods: Object.fromEntries(entries.map(([id, entry], i) => [id, { ...entry, good: lifted[i] }])),
        house: house.document,
      },
    },
  };
}
