import { boardEatersOf, isBoxed, type Brief } from '../brief/index.js';
import { costAt } from '../amount/index.js';
import { hotRow } from '../cut/index.js';
import { isCompanion, type Companion, type Good } from '../counter/index.js';
import { behindDividers } from './dividers.js';
import { bellsFor, underBells } from './bells.js';
import { bestWays, boardChoices } from './choices.js';
import { boardsFor, isBox, type Board } from './boards.js';
import { fillOf } from './fill.js';
import { garnishOf, garnishThings, mayDecorate, type Garnish } from './garnish.js';
import { isCarrier } from './besideThing.js';
import { judgedAsKept } from './judgement.js';
import { layEffort } from './effort.js';
import { loadedWeight } from './weight.js';
import { mainThing, type LaidMain } from './mainThing.js';
import { OTHER_FACTS, SURFACE_FACTS, type SurfaceFact } from './surfaces.js';
import { partsOf, type Spread } from './parts.js';
import { thingsOf } from './things.js';
import { toHire } from './kit.js';
import { Vessels } from './vessels.js';
import type { LaidBoard, LaidBoards } from './laidBoard.js';
import type { LayQuestion } from './question.js';
import type { Thing } from './thing.js';
import { pathOf } from '../walk/index.js';
import { layAdvice } from './advice.js';
import { danger, type Danger } from '../care/index.js';
import { money, memoised, reason, type Millimetres } from '../units/index.js';
import { layRow } from './row.js';
import { stage, type Fields, type Ground, type Parts } from '../stage/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'avoided-lies-near': { one: string; other: string; gap: Millimetres };
  }
}

declare module '../stage/stage.js' {
  interface Parts {
    lay: LayPart;
  }
}

/** What lies on the boards, and which boards; where it lies is found by a search. */
export interface LayPart {
  readonly boards: LaidBoards;
}

const factsOf = (board: Board, spread: Spread): readonly SurfaceFact[] =>
  spread === 'tiers'
    ? OTHER_FACTS.tiers
    : isBox(board)
      ? OTHER_FACTS.box
      : board.thick === 0
        ? OTHER_FACTS.table
        : (SURFACE_FACTS[board.material] ?? []);

/** From this many guests on bread has a station of its own: it stays dry, and the board is less crowded (docs/trade.md `lay/stage BREAD_APART_FROM`). */
const BREAD_APART_FROM = 16;
/** Each good lies edge to edge with this many of what Pair chose for it, the best first (docs/trade.md `lay/stage BESIDE_EACH`). */
const BESIDE_EACH = 2;

/** From how many sides hands come: as the brief says, or by the kind of table. */
const sidesOf = ({ openSides, table }: Brief): 1 | 2 | 4 =>
  openSides === null
    ? table === 'against a wall'
      ? 1
      : table === 'seated'
        ? 4
        : 2
    : openSides === 1
      ? 1
      : openSides === 2
        ? 2
        : 4;

/** What was asked for as garnish and may not lie there. */
const unfitGarnish = (
  { lay }: Pick<Fields, 'lay'>,
  goods: ReadonlyMap<string, Good>,
  brief: Brief,
): readonly Companion[] =>
  lay.garnish.flatMap(({ id }) => {
    const good = goods.get(id);
    return good && isCompanion(good) && !mayDecorate(good, brief) ? [good] : [];
  });

/** What is baked is not cut before: one disc for two boards that are alike stands between them. */
const standsBetween = ({ main, cut, hot }: LaidMain, boards: number): boolean =>
  hot === true && Math.max(1, Math.round(cut.net / main.form.grams)) < boards;

type Read = Pick<Parts, 'brief' | 'pick' | 'pair' | 'portion' | 'cut' | 'walk'>;

/** Of what Pair chose, which lies edge to edge with each good, by its id. */
const companyOf = ({ pairs }: Read['pair']): ReadonlyMap<string, readonly string[]> =>
  new Map(
    [...pairs.byGood].map(([id, slots]) => [
      id,
      slots
        .flatMap(({ match }) =>
          match && match.score > 0 && match.beside.kind === 'companion' && !isCarrier(match.beside)
            ? [match]
            : [],
        )
        .sort((a, b) => b.score - a.score)
        .slice(0, BESIDE_EACH)
        .map(({ beside: best }) => best.id),
    ]),
  );

/** Companions of the first wave: those on the board, and bread where it has a station of its own. */
function companionsOf({ brief: { brief }, portion: { portions, waves } }: Read, { lay }: Fields) {
  const all = portions.companions.flatMap(({ good, net }) =>
    isCompanion(good) ? [{ good, net: net * waves.first }] : [],
  );
  const breadApart = lay.bread === null ? boardEatersOf(brief) >= BREAD_APART_FROM : lay.bread === 'apart';
  const apart = breadApart && !isBoxed(brief) ? all.filter(({ good }) => isCarrier(good)) : [];
  return { beside: all.filter((entry) => !apart.includes(entry)), apart: apart.map(({ good }) => good) };
}

/** Cheeses and meats as they lie there, with their step of the tasting. */
function piecesOf(
  { pick: { mains }, cut: { cuts }, portion, walk: { walk } }: Read,
  { clock }: Fields,
): LaidMain[] {
  const steps = new Map(walk.steps.map(({ main, number }) => [main.id, number]));
  const baked = new Set(clock.hot.flatMap(({ id, way }) => (hotRow(way).dish ? [id] : [])));
  return mains.map((main, i) => ({
    main,
    cut: cuts[i]!,
    step: steps.get(main.id) ?? 0,
    share: portion.waves.first,
    hot: baked.has(main.id),
  }));
}

/** What lies on several boards that are alike, under its bells and behind its dividers. */
const thingsOn = (
  { order, counter }: Ground,
  parts: Read,
  pieces: readonly LaidMain[],
  beside: ReturnType<typeof companionsOf>['beside'],
  garnish: readonly Garnish[],
) => {
  const pairs = companyOf(parts.pair);
  return memoised((boards: number): readonly Thing[] => {
    const bare = thingsOf({
      mains: pieces.filter((piece) => !standsBetween(piece, boards)),
      beside,
      pairs,
      brief: parts.brief.brief,
      vessels: new Vessels(counter, boards),
      serving: parts.cut.serving,
      boards,
      schools: order.lay.schools,
    });
    const { bells, dividers } = order.lay;
    const covered = bells.length > 0 ? underBells(bare, bells, bellsFor(bare, counter, boards)) : bare;
    const things = dividers.length > 0 ? behindDividers(covered, dividers) : covered;
    return [...things, ...garnishThings(garnish, boards)];
  });
};

/** The area of what lies on each part of a way to lay it, mm². */
const areasOf = (thingsFor: (boards: number) => readonly Thing[], { lay }: Fields) => {
  const areas = memoised((spread: Spread) =>
    memoised(
      (many: number) =>
        new Map(
          [...partsOf(thingsFor(many), spread, lay.sent)].map(([key, things]) => [
            key,
            things.reduce((sum, { area }) => sum + area, 0),
          ]),
        ),
    ),
  );
  return (spread: Spread, many: number) => areas(spread)(many);
};

/** What the search of one board is asked; null: nothing lies on it. */
const questionOf = (
  things: readonly Thing[],
  board: Board,
  { lay }: Fields,
  { brief: { brief }, walk: { walk, desserts } }: Read,
): LayQuestion | null =>
  things.length === 0
    ? null
    : {
        things,
        board,
        carried: brief.travelMinutes > 0,
        sides: sidesOf(brief),
        apart: brief.apart > 0,
        schools: lay.schools,
        // In a box nobody walks.
        towards: isBoxed(brief)
          ? {}
          : Object.fromEntries(pathOf(walk, desserts).map(({ goodId, degrees }) => [goodId, degrees])),
        pins: lay.pins,
        seed: lay.seed,
        steps: layEffort(things.length),
      };

/** The ways to lay it, the best first, each with what would fill it, and the one that is taken. */
function choicesOf(
  { order, counter }: Ground,
  { brief: { brief }, pick: { mains } }: Read,
  thingsFor: (boards: number) => readonly Thing[],
  beside: readonly Companion[],
) {
  const { choice: chosen } = order.lay;
  const covers = areasOf(thingsFor, order);
  const ways =
    mains.length === 0 ? [] : boardChoices(brief, boardsFor(brief, counter), sidesOf(brief), covers, chosen);
  const choices = bestWays(ways, chosen).map((way) => ({
    ...way,
    fill: fillOf(brief, way, thingsFor(way.many), beside),
  }));
  return { choices, choice: choices.find(({ id }) => id === chosen) ?? choices[0] ?? null };
}

/** What a person laid too near to what a guest of this board must not eat; what the search lays is judged on Lay, as it is grown. */
function laidTooNear({ things, kept }: LaidBoard): Danger[] {
  const isLoose = (id: string) => things.some((thing) => thing.id === id && thing.lies === 'patch');
  return (kept?.violations ?? []).flatMap(({ reason: one }) => {
    const ids = one.subject!.split(' ');
    if (one.rule !== 'avoided-beside-suited' || ids.some(isLoose)) return [];
    return [danger(reason('avoided-lies-near', one.figures, { subject: one.subject! }), false, ids)];
  });
}

export const layStage = stage(layRow, {
  derive: (ground, parts): LayPart => {
    const { order, counter, goods } = ground;
    const { brief } = parts.brief;
    const { beside, apart } = companionsOf(parts, order);
    const garnish = garnishOf(order.lay.garnish, goods, brief);
    const pieces = piecesOf(parts, order);
    const thingsFor = thingsOn(ground, parts, pieces, beside, garnish);
    const { choices, choice } = choicesOf(
      ground,
      parts,
      thingsFor,
      beside.map(({ good }) => good),
    );
    const lies = choice ? partsOf(thingsFor(choice.many), choice.spread, order.lay.sent) : new Map();
    const laid = (choice?.parts ?? []).map((part): LaidBoard => {
      const things: readonly Thing[] = lies.get(part.key) ?? [];
      const { board } = part;
      const question = questionOf(things, board, order, parts);
      return {
        ...part,
        things,
        bells: bellsFor(things, counter, choice!.many),
        weight: loadedWeight(board, things),
        facts: factsOf(board, choice!.spread),
        question,
        kept: question && judgedAsKept(question),
      };
    });
    const between = pieces
      .filter((piece) => choice && standsBetween(piece, choice.many))
      .map((piece) => mainThing(piece, [], brief, 1));
    return { boards: { choices, choice, laid, garnish, apart, between } };
  },
  advise: ({ brief: { brief }, lay: { boards }, pick: { mains } }, { order, goods }) =>
    mains.length === 0 ? [] : layAdvice(brief, boards, mains.length, unfitGarnish(order, goods, brief)),
  dangers: ({ lay: { boards } }) => boards.laid.flatMap(laidTooNear),
  lines: ({ cut: { serving }, lay: { boards } }, { house }) => {
    const hire = money(house.kitHire * toHire(serving, boards.laid, boards.choice?.many ?? 1));
    return [
      ...boards.garnish.map(({ good, bought, price }) => ({
        subject: good.id,
        good,
        for: 'beside' as const,
        amount: bought,
        price,
        cost: costAt(price, good, house),
      })),
      ...(hire > 0
        ? [
            {
              subject: 'kit hire',
              good: null,
              for: 'service' as const,
              amount: null,
              price: hire,
              cost: hire,
            },
          ]
        : []),
    ];
  },
});
