import { allergensOnTable, limitRule, mayOffer, type Limit, type TableAllergens } from '../care/index.js';
import { BESIDE_OF, besidePerAdult, shareOf } from '../amount/index.js';
import { companyOf, plateGuestsOf, type PlateGuests } from '../brief/index.js';
import {
  ALLERGENS,
  allergenOf,
  drinksOn,
  isAlcoholic,
  isDrink,
  type AllergenId,
  type Drink,
  type Good,
  type Main,
  type Served,
} from '../counter/index.js';
import { measurer } from '../balance/index.js';
import { isAvailable } from '../pick/index.js';
import { lruMemoised, memoisedBy, shareOut } from '../units/index.js';
import { besideLines, inPlaceLines } from './beside.js';
import { lineOf, type PlateLine, type Table } from './line.js';
import { BESIDE_PARTS, LEAST_GRAMS, MOST_KINDS } from './parts.js';
import { rankedOn } from './ranked.js';

/** A plate for guests whose limits do not clear the board: food of its own, chosen as the board is. */
export interface OwnPlate extends PlateGuests {
  readonly lines: readonly PlateLine[];
  readonly drink: Drink | null;
  /** Parts of a plate for which the counter has nothing that surely suits. */
  readonly missing: readonly string[];
  readonly allergens: TableAllergens;
  /** Allergens of the guest's limits of which every good on the plate is declared free by its maker. */
  readonly freeOf: readonly AllergenId[];
}

/** Beyond the board's own goods, this many others of each kind are weighed up: the best known and the milder first. */
const OTHERS_TRIED = 24;
const LAST_GUESTS = 12;

interface Laid extends Table {
  readonly measure: ReturnType<typeof measurer>;
}

/** The own plates of an order. Pure; it never searches: a fixed number of comparisons for each plate. */
export function ownPlatesFor(table: Table): OwnPlate[] {
  const measure = measurer(table.brief);
  return plateGuestsOf(table.brief).map((guests) => plateFor(guests, { ...table, measure }));
}

/** Which goods of a counter suit a guest; memoised for the last few guests. */
const verdictsOn = (counter: Served, guest: string): Map<Good, boolean> => verdictsOf(counter)(guest);
const verdictsOf = memoisedBy((_counter: Served) =>
  lruMemoised(
    (_guest: string) => new Map<Good, boolean>(),
    (a, b) => a === b,
    LAST_GUESTS,
  ),
);

function plateFor(guests: PlateGuests, table: Laid): OwnPlate {
  const { brief, targets } = table;
  const company = companyOf(brief);
  const found = verdictsOn(table.counter, JSON.stringify([guests.limits, guests.small, company]));
  const suits = (good: Good) => {
    const known = found.get(good);
    if (known !== undefined) return known;
    const does = mayOffer(good, company, guests);
    found.set(good, does);
    return does;
  };
  const grams = {
    cheese: Math.round(targets.cheeses.perHead * guests.eaters),
    meat: Math.round(targets.meats.perHead * guests.eaters),
  };
  const mains = chooseMains(table, suits, grams, guests.eaters);
  const have = (kind: Main['kind']) => mains.some((main) => main.kind === kind);
  // What one kind cannot give the other does, up to half as much again; the rest comes from the companions.
  const net = { cheese: have('cheese') ? grams.cheese : 0, meat: have('meat') ? grams.meat : 0 };
  const without = grams.cheese + grams.meat - net.cheese - net.meat;
  const other: Main['kind'] | null = net.cheese > 0 ? 'cheese' : net.meat > 0 ? 'meat' : null;
  const moved = other ? Math.min(without, Math.round(net[other] / 2)) : 0;
  if (other) net[other] += moved;
  const lines = [...mainLines(mains, net, table), ...besideLines(table, suits, mains, guests.eaters)];
  const inPlace = inPlaceLines(table, suits, without - moved, guests.eaters, lines);
  const goods = [...lines, ...inPlace].map(({ good }) => good);
  const wanted: string[] = [
    ...(['cheese', 'meat'] as const).filter((kind) => grams[kind] > 0),
    ...BESIDE_PARTS.flatMap(({ part, roles }) =>
      roles.some((role) => besidePerAdult(brief, BESIDE_OF[role]) > 0) ? [part] : [],
    ),
  ];
  return {
    ...guests,
    lines: [...lines, ...inPlace],
    drink: drinkFor(table, suits),
    missing: wanted.filter((part) => !lines.some((line) => line.part === part)),
    allergens: allergensOnTable(goods),
    freeOf: freeOf(guests.limits, goods),
  };
}

/** Enough kinds that each is tasted, the board's own first, then what the measure adds most by. */
function chooseMains(
  { brief, targets, mains, counter, measure }: Laid,
  suits: (good: Good) => boolean,
  wanted: Record<Main['kind'], number>,
  eaters: number,
): Main[] {
  const chosen: Main[] = [];
  const add = (pool: readonly Main[], most: number) => {
    const left = [...pool];
    while (chosen.length < most && left.length > 0) {
      const values = left.map((main) => measure([...chosen, main]).value);
      const best = values.indexOf(Math.max(...values));
      chosen.push(...left.splice(best, 1));
    }
  };
  for (const kind of ['cheese', 'meat'] as const) {
    if (wanted[kind] <= 0 || eaters <= 0) continue;
    const kinds = kind === 'cheese' ? targets.cheeses.kinds : targets.meats.kinds;
    const tasted = Math.max(1, Math.floor(wanted[kind] / eaters / LEAST_GRAMS));
    const most = chosen.length + Math.min(kinds || 1, MOST_KINDS[kind], tasted);
    const ofKind = (good: Good): good is Main => good.kind === kind && suits(good);
    add(mains.filter(ofKind), most);
    if (chosen.length < most) {
      const onBoard = new Set(mains.map((main) => main.id));
      const others: Main[] = [];
      for (const main of rankedOn(counter)) {
        if (others.length === OTHERS_TRIED) break;
        if (ofKind(main) && !onBoard.has(main.id) && isAvailable(main, wanted[kind], brief.servingAt))
          others.push(main);
      }
      add(others, most);
    }
  }
  return chosen;
}

function mainLines(mains: readonly Main[], net: Record<Main['kind'], number>, table: Table): PlateLine[] {
  return (['cheese', 'meat'] as const).flatMap((kind) => {
    const own = mains.filter((main) => main.kind === kind);
    const shares = shareOut(
      net[kind],
      own.map((main) => shareOf(main, table.brief.shares).share),
    );
    return own.map((good, i) => lineOf(good, kind, shares[i]!, table, 'as-the-board'));
  });
}

/** A drink without alcohol that suits: always offered beside. */
function drinkFor({ beside, counter }: Table, suits: (good: Good) => boolean): Drink | null {
  const fits = (good: Good): good is Drink => isDrink(good) && !isAlcoholic(good) && suits(good);
  return beside.find(fits) ?? drinksOn(counter).find(fits) ?? null;
}

/** The allergens that the limits ask for and that every good on the plate is declared free of. */
function freeOf(limits: readonly Limit[], goods: readonly Good[]): AllergenId[] {
  if (goods.length === 0) return [];
  const allergens = new Set(limits.flatMap((limit) => limitRule(limit.what).allergens));
  return ALLERGENS.map(({ id }) => id).filter(
    (id) => allergens.has(id) && goods.every((good) => allergenOf(good, id) === 'free'),
  );
}
