import { boardEatersOf, type Brief } from '../../brief/index.js';
import { isCompanion, type Companion } from '../../counter/index.js';
import {
  BANDS,
  bellsFor,
  boardChoices,
  boardArea,
  boardsFor,
  fillOf,
  LAY_STEPS,
  thingsOf,
  Vessels,
  type Bell,
  type BoardChoice,
  type Fill,
  type LayQuestion,
  type Thing,
} from '../../lay/index.js';
import { pathOf } from '../../walk/index.js';
import { NONE, reason, remembered, type Grams, type Money, type Reason } from '../../units/index.js';
import { stage } from './row.js';

declare module './row.js' {
  interface Parts {
    lay: LayPart;
  }
}

declare module '../../units/reason.js' {
  interface Rules {
    'too much for the board': { board: string; full: number };
    'board looks bare': {
      board: string;
      full: number;
      low: number;
      filler: string;
      grams: Grams;
      price: Money;
    };
    'bread apart': NoFigures;
    'no board': { things: number };
  }
}

/** What lies on the boards, and which boards; where it lies is found by a search. */
export interface LayPart {
  readonly boards: {
    /** Every way to lay it, the best first, and the one that is taken. */
    readonly choices: readonly BoardChoice[];
    readonly choice: BoardChoice | null;
    /** What lies on each of the boards that are alike. */
    readonly things: readonly Thing[];
    /** Bread and crackers that stand at a station of their own. */
    readonly apart: readonly Companion[];
    readonly fill: Fill | null;
    /** Over what smells, where something delicate lies on the same board. */
    readonly bells: readonly Bell[];
    /** What the search is asked; null: there is no board, or nothing on it. */
    readonly question: LayQuestion | null;
  };
}

/** From so many guests on bread has a station of its own: it stays dry, and the board is less crowded (trade, section 7). */
const BREAD_APART_FROM = 16;
/** Each good lies edge to edge with so many of what Pair chose for it, the best first (trade, section 14). */
const BESIDE_EACH = 2;
const isBread = ({ role }: Companion): boolean => role === 'bread' || role === 'cracker';

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

export const layStage = stage({
  id: 'lay',
  place: 7,
  reads: ['brief', 'pick', 'pair', 'portion', 'cut', 'walk'],
  fields: ['lay'],
  tidy: (order, left) => ({
    ...order,
    lay: {
      ...order.lay,
      pins: Object.fromEntries(Object.entries(order.lay.pins).filter(([id]) => !left.has(id))),
    },
  }),
  derive: ({ order, counter }, parts): LayPart => {
    const { brief } = parts.brief;
    const { mains } = parts.pick;
    const { cuts } = parts.cut;
    const { portions, waves } = parts.portion;
    const { walk, desserts } = parts.walk;
    const { pairs } = parts.pair;
    const all = portions.companions.flatMap(({ good, net }) =>
      isCompanion(good) ? [{ good, net: net * waves.first }] : [],
    );
    const boxed = brief.surface === 'boxes' || brief.role === 'box';
    const breadApart =
      order.lay.bread === null ? boardEatersOf(brief) >= BREAD_APART_FROM : order.lay.bread === 'apart';
    const apart =
      breadApart && brief.surface !== 'boxes' && brief.role !== 'box'
        ? all.filter(({ good }) => isBread(good))
        : [];
    const beside = all.filter((entry) => !apart.includes(entry));
    const steps = new Map(walk.steps.map(({ main, number }) => [main.id, number]));
    const company = new Map(
      [...pairs.byGood].map(([id, slots]) => [
        id,
        slots
          .flatMap(({ match }) =>
            match && match.score > 0 && match.beside.kind === 'companion' && !isBread(match.beside)
              ? [match]
              : [],
          )
          .sort((a, b) => b.score - a.score)
          .slice(0, BESIDE_EACH)
          .map(({ beside: best }) => best.id),
      ]),
    );
    const thingsFor = remembered((boards: number) =>
      thingsOf({
        mains: mains.map((main, i) => ({
          main,
          cut: cuts[i]!,
          step: steps.get(main.id) ?? 0,
          share: waves.first,
        })),
        beside,
        pairs: company,
        brief,
        vessels: new Vessels(counter, boards),
        boards,
      }),
    );
    const covers = (boards: number) => thingsFor(boards).reduce((sum, { area }) => sum + area, 0);
    const choices = mains.length === 0 ? [] : boardChoices(brief, boardsFor(brief, counter), covers);
    const asked = choices.find(
      ({ board, many }) => board.id === order.lay.board && (order.lay.many ?? many) === many,
    );
    const choice = asked ?? choices[0] ?? null;
    const things = choice ? thingsFor(choice.many) : [];
    return {
      boards: {
        choices,
        choice,
        things,
        apart: apart.map(({ good }) => good),
        bells: bellsFor(things, counter, choice?.many),
        fill: choice
          ? fillOf(
              brief,
              choice,
              things,
              beside.map(({ good }) => good),
            )
          : null,
        question:
          choice && things.length > 0
            ? {
                things,
                board: choice.board,
                carried: brief.travelMinutes > 0,
                sides: sidesOf(brief),
                // In a box nobody walks.
                towards: boxed
                  ? {}
                  : Object.fromEntries(
                      pathOf(walk, desserts).map(({ goodId, degrees }) => [goodId, degrees]),
                    ),
                pins: order.lay.pins,
                seed: order.lay.seed,
                steps: LAY_STEPS,
              }
            : null,
      },
    };
  },
  advise: ({ brief: { brief }, lay: { boards }, pick: { mains } }): Reason[] => {
    const { choice, fill, apart } = boards;
    if (mains.length === 0) return [];
    if (!choice) return [reason('no board', { things: mains.length })];
    const full = Math.round(100 * choice.fullness);
    const low = Math.round(100 * BANDS[brief.manner][0]);
    return [
      ...(choice.fits ? [] : [reason('too much for the board', { board: choice.board.name, full })]),
      ...(fill?.filler && boardArea(choice.board) > 0 && choice.board.id !== 'table'
        ? [
            reason('board looks bare', {
              board: choice.board.name,
              full,
              low,
              filler: fill.filler.good.name,
              grams: fill.filler.grams,
              price: fill.filler.price,
            }),
          ]
        : []),
      ...(apart.length > 0 ? [reason('bread apart', NONE)] : []),
    ];
  },
  summary: ({ lay }) => ({
    goods: Object.keys(lay.pins),
    words: [...(lay.board ? [lay.board] : []), ...(lay.bread ? [lay.bread] : [])],
  }),
});
