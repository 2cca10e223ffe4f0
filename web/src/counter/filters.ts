import {
  ageOn,
  animalsIn,
  fitsLimit,
  isMain,
  newLimit,
  servedGood,
  priceOn,
  verdictOf,
  type Good,
  type GoodKind,
} from '@rotula/core';
import Fuse from 'fuse.js';
import { groupOf, searchText } from './rows';

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
  { id: '', label: 'any age', from: -Infinity, to: Infinity },
  { id: 'weeks', label: 'up to 8 weeks', from: 0, to: 56 },
  { id: 'months', label: '2 to 9 months', from: 57, to: 274 },
  { id: 'year', label: '9 to 18 months', from: 275, to: 548 },
  { id: 'years', label: 'over 18 months', from: 549, to: Infinity },
];
export const STRENGTHS: readonly StrengthBand[] = [
  { id: '', label: 'any strength', from: -Infinity, to: Infinity },
  { id: 'mild', label: 'mild, to 3.5', from: 0, to: 3.5 },
  { id: 'middling', label: 'middling', from: 3.51, to: 6.49 },
  { id: 'strong', label: 'strong, from 6.5', from: 6.5, to: 10 },
];
/** Price per kg, in whole units of money. */
export const PRICES: readonly PriceBand[] = [
  { id: '', label: 'any price', from: -Infinity, to: Infinity },
  { id: 'low', label: 'to 20 a kg', from: 0, to: 20 },
  { id: 'middle', label: '20 to 35 a kg', from: 20.0001, to: 35 },
  { id: 'high', label: 'over 35 a kg', from: 35.0001, to: Infinity },
];

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

/** Price per kg in whole units; a pack of known weight is counted back to it, all else has none. */
export function pricePerKg(good: Good, on: string, minorPerUnit: number): number | null {
  const price = priceOn(good, on) / minorPerUnit;
  if (good.price.per === 'kg') return price;
  const grams = good.pack.grams ?? good.pack.ml;
  return grams ? (price * 1000) / grams : null;
}

const within = (bands: readonly Band<string>[], id: string, x: number | null): boolean => {
  if (id === '') return true;
  const band = bands.find((b) => b.id === id)!;
  return x !== null && x >= band.from && x <= band.to;
};

export const mustMove = (good: Good, on: string): boolean => {
  const says =
    verdictOf(good, on) ?? (good.lots.length > 0 && good.lots.every((l) => l.verdict) ? 'past' : null);
  return says === 'going' || (says === 'past' && good.lots.some((l) => l.grams > 0));
};

/** Does a good pass every filter but the words? */
export function passes(good: Good, filters: Filters, on: string, minorPerUnit: number): boolean {
  const { kind, animal, family, age, strength, price, limit } = filters;
  if (
    kind === 'must move'
      ? !mustMove(good, on)
      : kind === 'trials'
        ? !good.trial
        : kind !== 'all' && good.kind !== kind
  )
    return false;
  if (animal && !(isMain(good) && animalsIn(good).includes(animal))) return false;
  if (family && groupOf(good) !== family) return false;
  if (!within(AGES, age, isMain(good) ? ageOn(good, on) : null)) return false;
  if (!within(STRENGTHS, strength, isMain(good) ? good.sense.intensity : null)) return false;
  if (!within(PRICES, price, pricePerKg(good, on, minorPerUnit))) return false;
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
  (good: Good, on: string, minorPerUnit: number) => number | string
> = {
  name: (good) => good.name,
  price: (good, on, minorPerUnit) => pricePerKg(good, on, minorPerUnit) ?? Infinity,
  age: (good, on) => (isMain(good) ? ageOn(good, on) : Infinity),
  strength: (good) => (isMain(good) ? good.sense.intensity : Infinity),
  'weight left': (good) => -good.lots.reduce((sum, lot) => sum + lot.grams, 0),
  'must move first': (good, on) => {
    const at = MOVE_ORDER.indexOf(verdictOf(good, on) ?? '');
    return at < 0 ? MOVE_ORDER.length : at;
  },
};
