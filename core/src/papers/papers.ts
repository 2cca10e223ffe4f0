import {
  ageOn,
  allergensOf,
  animalsIn,
  packGrams,
  type AllergenId,
  type Good,
  type Main,
} from '../counter/index.js';
import { cautionsFor } from '../care/index.js';
import type { Cut } from '../cut/index.js';
import type { Plan } from '../order/index.js';
import { ageWords } from '../pick/index.js';
import { SLOTS, type Slot } from '../pair/index.js';
import type { Portion } from '../portion/index.js';

/** What is printed, as plain data: web lays it out, tests read it. */

export interface CutLine {
  readonly number: number;
  readonly main: Main;
  readonly portion: Portion;
  readonly cut: Cut;
}

/** The cut sheet: every cheese and meat in the order of the walk. */
export function cutSheet(plan: Plan): CutLine[] {
  return plan.walk.steps.map(({ number, main }) => ({
    number,
    main,
    portion: plan.portions.mains.find((p) => p.good.id === main.id)!,
    cut: plan.cuts.find((c) => c.goodId === main.id)!,
  }));
}

export const DEPARTMENTS = [
  'Cheese',
  'Meat',
  'Bread and crackers',
  'Fruit and vegetables',
  'Jars and dry goods',
  'Drinks (suggested)',
] as const;
export type Department = (typeof DEPARTMENTS)[number];

export interface ShoppingLine {
  readonly good: Good;
  /** null: a drink that is suggested, with no amount. */
  readonly portion: Portion | null;
  readonly packGrams: number | null;
}

export function departmentOf(good: Good): Department {
  if (good.kind === 'cheese') return 'Cheese';
  if (good.kind === 'meat') return 'Meat';
  if (good.kind === 'drink') return 'Drinks (suggested)';
  if (good.kind === 'companion' && ['bread', 'cracker'].includes(good.role)) return 'Bread and crackers';
  if (good.kind === 'companion' && ['fruit', 'vegetable', 'garnish'].includes(good.role))
    return 'Fruit and vegetables';
  return 'Jars and dry goods';
}

/** What to fetch, by department; departments with nothing are left out. */
export function shoppingList(plan: Plan): { department: Department; lines: ShoppingLine[] }[] {
  const lines: ShoppingLine[] = [
    ...[...plan.portions.mains, ...plan.portions.companions].map((portion) => ({
      good: portion.good,
      portion,
      packGrams: packGrams(portion.good),
    })),
    ...plan.pairs.set
      .filter(({ beside }) => beside.kind === 'drink')
      .map(({ beside }) => ({ good: beside as Good, portion: null, packGrams: null })),
  ];
  return DEPARTMENTS.map((department) => ({
    department,
    lines: lines.filter((line) => departmentOf(line.good) === department),
  })).filter(({ lines }) => lines.length > 0);
}

export interface GuestCard {
  readonly number: number;
  readonly main: Main;
  /** "cow and goat milk" or "pork". */
  readonly from: string;
  readonly age: string;
  readonly contains: readonly AllergenId[];
  readonly mayContain: readonly AllergenId[];
  readonly unknown: readonly AllergenId[];
  /** Every other allergen is declared free. */
  readonly rind: string;
  readonly notes: readonly string[];
}

const RIND_WORDS: Record<string, string> = {
  none: 'no rind',
  eaten: 'rind is eaten',
  'guest decides': 'rind: as you like',
  'cut off': 'rind is not eaten',
  decoration: 'wrapping is not eaten',
};

/** May a card be printed? Not while an allergen or the milk is unknown: unknown is never safe. */
export const cardMayPrint = ({ unknown, main }: GuestCard): boolean =>
  unknown.length === 0 && (main.kind !== 'cheese' || main.milkKnown);

export function guestCards(plan: Plan): GuestCard[] {
  const atRisk = { infants: 0, under5: 0, drinkers: 0, limits: [], hot: false };
  return plan.walk.steps.map(({ number, main }) => {
    const states = allergensOf(main);
    const raw = cautionsFor(atRisk, [main]).some((c) => c.id === 'raw milk');
    return {
      number,
      main,
      from: main.kind === 'cheese' ? `${animalsIn(main).join(' and ')} milk` : animalsIn(main).join(' and '),
      age: ageWords(ageOn(main, plan.servingAt)),
      contains: states.contains,
      mayContain: states['may contain'],
      unknown: states.unknown,
      rind:
        main.kind === 'cheese' ? RIND_WORDS[main.rind.verdict]! : main.casingEaten ? 'casing is eaten' : '',
      notes: raw ? ['raw milk'] : [],
    };
  });
}

/** Row a good, one column a figure with its unit in the name: the plan for a spreadsheet. */
export function planRows(plan: Plan): Record<string, string | number>[] {
  const pairIds = (id: string, slot: Slot) =>
    plan.pairs.byGood.get(id)?.find((p) => p.slot === slot)?.match?.beside.name ?? '';
  const mains = cutSheet(plan).map(({ number, main, portion, cut }) => ({
    step: number,
    id: main.id,
    name: main.name,
    kind: main.kind as string,
    style: main.style,
    net_g: portion.net as number,
    gross_g: portion.gross as number,
    packs: portion.packs ?? '',
    cost_minor_units: portion.cost as number,
    cut: cut.label,
    pieces: cut.pieces,
    piece_g: Math.round(cut.pieceGrams * 10) / 10,
    tool: cut.tool,
    ...Object.fromEntries(SLOTS.map((slot) => [slot, pairIds(main.id, slot)])),
  }));
  const companions = plan.portions.companions.map((portion) => ({
    step: '',
    id: portion.good.id,
    name: portion.good.name,
    kind: portion.good.kind as string,
    style: portion.good.style,
    net_g: portion.net as number,
    gross_g: portion.gross as number,
    packs: portion.packs ?? '',
    cost_minor_units: portion.cost as number,
    cut: '',
    pieces: '',
    piece_g: '',
    tool: '',
    ...Object.fromEntries(SLOTS.map((slot) => [slot, ''])),
  }));
  return [...mains, ...companions];
}
