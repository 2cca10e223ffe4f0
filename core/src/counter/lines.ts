import type { Cheese, Good } from './good.js';
import { isCheese } from './kinds.js';
import type { Lot } from './lot.js';
import { ageOn } from './lots.js';
import { addDays } from '../units/index.js';

/**
 * What flights are made of. A line is one cheese, or cheeses of one maker that differ in age alone; several lots of a
 * cheese at several ages are ages of its line. A style of the trade is what several makers make ("cheddar style").
 */

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The line of a cheese; one of which nobody named the line is a line of its own. */
export const lineOf = ({ line, name }: Cheese): string => line || name;

/** The style of the trade, else what stands for it: family and first milk. */
const styleOf = ({ tradeStyle, texture, milk }: Cheese): string =>
  tradeStyle || `${texture} ${milk[0]!.animal}`;

export const isOfLine = (cheese: Cheese, line: string): boolean => same(lineOf(cheese), line);
export const isOfStyle = (cheese: Cheese, style: string): boolean =>
  same(styleOf(cheese), style) || same(styleOf({ ...cheese, tradeStyle: '' }), style);

/** From this ratio on two ages of a cheese taste apart. Common practice, no source. */
const AGES_APART = 1.3;

/** A good of one lot of another: "tarpot--tarpot-2". */
const AT_AGE = '--';
const agedId = (id: string, lot: string) => `${id}${AT_AGE}${lot}`;
/** The good that an id is of, whichever of its ages it names. */
export const baseId = (id: string): string => id.split(AT_AGE)[0]!;

/** One good for each age at which a cheese lies on the counter: itself with the lots of its first age, then the others. */
function atItsAges(cheese: Cheese, date: string): Cheese[] {
  const aged = cheese.lots.map((lot) => ({ lot, age: ageOn({ ...cheese, lots: [lot] }, date) }));
  aged.sort((a, b) => a.age - b.age);
  const groups: (typeof aged)[] = [];
  for (const entry of aged) {
    const last = groups.at(-1);
    if (last && entry.age < AGES_APART * Math.max(1, last[0]!.age)) last.push(entry);
    else groups.push([entry]);
  }
  if (groups.length < 2) return [cheese];
  const first = ageOn(cheese, date);
  const own = groups.find((group) => group.some(({ age }) => age === first)) ?? groups[0]!;
  const lotsOf = (group: typeof aged) => group.map(({ lot }) => lot);
  return [
    { ...cheese, lots: lotsOf(own) },
    ...groups
      .filter((group) => group !== own)
      .map((group) => ({ ...cheese, id: agedId(cheese.id, group[0]!.lot.id), lots: lotsOf(group) })),
  ];
}

/**
 * The counter for an order that distinguishes the ages of a cheese: each age of a line, and of every cheese of which an id
 * names an age, is a good of its own. Asking twice changes nothing.
 * @param line of the vertical; null when the order is none
 */
export function withAges(
  counter: readonly Good[],
  line: string | null,
  ids: readonly string[],
  date: string,
): readonly Good[] {
  const named = new Set(ids.filter((id) => id.includes(AT_AGE)).map(baseId));
  if (line === null && named.size === 0) return counter;
  return counter.flatMap((good) =>
    isCheese(good) && (named.has(good.id) || (line !== null && isOfLine(good, line)))
      ? atItsAges(good, date)
      : good,
  );
}

/** What a counter offers for a flight: a line or a style, and how many cheeses it has of it. */
export interface FlightOffer {
  readonly of: string;
  readonly cheeses: number;
}

const least = 2;
const most = (a: FlightOffer, b: FlightOffer) => b.cheeses - a.cheeses || a.of.localeCompare(b.of);

/** Lines with at least two ages, the longest first. */
export function verticalsOn(counter: readonly Good[], date: string): FlightOffer[] {
  const ages = new Map<string, number>();
  for (const cheese of counter.filter(isCheese))
    ages.set(lineOf(cheese), (ages.get(lineOf(cheese)) ?? 0) + atItsAges(cheese, date).length);
  return [...ages]
    .map(([of, cheeses]) => ({ of, cheeses }))
    .filter((o) => o.cheeses >= least)
    .sort(most);
}

/** Styles from at least two makers, the widest first. */
export function faceOffsOn(counter: readonly Good[]): FlightOffer[] {
  const makers = new Map<string, Set<string>>();
  for (const cheese of counter.filter(isCheese)) {
    const style = styleOf(cheese);
    makers.set(style, (makers.get(style) ?? new Set()).add(cheese.maker));
  }
  return [...makers]
    .map(([of, all]) => ({ of, cheeses: all.size }))
    .filter((o) => o.cheeses >= least)
    .sort(most);
}

/** The line that is meant: itself, or of a maker who is named instead the one with most ages. */
export function meantLine(counter: readonly Good[], of: string, date: string): string {
  const cheeses = counter.filter(isCheese);
  if (cheeses.some((cheese) => isOfLine(cheese, of))) return of;
  const makers = cheeses.filter((cheese) => same(cheese.maker, of));
  return verticalsOn(makers, date)[0]?.of ?? of;
}

/** A day on which a lot reaches an age at which its line is sold. */
export interface SellingDay {
  readonly ageDays: number;
  readonly on: string;
}

/**
 * When a lot reaches each age at which its line is sold: the usual ages of the goods of that line and maker, the youngest
 * first. Empty for a lot of which nobody knows when it was made.
 */
export function sellingDays(cheese: Cheese, lot: Lot, counter: readonly Good[]): SellingDay[] {
  const { madeOn } = lot;
  if (!madeOn) return [];
  const kin = counter
    .filter(isCheese)
    .filter((other) => isOfLine(other, lineOf(cheese)) && same(other.maker, cheese.maker));
  const ages = [...new Set([cheese, ...kin].map(({ ageDays }) => ageDays as number))].sort((a, b) => a - b);
  return ages.map((ageDays) => ({ ageDays, on: addDays(madeOn, ageDays) }));
}
