import { boardArea, TIERS } from './boards.js';
import { baseOf, type Thing } from './thing.js';

/** How the food is spread: all of it on each board, each kind on a board of its own, or over the tiers of a stand. */
export const SPREADS = ['together', 'by kind', 'tiers'] as const;
export type Spread = (typeof SPREADS)[number];

/** One of the boards that differ: what it is for. */
export type PartKey = 'all' | 'cheeses' | 'meats' | 'bottom tier' | 'middle tier' | 'top tier';
export const PARTS: Readonly<Record<Spread, readonly PartKey[]>> = {
  together: ['all'],
  'by kind': ['cheeses', 'meats'],
  tiers: ['bottom tier', 'middle tier', 'top tier'],
};

/** Of all area each tier has its share. */
const STAND = TIERS.reduce((sum, tier) => sum + boardArea(tier), 0);
const TIER_SHARES = TIERS.map((tier) => boardArea(tier) / STAND);

/** On which part each thing lies: goods by kind or, over tiers, by weight, the heaviest below; a companion goes with the good that it serves first. What a person sent elsewhere lies there. */
export function partsOf(
  things: readonly Thing[],
  spread: Spread,
  sent: Readonly<Record<string, string>>,
): ReadonlyMap<PartKey, readonly Thing[]> {
  const keys = PARTS[spread];
  const anchors = things.filter(({ traits }) => traits.kind === 'cheese' || traits.kind === 'meat');
  const own = spread === 'tiers' ? overTiers(anchors, things) : new Map<string, PartKey>();
  const keyOf = (thing: Thing): PartKey => {
    const wanted = keys.find((key) => key === sent[baseOf(thing)]);
    if (wanted) return wanted;
    if (spread === 'together') return 'all';
    const anchor =
      thing.traits.kind === 'cheese' || thing.traits.kind === 'meat'
        ? thing
        : anchors.find(({ id }) => thing.beside.includes(id));
    if (!anchor) return keys[0]!;
    if (anchor !== thing) return keyOf(anchor);
    return spread === 'by kind' ? (anchor.traits.kind === 'meat' ? 'meats' : 'cheeses') : own.get(anchor.id)!;
  };
  return new Map(keys.map((key) => [key, things.filter((thing) => keyOf(thing) === key)]));
}

/** The heaviest at the bottom, each tier filled to its share of the area with all that goes with its goods. */
function overTiers(anchors: readonly Thing[], things: readonly Thing[]): Map<string, PartKey> {
  const withCompany = ({ id, area }: Thing) =>
    area +
    things.reduce(
      (sum, one) => sum + (one.beside[0] === id && one.traits.kind === 'companion' ? one.area : 0),
      0,
    );
  const all = anchors.reduce((sum, anchor) => sum + withCompany(anchor), 0);
  const found = new Map<string, PartKey>();
  let [tier, filled] = [0, 0];
  for (const anchor of [...anchors].sort((a, b) => b.grams - a.grams || (a.id < b.id ? -1 : 1))) {
    const area = withCompany(anchor);
    if (tier < TIERS.length - 1 && filled > 0 && filled + area / 2 > TIER_SHARES[tier]! * all)
      [tier, filled] = [tier + 1, 0];
    found.set(anchor.id, PARTS.tiers[tier]!);
    filled += area;
  }
  return found;
}
