import { againstDanger, allergensOnTable, barsOf, cautionsFor, type TableAllergens } from '../care/index.js';
import { costAt } from '../amount/index.js';
import { companyOf, safetyOf, type Brief } from '../brief/index.js';
import { goodsById, withLots, type Good, type Served } from '../counter/index.js';
import { childLinesFor, type ChildLine } from './children.js';
import { ownPlatesFor, type OwnPlate } from './plate.js';
import { platePurchases } from './money.js';
import { memoisedBy } from '../units/index.js';
import { nextLotCautions } from './nextLots.js';
import { tableRow } from './row.js';
import { stage, type Parts } from '../stage/index.js';

declare module '../stage/stage.js' {
  interface Parts {
    table: TablePart;
  }
}

/** All that stands on the table, and whom it may harm. It has no screen of its own: every stage shows it. */
export interface TablePart {
  readonly ownPlates: readonly OwnPlate[];
  /** The safe form of what small children can choke on; empty when none is coming. */
  readonly children: readonly ChildLine[];
  /** What of the table lies on the shared board and is cut with its knives: no drinks, no own plates. */
  readonly onBoard: readonly Good[];
  /** Everything that stands on the table: board, drinks, own plates, and boards that are oiled with an allergen. */
  readonly onTable: readonly Good[];
  readonly allergens: TableAllergens;
}

/** Wooden boards of the shop that are finished with an allergen. */
const oiledBoards = memoisedBy((counter: Served): readonly Good[] =>
  counter.filter(
    (good) => good.kind === 'ware' && good.use === 'board' && allergensOnTable([good]).mayContain.length > 0,
  ),
);

/** Of the oiled boards those that are laid; while none is, any of them may be used. */
function boardsUsed(counter: Served, brief: Brief, { laid }: Parts['lay']['boards']): readonly Good[] {
  if (!isWood(brief)) return [];
  const used = new Set(laid.map(({ board }) => board.id));
  return oiledBoards(counter).filter(({ id }) => used.size === 0 || used.has(id));
}

/** Surfaces that are not wood. */
const NOT_WOOD: readonly Brief['surface'][] = ['slate', 'marble', 'metal', 'plate', 'salt block'];
const isWood = ({ surface }: Brief): boolean => !NOT_WOOD.includes(surface);

const unique = (goods: readonly Good[]): Good[] => [...goodsById(goods).values()];

export const tableStage = stage(tableRow, {
  derive: ({ counter, stands }, parts): TablePart => {
    const { brief, targets } = parts.brief;
    const { mains } = parts.pick;
    const { beside } = parts.pair;
    const { portions } = parts.portion;
    const { walk, cleanser } = parts.walk;
    const offered = stands ? counter.filter(stands) : counter;
    const ownPlates = ownPlatesFor({ brief, targets, mains, beside, counter: offered });
    const onPlates = ownPlates.flatMap((plate) => plate.lines.map((line) => line.good));
    const cleans = cleanser && walk.steps.some((step) => step.cleanse) ? [cleanser] : [];
    const board = [...portions.mains, ...portions.companions].map(({ good }) => good);
    const children = childLinesFor(ownPlates, unique([...board, ...cleans, ...onPlates]), brief);
    const boards = boardsUsed(counter, brief, parts.lay.boards);
    const onBoard = unique([
      ...mains,
      ...beside.filter((good) => good.kind !== 'drink'),
      ...cleans,
      ...boards,
      ...parts.lay.boards.garnish.map(({ good }) => good),
    ]);
    const onTable = unique([
      ...onBoard,
      ...beside,
      ...ownPlates.flatMap((plate) => [
        ...plate.lines.map((line) => line.good),
        ...(plate.drink ? [plate.drink] : []),
      ]),
    ]);
    return { ownPlates, children, onBoard, onTable, allergens: allergensOnTable(onTable) };
  },
  dangers: ({ brief: { brief }, table: { onTable } }) => {
    const company = companyOf(brief);
    // By itself nothing passes the gate: what is against a limit here, a person put there.
    return onTable.flatMap((good) => {
      const because = barsOf(good, company);
      return because.length > 0 ? [againstDanger(good, because)] : [];
    });
  },
  cautions: (
    { brief: { brief }, portion: { portions }, table: { ownPlates, onTable } },
    { order, held, house },
  ) => [
    ...nextLotCautions(portions.mains, ownPlates, goodsById(withLots(held, order.selection.lots)), brief),
    ...cautionsFor(
      {
        company: companyOf(brief),
        persons: brief.persons,
        safety: safetyOf(brief, house, order.clock.keeper === 'customer'),
        wood: isWood(brief),
      },
      onTable,
    ),
  ],
  lines: ({ brief: { brief }, portion: { portions }, table: { ownPlates } }, { house }) => {
    const board = [...portions.mains, ...portions.companions];
    const onBoard = new Map(board.map(({ good, net }) => [good.id, net]));
    return platePurchases(ownPlates, onBoard, brief.practice).map(({ good, bought, price }) => ({
      subject: good.id,
      good,
      for: 'own plate' as const,
      amount: bought,
      price,
      cost: costAt(price, good, house),
    }));
  },
});
