import {
  ageOn,
  animalsIn,
  fitsLimit,
  isMain,
  mustMove,
  newLimit,
  pricePerKg,
  servedGood,
  STRONG_FROM,
  verdictOf,
  type Good,
  type GoodKind,
} from '@rotula/core';
import Fuse from 'fuse.js';
import { groupOf, searchText } from './rows';
import type { Format } from '../ui/format';
import { say, word } from '../language/say';

/** What may be asked of the counter, and how it is sorted. */
export interface Filters {
  readonly kind: GoodKind | 'all' | 'must move' | 'trials';
  readonly animal: string;
  readonly family: string;
  readonly age: AgeBand['id'];
  readonly strength: StrengthBand['id'];
  readonly price: PriceBand['id'];
  /** A limit that every shown good must surely meet. */
  readonly limit: string;
  readonly sort: SortId;
}

export const NO_FILTERS: Filters = {
  kind: 'all',
  animal: '',
  family: '',
  age: '',
  strength: '',
  price: '',
  limit: '',
  sort: 'family',
};

interface Band<I extends string> {
  readonly id: I;
  readonly label: string;
  readonly from: number;
  readonly to: number;
}
type AgeBand = Band<'' | 'weeks' | 'months' | 'year' | 'years'>;
type StrengthBand = Band<'' | 'mild' | 'middling' | 'strong'>;
type PriceBand = Band<'' | 'low' | 'middle' | 'high'>;

/** Days. */
export const AGES: readonly AgeBand[] = [
  { id: '', label: say`any age`, from: -Infinity, to: Infinity },
  { id: 'weeks', label: say`up to 8 weeks`, from: 0, to: 56 },
  { id: 'months', label: say`2 to 9 months`, from: 57, to: 274 },
  { id: 'year', label: say`9 to 18 months`, from: 275, to: 548 },
  { id: 'years', label: say`over 18 months`, from: 549, to: Infinity },
];
export const STRENGTHS: readonly StrengthBand[] = [
  { id: '', label: say`any strength`, from: -Infinity, to: Infinity },
  { id: 'mild', label: say`mild, to 3.5`, from: 0, to: 3.5 },
  { id: 'middling', label: say`middling`, from: 3.51, to: 6.99 },
  { id: 'strong', label: say`strong, from 7`, from: STRONG_FROM, to: 10 },
];
/** Where a price by weight is low or high, in whole units of money for a kilogram or a pound. */
const PRICE_STEPS = { kg: [20, 35], lb: [9, 16] } as const;
export function pricesBy({ name }: Format['bulk']): readonly PriceBand[] {
  const [low, high] = PRICE_STEPS[name];
  return [
    { id: '', label: say`any price`, from: -Infinity, to: Infinity },
    { id: 'low', label: say`to ${low} a ${word(name)}`, from: 0, to: low },
    { id: 'middle', label: say`${low} to ${high} a ${word(name)}`, from: low + 1e-4, to: high },
    { id: 'high', label: say`over ${high} a ${word(name)}`, from: high + 1e-4, to: Infinity },
  ];
}

export const SORTS = [
  'family',
  'name',
  'price',
  'age',
  'strength',
  'weight left',
  'must move first',
] as const;
export type SortId = (typeof SORTS)[number];

/** Units of money and weight. */
type Scale = Pick<Format, 'minorPerUnit' | 'bulk'>;

/** Price of a kilogram or pound in whole units of money; null for what has no weight. */
export function priceByWeight(good: Good, on: string, { minorPerUnit, bulk }: Scale): number | null {
  const price = pricePerKg(good, on);
  return price === null ? null : (price / minorPerUnit) * (bulk.grams / 1000);
}

const within = (bands: readonly Band<string>[], id: string, x: number | null): boolean => {
  if (id === '') return true;
  const band = bands.find((b) => b.id === id)!;
  return x !== null && x >= band.from && x <= band.to;
};

/** Does a good pass every filter but the words? */
export function passes(good: Good, filters: Filters, on: string, scale: Scale): boolean {
  const { kind, animal, family, age, strength, price, limit } = filters;
  if (
    kind === 'must move'
      ? !mustMove(good, on)
      : kind === 'trials'
        ? !good.trial
        : kind !== 'all' && good.kind !== kind
  )
    return false;
  if (animal && !(isMain(good) && animalsIn(good).some((a) => a === animal))) return false;
  if (family && groupOf(good) !== family) return false;
  if (!within(AGES, age, isMain(good) ? ageOn(good, on) : null)) return false;
  if (!within(STRENGTHS, strength, isMain(good) ? good.sense.intensity : null)) return false;
  if (!within(pricesBy(scale.bulk), price, priceByWeight(good, on, scale))) return false;
  return !limit || fitsLimit(servedGood(good, on), newLimit(limit)).fits === 'yes';
}

export const activeCount = ({ animal, family, age, strength, price, limit }: Filters): number =>
  [animal, family, age, strength, price, limit].filter(Boolean).length;

/** Find by any word, letters apart forgiven: exact words first, then near ones, best first. */
export function finderFor(goods: readonly Good[]): (query: string) => readonly Good[] {
  const texts = goods.map((good) => ({ good, text: searchText(good), name: good.name }));
  let fuse: Fuse<(typeof texts)[number]> | null = null;
  return (query) => {
    const words = query.toLowerCase().split(/\s+/).filter(Boolean);
    if (words.length === 0) return goods;
    const exact = texts.filter(({ text }) => words.every((word) => text.includes(word)));
    if (exact.length > 0) return exact.map(({ good }) => good);
    fuse ??= new Fuse(texts, {
      keys: [{ name: 'name', weight: 2 }, 'text'],
      threshold: 0.34,
      ignoreLocation: true,
      minMatchCharLength: 2,
    });
    return fuse.search(words.join(' ')).map(({ item }) => item.good);
  };
}

const MOVE_ORDER = ['going', 'at its peak', 'ready', 'young'];

/** Keys of each order; rows of equal keys go by name. The order by family keeps its headings. */
export const sortKey: Record<
  Exclude<SortId, 'family'>,
  (good: Good, on: string, scale: Scale) => number | string
> = {
  name: (good) => good.name,
  price: (good, on) => pricePerKg(good, on) ?? Infinity,
  age: (good, on) => (isMain(good) ? ageOn(good, on) : Infinity),
  strength: (good) => (isMain(good) ? good.sense.intensity : Infinity),
  'weight left': (good) => -good.lots.reduce((sum, lot) => sum + lot.grams, 0),
  'must move first': (good, on) => {
    const at = MOVE_ORDER.indexOf(verdictOf(good, on) ?? '');
    return at < 0 ? MOVE_ORDER.length : at;
  },
};
