import {
  allergenLine,
  allergensOnTable,
  isRawMilk,
  marksOf,
  type AllergenLine,
  type AllergenOnTable,
  type Marks,
} from '../care/index.js';
import { companyOf } from '../brief/index.js';
import {
  ageOn,
  animalsIn,
  facesOf,
  goodsById,
  isDescribed,
  isDrink,
  isMain,
  isSaid,
  type Companion,
  type Drink,
  type Face,
  type Good,
  type Main,
  type MeatAnimal,
  type Milk,
} from '../counter/index.js';
import { printedWords, WORDS } from '../menu/index.js';
import { nameOnBoard, styleOnBoard } from './claims.js';
import { menuOf, type Menu } from './menu.js';
import type { HeldBack, Hold, Paper, PaperGround } from './paper.js';
import type { Plan } from '../order/index.js';
import type { OwnPlate } from '../plate/index.js';
import type { Reason } from '../units/index.js';

/** A card beside a good of the shared board, or a bottle. It never says "free": a shared board is not. */
export interface GuestCard extends AllergenLine {
  /** Its step of the tasting; null for what stands beside. */
  readonly number: number | null;
  readonly good: Main | Companion | Drink;
  /** Without claims that a shared board does not keep. */
  readonly name: string;
  /** For whom at this table it is not, without any name. */
  readonly marks: Marks;
  /** What it is like, in the words that may be printed. */
  readonly words: readonly string[];
  /** One thing to say of it; null: nothing, or it stands beside. */
  readonly point: Reason | null;
  /** What of the board to try with it, by name. */
  readonly tryWith: readonly string[];
  /** Of what stands beside: the steps that it goes with. */
  readonly goesWith: readonly number[];
  /** Whose milk or meat it is; none for a companion. */
  readonly animals: readonly (Milk | MeatAnimal)[];
  readonly style: string;
  /** Days on the serving day; null for a companion. */
  readonly ageDays: number | null;
  /** What becomes of its rind, wrapping or casing, face by face. */
  readonly faces: readonly Face[];
  readonly rawMilk: boolean;
}

/** The card of an own plate. "Free" stands here alone, and only by each good's own claim. */
export interface PlateCard {
  readonly plate: OwnPlate;
  readonly contains: readonly AllergenOnTable[];
  readonly mayContain: readonly AllergenOnTable[];
}

/**
 * What holds the guests' papers back: every good on the table of which an allergen, the milk or the animal is not known.
 * One is enough to hold all of them back, since the others share its board. Unknown is never safe.
 */
export function heldBack({ onTable, allergens }: Plan): HeldBack[] {
  const goods = goodsById(onTable);
  const unknown = new Map<string, string[]>(allergens.unknown.map(({ goodId, ids }) => [goodId, [...ids]]));
  const add = (good: Good, what: string) => unknown.set(good.id, [...(unknown.get(good.id) ?? []), what]);
  for (const good of onTable) {
    if (good.kind === 'cheese' && !isSaid(good, 'animal')) add(good, 'milk');
    if (isMain(good) && !isDescribed(good)) add(good, good.kind === 'meat' ? 'animal and making' : 'making');
  }
  return [...unknown].map(([id, what]) => ({ good: goods.get(id)!, unknown: what }));
}

/** What of the board stands beside and is carried to it: companions, and the drinks that come with a card of their own. */
const besideOf = (plan: Plan): (Companion | Drink)[] => [
  ...plan.onBoard.filter((good): good is Companion => good.kind === 'companion'),
  ...plan.beside.filter(isDrink),
];

/** A card for every good of the shared board and every bottle: the tasting's by number, then what stands beside. */
export function guestCards(plan: Plan, menu: Menu): GuestCard[] {
  const board = allergensOnTable(plan.onBoard);
  const numbers = new Map<string, number>([
    ...plan.walk.steps.map(({ number, main }) => [main.id, number] as const),
    ...plan.desserts.map(({ number, good }) => [good.id, number] as const),
  ]);
  const entryOf = new Map(menu.entries.map((entry) => [entry.goodId, entry]));
  const serves = new Map(plan.pairs.set.map(({ beside, serves: ids }) => [beside.id, ids]));
  const walked = plan.walk.steps.map(({ main }) => main);
  return [...walked, ...besideOf(plan)].map((good) => {
    const rawMilk = isRawMilk(good);
    const entry = entryOf.get(good.id);
    return {
      // A bottle stands on no board.
      ...allergenLine(good, isDrink(good) ? allergensOnTable([good]) : board),
      number: numbers.get(good.id) ?? null,
      good,
      name: nameOnBoard(good),
      marks: marksOf(good, companyOf(plan.brief)),
      words: entry ? printedWords(entry.words) : good.adjectives.slice(0, WORDS),
      point: entry?.point ?? null,
      tryWith: [entry?.tryWith, entry?.drink].flatMap((match) => (match ? [nameOnBoard(match.beside)] : [])),
      goesWith: (serves.get(good.id) ?? []).flatMap((id) => numbers.get(id) ?? []).sort((a, b) => a - b),
      animals: isMain(good) ? animalsIn(good) : [],
      style: styleOnBoard(good),
      ageDays: isMain(good) ? ageOn(good, plan.servingAt) : null,
      faces: facesOf(good),
      rawMilk,
    };
  });
}

/** One card for each own plate. */
export const plateCards = (plan: Plan): PlateCard[] =>
  plan.ownPlates.map((plate) => ({
    plate,
    contains: plate.allergens.contains,
    mayContain: plate.allergens.mayContain,
  }));

/** Guests' papers are held while anything on the table is not known. */
export function whileUnknown({ plan }: PaperGround): Hold | null {
  const goods = heldBack(plan);
  return goods.length > 0 ? { because: 'not all is known', goods } : null;
}

/** Cards to stand beside each good and bottle and on each own plate. */
export interface Cards {
  readonly cards: readonly GuestCard[];
  readonly plates: readonly PlateCard[];
  /** The steps of the tasting, for strips that name them. */
  readonly steps: readonly { readonly number: number; readonly name: string }[];
}

export const cardsPaper: Paper<Cards> = {
  for: 'guests',
  needs: [],
  hold: whileUnknown,
  data: ({ plan, order, counter }) => ({
    cards: guestCards(plan, menuOf(plan, order, counter)),
    plates: plateCards(plan),
    steps: plan.walk.steps.map(({ number, main }) => ({ number, name: nameOnBoard(main) })),
  }),
};
