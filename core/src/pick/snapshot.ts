import {
  asStored,
  readAs,
  readAsBoth,
  ALLERGENS,
  allergenOf,
  CASINGS,
  contentsOf,
  GELATINES,
  GOOD_FORMAT,
  type Good,
  goodsById,
  insideOf,
  nothingSaid,
  isMain,
  PRESENCES,
  priceOn,
  RENNETS,
  TREATMENTS,
  VERDICTS,
  verdictOn,
  withLots,
  BASIS_FIELDS,
  type BasisField,
  isSaid,
  saidOf,
  type AllergenState,
  type AllergenStatement,
  type Contents,
  type Lot,
} from '../counter/index.js';
import type { Snapshot, SnapshotEntry } from './snapshotSchema.js';
import { HOUSE_FORMAT } from '../brief/index.js';
import { canonicalText, money, memoisedByBoth, versionOf } from '../units/index.js';

/** The formats of the goods and the house that a snapshot keeps: they carry their own, so that the order's does not rise with theirs. */
export const SNAPSHOT_FORMAT = { good: versionOf(GOOD_FORMAT), house: versionOf(HOUSE_FORMAT) };
export const NO_SNAPSHOT: Snapshot = { goods: {}, house: null, format: SNAPSHOT_FORMAT };

/** A good as it is kept: with the price of the lot that is cut, whatever becomes of that lot. */
export function snapshotOf(good: Good, lot: string | null, date: string): SnapshotEntry {
  const [chosen] = withLots([good], lot === null ? {} : { [good.id]: lot });
  const amount = money(priceOn(chosen!, date));
  return { good: asStored({ ...good, price: { ...good.price, amount } }), lot };
}

/** The stricter of two words of a table that runs from the worst to the best. */
const stricter =
  <W extends string>(...fromWorst: readonly W[]) =>
  (a: W, b: W): W =>
    fromWorst.indexOf(a) <= fromWorst.indexOf(b) ? a : b;

const presence = stricter<(typeof PRESENCES)[number]>('yes', 'unknown', 'no');
const rennet = stricter<(typeof RENNETS)[number]>('animal', 'unknown', 'thistle', 'microbial', 'none');
const casing = stricter<(typeof CASINGS)[number]>('pork', 'unknown', 'beef', 'sheep', 'plant', 'none');
const gelatine = stricter<(typeof GELATINES)[number]>('pork', 'beef', 'fish', 'unknown', 'none');
const treatment = stricter<(typeof TREATMENTS)[number]>('raw', 'thermised', 'unknown', 'pasteurised');
const allergen = stricter<AllergenState>('contains', 'unknown', 'may contain', 'free');
const verdict = stricter(...[...VERDICTS].reverse());

function stricterAllergens(kept: Good, now: Good): AllergenStatement {
  const out = nothingSaid();
  const list = {
    contains: out.contains,
    'may contain': out.mayContain,
    free: out.free,
    unknown: out.unknown,
  };
  const [was, is] = [insideOf(kept), insideOf(now)];
  for (const { id } of ALLERGENS) list[allergen(allergenOf(kept, id, was), allergenOf(now, id, is))].push(id);
  return out;
}

function stricterContents(kept: Good, now: Good): Contents {
  const [a, b] = [contentsOf(kept), contentsOf(now)];
  return {
    rennet: rennet(a.rennet, b.rennet),
    casing: casing(a.casing, b.casing),
    gelatine: gelatine(a.gelatine, b.gelatine),
    blood: presence(a.blood, b.blood),
    alcohol: presence(a.alcohol, b.alcohol),
    honey: presence(a.honey, b.honey),
    certificates: a.certificates.filter((c) => b.certificates.includes(c)),
    ingredients: [...new Set([...a.ingredients, ...b.ingredients])].slice(0, 60),
  };
}

type Shares<A extends string> = readonly { readonly animal: A; readonly share: number }[];

/** Every animal that either names; the shares are their mean, so that they still add up. */
function bothAnimals<A extends string>(kept: Shares<A>, now: Shares<A>): { animal: A; share: number }[] {
  const sum = new Map<A, number>();
  for (const { animal, share } of [...kept, ...now]) sum.set(animal, (sum.get(animal) ?? 0) + share / 2);
  return [...sum].map(([animal, share]) => ({ animal, share }));
}

/** How a lot's milk is treated, by its own word or that of its good; null for what is no cheese. */
const treatmentOf = (good: Good, lot: Lot) => lot.treatment ?? ('treatment' in good ? good.treatment : null);

/** A lot with the stricter of its verdicts and treatments then and now; its price is the frozen one of the good. */
function heldLot(kept: Good, now: Good, lot: Lot, date: string): Lot {
  const plain = { ...lot, price: null };
  const before = kept.lots.find((l) => l.id === lot.id);
  const after = now.lots.find((l) => l.id === lot.id);
  if (!before || !after) return plain;
  const [was, is] = [verdictOn(kept, before, date), verdictOn(now, after, date)];
  const worse = was && (!is || verdict(was.says, is.says) !== is.says) ? before.verdict : after.verdict;
  const [treatedThen, treatedNow] = [treatmentOf(kept, before), treatmentOf(now, after)];
  const hasOwn = before.treatment !== null || after.treatment !== null;
  const treated = hasOwn && treatedThen && treatedNow ? treatment(treatedThen, treatedNow) : null;
  return { ...plain, verdict: worse, treatment: treated };
}

/** The parts of a good by the field of the basis that they belong to. */
const PARTS: Readonly<Record<BasisField, readonly string[]>> = {
  animal: ['milk', 'animals'],
  making: ['texture', 'paste', 'build', 'process', 'calibre', 'role', 'type', 'use'],
  age: ['ageDays'],
  treatment: ['treatment'],
  rind: ['rind'],
  shape: ['form', 'slice', 'length', 'width', 'diameter'],
  price: ['price', 'supplierPrice'],
  pack: ['pack'],
};

/** A kept good with what was a guess when it was kept and is none any more: a guess was never promised to anybody. */
function settled(kept: Good, now: Good): Good {
  const fields = BASIS_FIELDS.filter((field) => !isSaid(kept, field) && isSaid(now, field));
  if (fields.length === 0 || kept.kind !== now.kind) return kept;
  const parts = fields.flatMap((field) => PARTS[field]).filter((part) => part in kept);
  const told = Object.fromEntries(parts.map((part) => [part, now[part as keyof Good]]));
  return saidOf({ ...kept, ...told } as Good, ...fields);
}

/**
 * A good as an order holds it: all as it was kept, and of contents, allergens, treatment, animals and verdict the
 * stricter of then and now. A finished order also keeps its lots.
 */
function heldGood(entry: SnapshotEntry, now: Good | undefined, date: string, finished: boolean): Good {
  const kept = now ? settled(readAs(entry.good, now), now) : readAs(entry.good, now);
  if (!now || now.kind !== kept.kind)
    return { ...kept, lots: kept.lots.map((lot) => ({ ...lot, price: null })) };
  const shelf = finished ? kept.lots : now.lots;
  const asIs = {
    ...kept,
    allergens: stricterAllergens(kept, now),
    contents: stricterContents(kept, now),
    lots: shelf.map((lot) => heldLot(kept, now, lot, date)),
  };
  const held = readAsBoth(asIs, kept, now);
  if (held.kind === 'cheese' && now.kind === 'cheese')
    return {
      ...held,
      milk: bothAnimals(held.milk, now.milk),
      from: { ...now.from, ...held.from },
      treatment: treatment(held.treatment, now.treatment),
    };
  if (held.kind === 'meat' && now.kind === 'meat')
    return {
      ...held,
      animals: bothAnimals(held.animals, now.animals),
      from: { ...now.from, ...held.from },
    };
  return held;
}

/** The counter as an order holds it: its own goods as kept (they stay though they left the shelf), all others as they are. */
export function heldCounter(
  snapshot: Snapshot,
  onCounter: readonly Good[],
  date: string,
  finished: boolean,
): readonly Good[] {
  if (Object.keys(snapshot.goods).length === 0) return onCounter;
  return heldOn(snapshot.goods, onCounter)(`${date} ${finished}`);
}

/** Worked out again only when what is kept, the counter, or the day is another. */
const heldOn = memoisedByBoth((kept: Snapshot['goods'], onCounter: readonly Good[]) => {
  let last: { for: string; goods: readonly Good[] } | null = null;
  return (day: string): readonly Good[] => {
    if (last?.for !== day) {
      const [date, finished] = day.split(' ');
      last = { for: day, goods: holding(kept, onCounter, date!, finished === 'true') };
    }
    return last.goods;
  };
});

function holding(
  kept: Snapshot['goods'],
  onCounter: readonly Good[],
  date: string,
  finished: boolean,
): readonly Good[] {
  const now = goodsById(onCounter);
  const gone = Object.entries(kept)
    .filter(([id]) => !now.has(id))
    .map(([, entry]) => heldGood(entry, undefined, date, finished));
  const here = onCounter.map((good) => {
    const entry = kept[good.id];
    return entry ? heldGood(entry, good, date, finished) : good;
  });
  return [...here, ...gone];
}

/** Something that is no longer as it was when the order took it. */
export interface SnapshotChange {
  readonly goodId: string;
  readonly name: string;
  readonly field: 'gone' | 'price' | 'allergens' | 'contents' | 'treatment' | 'animals' | 'verdict' | 'other';
  /** It bears on safety: the stricter word holds until it is refreshed. */
  readonly safety: boolean;
  readonly was: string;
  readonly is: string;
  /** Of a price: both in the smallest unit of money, and what it is asked for. */
  readonly amounts?: { readonly was: number; readonly is: number; readonly per: string };
}

const sharesText = (shares: Shares<string>) => shares.map(({ animal }) => animal).join(' and ');

/** What differs between the goods that an order keeps and the counter of today, by good. */
export function snapshotChanges(
  { goods }: Snapshot,
  onCounter: ReadonlyMap<string, Good>,
  date: string,
): SnapshotChange[] {
  return Object.entries(goods).flatMap(([goodId, { good, lot }]) => {
    const now = onCounter.get(goodId);
    const kept = readAs(good, now);
    const row = (
      field: SnapshotChange['field'],
      safety: boolean,
      was: string,
      is: string,
    ): SnapshotChange[] => (was === is ? [] : [{ goodId, name: kept.name, field, safety, was, is }]);
    if (!now) return row('gone', false, 'on the counter', 'not on the counter any more');
    const priced = snapshotOf(now, lot, date).good.price;
    return [
      ...row('price', false, `${kept.price.amount} ${kept.price.per}`, `${priced.amount} ${priced.per}`).map(
        (change) => ({
          ...change,
          amounts: { was: kept.price.amount, is: priced.amount, per: priced.per },
        }),
      ),
      ...row('allergens', true, allergenText(kept), allergenText(now)),
      ...row('contents', true, canonicalText(kept.contents), canonicalText(now.contents)),
      ...('treatment' in kept && 'treatment' in now
        ? row('treatment', true, treatmentText(kept, now), treatmentText(now, kept))
        : []),
      ...(kept.kind === 'cheese' && now.kind === 'cheese'
        ? row('animals', true, sharesText(kept.milk), sharesText(now.milk))
        : []),
      ...(kept.kind === 'meat' && now.kind === 'meat'
        ? row('animals', true, sharesText(kept.animals), sharesText(now.animals))
        : []),
      ...(isMain(kept) ? row('verdict', true, verdictsText(kept, date), verdictsText(now, date, kept)) : []),
      ...row('other', false, restText(kept), restText(now)),
    ];
  });
}

/** Allergens that are not free, in words. */
function allergenText(good: Good): string {
  const inside = insideOf(good);
  return ALLERGENS.map(({ id }) => [id, allergenOf(good, id, inside)] as const)
    .filter(([, state]) => state !== 'free')
    .map(([id, state]) => (state === 'contains' ? id : `${state} ${id}`))
    .join(', ');
}

const sharedLots = (good: Good, like: Good): Lot[] =>
  good.lots.filter((lot) => like.lots.some((l) => l.id === lot.id));

/** Treatment of the good, and of those lots of both that have their own. */
const treatmentText = (good: Good & { treatment: string }, like: Good): string =>
  [
    good.treatment,
    ...sharedLots(good, like)
      .filter((lot) => lot.treatment !== null)
      .map((lot) => `${lot.id}: ${lot.treatment}`),
  ].join(', ');

/** Verdicts on the day of the lots that both have. */
const verdictsText = (good: Good, date: string, like: Good = good): string =>
  sharedLots(good, like)
    .map((lot) => `${lot.id}: ${verdictOn(good, lot, date)?.says ?? 'not tasted'}`)
    .join(', ');

const COMPARED = ['read', 'price', 'allergens', 'contents', 'treatment', 'milk', 'animals', 'lots'];
const restText = (good: Good): string =>
  canonicalText(Object.fromEntries(Object.entries(good).filter(([key]) => !COMPARED.includes(key))));
