import {
  allergensOnTable,
  caution,
  cautionsFor,
  exclusionsOf,
  type Caution,
  type Exclusion,
  type TableAllergens,
} from '../care/index.js';
import {
  drinkersOf,
  onCounter,
  settled,
  targetsOf,
  type Brief,
  type House,
  type Targets,
} from '../brief/index.js';
import {
  goodsById,
  isCompanion,
  isMain,
  servedOn,
  withLots,
  type Companion,
  type Good,
  type Main,
} from '../counter/index.js';
import { cutsFor, type Cut } from '../cut/index.js';
import { pairsFor, type Pairs } from '../pair/index.js';
import { measure, type Balance } from '../balance/index.js';
import { childLinesFor, ownPlatesFor, type ChildLine, type OwnPlate } from '../plate/index.js';
import { portionsFor, type Portions } from '../portion/index.js';
import { reason } from '../units/index.js';
import { cleanserFor, walkFor, type Walk } from '../walk/index.js';
import { adviceFor, type Advice } from './advice.js';
import { briefFingerprint } from './fingerprint.js';
import { nextLotCautions } from './nextLots.js';
import type { OrderBody } from './order.js';
import { heldCounter, snapshotChanges, type SnapshotChange } from './snapshot.js';

declare module '../units/reason.js' {
  interface Rules {
    'next lot': { good: string; lot: string; because: Exclusion };
    'changed on the counter': { fields: readonly SnapshotChange['field'][] };
  }
}

/** Everything that follows from an order, a counter and a house. */
export interface Plan {
  readonly servingAt: string;
  /** With every school settled: the order's own, else the house's. */
  readonly brief: Brief;
  readonly targets: Targets;
  /** Cheeses and meats of the board, without those that are barred. */
  readonly mains: readonly Main[];
  /** Picked goods that a guest's limit keeps off the board. */
  readonly barred: readonly { readonly good: Main; readonly because: readonly Exclusion[] }[];
  /** Picked goods that are not on this counter. */
  readonly missing: readonly string[];
  readonly balance: Balance;
  readonly pairs: Pairs;
  readonly cuts: readonly Cut[];
  readonly portions: Portions;
  readonly walk: Walk;
  /** What clears the palate between strong steps; null: water. */
  readonly cleanser: Companion | null;
  /** The safe form of what small children can choke on; empty when none is coming. */
  readonly children: readonly ChildLine[];
  /** Everything that stands on the table: board, drinks, own plates, and boards that are oiled with an allergen. */
  readonly onTable: readonly Good[];
  /** What of it lies on the shared board and is cut with its knives: no drinks, no own plates. */
  readonly onBoard: readonly Good[];
  readonly allergens: TableAllergens;
  /** What is not on the counter any more as the order keeps it. */
  readonly changed: readonly SnapshotChange[];
  readonly cautions: readonly Caution[];
  readonly ownPlates: readonly OwnPlate[];
  /** Companions that were added by hand. */
  readonly extras: readonly Companion[];
  readonly advice: readonly Advice[];
  /** The brief changed since the selection was last proposed. */
  readonly briefChanged: boolean;
}

/** Wooden boards of the shop that are finished with an allergen: until one is chosen, any of them may be used. */
const oiledBoards = (counter: readonly Good[]): Good[] =>
  counter.filter(
    (good) => good.kind === 'ware' && good.use === 'board' && allergensOnTable([good]).mayContain.length > 0,
  );

/** Surfaces that are not wood. */
const NOT_WOOD: readonly Brief['surface'][] = ['slate', 'marble', 'metal', 'plate', 'salt block'];

/** Derive the whole plan. Pure and quick; it never searches, and asking twice gives the same plan. */
export function plan(order: OrderBody, shelf: readonly Good[], ofHouse: House): Plan {
  const { selection, snapshot } = order;
  const finished = order.state === 'finished';
  const house = (finished && snapshot.house) || ofHouse;
  const { brief, counter: toldApart } = onCounter(settled(order.brief, house), shelf, [
    ...(selection.goods ?? []),
    ...Object.keys(snapshot.goods),
  ]);
  const date = brief.servingAt;
  const held = heldCounter(snapshot, toldApart, date, finished);
  const counter = servedOn(withLots(held, selection.lots), date);
  const goods = goodsById(counter);
  const targets = targetsOf(brief, counter, house);
  const picked = selection.goods ?? [];
  const known = picked.flatMap((id) => {
    const good = goods.get(id);
    return good && isMain(good) ? [good] : [];
  });
  const missing = picked.filter((id) => !known.some((good) => good.id === id));
  const checked = known.map((good) => ({ good, because: exclusionsOf(good, brief.limits) }));
  const mains = checked.filter(({ because }) => because.length === 0).map(({ good }) => good);
  const barred = checked.filter(({ because }) => because.length > 0);
  const balance = measure(mains, brief);
  // A finished order stands: nothing that came to the counter later gets into it.
  const stands = finished && snapshot.house ? ({ id }: Good) => snapshot.goods[id] !== undefined : null;
  const companionsOf = stands ? counter.filter(stands) : counter;
  const pairs = pairsFor(mains, counter, brief, order.pairs, stands);
  const extras = order.extras.flatMap((id) => {
    const good = goods.get(id);
    const fits = good && isCompanion(good) && exclusionsOf(good, brief.limits).length === 0;
    return fits && !pairs.set.some((entry) => entry.beside.id === id) ? [good] : [];
  });
  const beside = [...pairs.set.map((entry) => entry.beside), ...extras];
  const portions = portionsFor(mains, beside, brief, targets, order.portions);
  const net = new Map(portions.mains.map((portion) => [portion.good.id, portion.net]));
  const cuts = cutsFor(mains, net, order.cuts);
  const walk = walkFor(mains, order.walk);
  const cleanser = cleanserFor(beside, companionsOf, brief);
  const ownPlates = ownPlatesFor({ brief, targets, mains, beside, counter: companionsOf });
  const cleans = cleanser && walk.steps.some((step) => step.cleanse) ? [cleanser] : [];
  const children = childLinesFor(
    [...portions.mains, ...portions.companions],
    unique([...cleans, ...ownPlates.flatMap((plate) => plate.lines.map((line) => line.good))]),
    companionsOf,
    brief,
  );
  const boards = NOT_WOOD.includes(brief.surface) ? [] : oiledBoards(counter);
  const onBoard = unique([...mains, ...beside.filter((good) => good.kind !== 'drink'), ...cleans, ...boards]);
  const onTable = unique([
    ...onBoard,
    ...beside,
    ...children.flatMap((line) => line.instead ?? []),
    ...ownPlates.flatMap((plate) => [
      ...plate.lines.map((line) => line.good),
      ...(plate.drink ? [plate.drink] : []),
    ]),
  ]);
  const table = {
    infants: brief.guests.infants,
    under5: brief.guests.under5,
    drinkers: drinkersOf(brief),
    limits: brief.limits,
    hot: brief.setting === 'outdoors, hot',
    wood: !NOT_WOOD.includes(brief.surface),
  };
  const changed = snapshotChanges(snapshot, goodsById(toldApart), date);
  const derived = { targets, mains, barred, missing, balance, pairs, cuts, portions, walk };
  return {
    servingAt: date,
    brief,
    ...derived,
    cleanser,
    children,
    onTable,
    onBoard,
    allergens: allergensOnTable(onTable),
    changed,
    cautions: [
      ...changedCautions(changed),
      ...nextLotCautions(portions.mains, ownPlates, goodsById(withLots(held, selection.lots)), brief),
      ...cautionsFor(table, onTable),
    ],
    ownPlates,
    extras,
    advice: adviceFor(order, { ...derived, brief, beside, counter, changed }),
    briefChanged: selection.goods !== null && selection.briefFingerprint !== briefFingerprint(order.brief),
  };
}

const unique = (goods: readonly Good[]): Good[] => [...goodsById(goods).values()];

/** What bears on safety and is not as it was: the stricter word holds, and the person is told. */
function changedCautions(changed: readonly SnapshotChange[]): Caution[] {
  const goods = [...new Set(changed.filter((c) => c.safety).map((c) => c.goodId))];
  if (goods.length === 0) return [];
  const fields = [...new Set(changed.filter((c) => c.safety).map((c) => c.field))];
  const source = 'Regulation (EU) 1169/2011: what is declared must be true on the day';
  return [caution(reason('changed on the counter', { fields }, { source }), goods, 'EU')];
}
