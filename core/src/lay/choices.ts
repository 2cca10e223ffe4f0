import { headsAtBoard, type Brief } from '../brief/index.js';
import type { Ware } from '../counter/index.js';
import { BANDS, boardArea, isBox, TIERS, type Board } from './boards.js';
import { REACH } from './reach.js';
import { PARTS, type PartKey, type Spread } from './parts.js';

/** One of the boards of a way to lay it, and how full it is. */
export interface Part {
  readonly key: PartKey;
  readonly board: Board;
  readonly fullness: number;
}

/** One way to lay it: the boards that differ, and how often the whole of it stands there. */
export interface BoardChoice {
  readonly id: string;
  readonly spread: Spread;
  readonly parts: readonly Part[];
  /** How many alike, each complete. */
  readonly many: number;
  /** Of all parts together. */
  readonly fullness: number;
  readonly fits: boolean;
  /** From the hand to what is furthest from it, mm. */
  readonly reach: number;
  /** It is what the brief asks to be served on. */
  readonly ofTheSurface: boolean;
  readonly misses: number;
}

/**
 * By what a way is known again when the order changes: boards by kind and tiers are chosen anew for what lies on them, and
 * boxes are one a head however many come.
 */
const idOf = (spread: Spread, board: Board, many: number): string =>
  spread === 'together' ? `together ${isBox(board) ? 'each' : many} ${board.id}` : `${spread} ${many}`;

/** From this many standing guests on twin boards, each complete, come first (docs/trade.md `lay/choices TWINS_FROM`). */
const TWINS_FROM = 25;
const MOST_BOARDS = 6;
/** One board and its twin are always weighed. */
const ALWAYS_ASKED = 2;
/** What each costs beside a share of the area missed: one board more, other boards than were asked for, a metre out of reach, kinds apart. House's own figures. */
const ONE_MORE = 0.05;
const NOT_ASKED = 0.3;
const OUT_OF_REACH = 1;
const KINDS_APART = 0.08;
const FULLEST = 1;

const SURFACE_STUFF: Partial<Record<Brief['surface'], Ware['material']>> = {
  wood: 'wood',
  slate: 'slate',
  marble: 'marble',
  metal: 'metal',
  plate: 'ceramic',
  'salt block': 'salt',
};
/** A small board is no longer than this, mm. House's own figure. */
const SMALL = 500;

/** Of the stuff that was asked for; a board of unknown material counts as of it. */
const isOfStuff = (surface: Brief['surface'], board: Board): boolean => {
  const stuff = SURFACE_STUFF[surface];
  return (
    !stuff || board.material === stuff || board.material === 'unknown' || board.thick === 0 || isBox(board)
  );
};

/** Whether these boards are what the brief asks to be served on. */
function isOfTheSurface(
  surface: Brief['surface'],
  spread: Spread,
  boards: readonly Board[],
  many: number,
): boolean {
  // Whose role is a box gets boxes, whatever else is asked.
  if (boards.some(isBox)) return true;
  if (surface === 'tiered stand') return spread === 'tiers';
  if (surface === 'several small boards')
    return many * boards.length > 1 && boards.every(({ length }) => length <= SMALL);
  return boards.every((board) => isOfStuff(surface, board));
}

/** Areas that the things of each part cover by how many stand there, each complete. mm2 a board */
export type Covers = (spread: Spread, many: number) => ReadonlyMap<PartKey, number>;

/** How far hands reach over it, mm. */
const farOf = ({ round, length, width }: Board, sides: number) =>
  (round ? length : width) / (sides === 1 ? 1 : 2);

/** What is asked of the boards, and what is wanted of each way to lay them. */
interface Demand {
  readonly brief: Brief;
  readonly sides: 1 | 2 | 4;
  readonly heads: number;
  /** Guests who walk round like two boards that are alike. */
  readonly twins: boolean;
}

/** Off the fullness that the manner asks for. Fuller than was asked is still laid as long as the fullest manner is; beyond that it crowds. */
function offBand(fullness: number, manner: Brief['manner']): number {
  const [low, high] = BANDS[manner];
  return (
    Math.max(0, low - fullness) +
    Math.max(0, fullness - high) +
    2 * Math.max(0, fullness - Math.max(high, BANDS.lavish[1]))
  );
}

const missOf = ({ board, fullness }: Part, { brief, sides }: Demand): number =>
  offBand(fullness, brief.manner) + (Math.max(0, farOf(board, sides) - REACH) / 1000) * OUT_OF_REACH;

const partOf = (key: PartKey, board: Board, covered: ReadonlyMap<PartKey, number>): Part => ({
  key,
  board,
  fullness: (covered.get(key) ?? 0) / boardArea(board),
});

/** What one board more costs, in the points of a miss: nothing where many were asked for. */
const oneMoreOf = ({ surface }: Brief, spread: Spread, parts: readonly Part[]): number =>
  surface === 'several small boards' || parts.some(({ board }) => isBox(board)) || spread === 'tiers'
    ? 0
    : ONE_MORE;

function choiceOf(spread: Spread, parts: readonly Part[], many: number, asking: Demand): BoardChoice {
  const { brief, sides, twins } = asking;
  const boards = parts.map(({ board }) => board);
  const area = boards.reduce((sum, board) => sum + boardArea(board), 0);
  const ofTheSurface = isOfTheSurface(brief.surface, spread, boards, many);
  return {
    id: idOf(spread, boards[0]!, many),
    spread,
    parts,
    many,
    fullness: parts.reduce((sum, { board, fullness }) => sum + fullness * boardArea(board), 0) / area,
    fits: parts.every(({ fullness }) => fullness <= FULLEST),
    reach: Math.max(...boards.map((board) => farOf(board, sides))),
    ofTheSurface,
    misses:
      parts.reduce((sum, part) => sum + missOf(part, asking), 0) / parts.length +
      oneMoreOf(brief, spread, parts) * (many * parts.length - 1) +
      (ofTheSurface ? 0 : NOT_ASKED) +
      (spread === 'by kind' ? KINDS_APART : 0) +
      (twins && many === 1 ? 1 : 0),
  };
}

const upTo = (most: number) => Array.from({ length: Math.min(most, MOST_BOARDS) }, (_, i) => i + 1);

/** All on boards that are alike: one, or as many as the shop has and are not bare. */
function together(
  boards: readonly Board[],
  covers: Covers,
  asking: Demand,
  chosen: string | null,
): BoardChoice[] {
  const [low] = BANDS[asking.brief.manner];
  const alike = (board: Board, many: number) =>
    choiceOf('together', [partOf('all', board, covers('together', many))], many, asking);
  return boards.flatMap((board) => {
    if (isBox(board)) return [alike(board, Math.max(1, asking.heads))];
    const ways: BoardChoice[] = [];
    for (const many of upTo(board.count)) {
      // Where one board fewer lies bare already, one more is no way to lay it, but for who chose it.
      const isBare = many > ALWAYS_ASKED && ways.at(-1)!.fullness < low / 2;
      if (!isBare || idOf('together', board, many) === chosen) ways.push(alike(board, many));
    }
    return ways;
  });
}

/** For each kind the board that comes nearest to the manner, of those that are left. */
function byKind(boards: readonly Board[], covers: Covers, asking: Demand): BoardChoice[] {
  if (boards.some(isBox) || boards.every(({ thick }) => thick === 0)) return [];
  const covered = covers('by kind', 1);
  if ([...covered.values()].some((area) => area === 0)) return [];
  const { surface } = asking.brief;
  const left = new Map(boards.map((board) => [board.id, board.count]));
  const parts = PARTS['by kind'].flatMap((key) => {
    const [best] = boards
      .filter(({ id }) => left.get(id)! > 0)
      .map((board) => partOf(key, board, covered))
      .sort(
        (a, b) =>
          Number(a.fullness > FULLEST) - Number(b.fullness > FULLEST) ||
          Number(!isOfStuff(surface, a.board)) - Number(!isOfStuff(surface, b.board)) ||
          missOf(a, asking) - missOf(b, asking) ||
          (a.board.id < b.board.id ? -1 : 1),
      );
    if (best) left.set(best.board.id, left.get(best.board.id)! - 1);
    return best ? [best] : [];
  });
  return parts.length === PARTS['by kind'].length ? [choiceOf('by kind', parts, 1, asking)] : [];
}

function tiers(boards: readonly Board[], covers: Covers, asking: Demand): BoardChoice[] {
  if (asking.brief.surface !== 'tiered stand' || boards.some(isBox)) return [];
  return upTo(MOST_BOARDS).map((many) => {
    const covered = covers('tiers', many);
    return choiceOf(
      'tiers',
      PARTS.tiers.map((key, i) => partOf(key, TIERS[i]!, covered)),
      many,
      asking,
    );
  });
}

/**
 * Every way to lay it, the best first: the fullness that the manner asks for on the fewest boards, of the stuff that was
 * asked for, within reach.
 * @param chosen by its id; it is among them though guests went since
 */
export function boardChoices(
  brief: Brief,
  boards: readonly Board[],
  sides: 1 | 2 | 4,
  covers: Covers,
  chosen: string | null = null,
): BoardChoice[] {
  const heads = headsAtBoard(brief);
  const demand: Demand = { brief, sides, heads, twins: brief.table === 'walk around' && heads > TWINS_FROM };
  return [
    ...together(boards, covers, demand, chosen),
    ...byKind(boards, covers, demand),
    ...tiers(boards, covers, demand),
  ].sort(
    (a, b) =>
      Number(b.fits) - Number(a.fits) || a.misses - b.misses || a.many - b.many || (a.id < b.id ? -1 : 1),
  );
}

/** At most this many ways are shown, each with its cost: a shop with hundreds of boards has thousands. */
const MOST_WAYS = 24;

/** The best ways, the best of every spread, and the one that was chosen, wherever it stands. */
export const bestWays = (ways: readonly BoardChoice[], chosen: string | null): BoardChoice[] =>
  ways.filter(
    ({ id, spread }, i) =>
      i < MOST_WAYS || id === chosen || ways.findIndex((way) => way.spread === spread) === i,
  );
