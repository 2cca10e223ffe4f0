import { headsThatEat, type Brief } from '../brief/index.js';
import { waresOn, type Good, type Ware } from '../counter/index.js';
import { rememberedBy } from '../units/index.js';

/** A board as something to lie on; round by its diameter, else length by width. mm. */
export interface Board {
  readonly id: string;
  readonly name: string;
  readonly material: Ware['material'];
  readonly length: number;
  readonly width: number;
  readonly round: boolean;
  readonly rim: number;
  /** How many there are. */
  readonly count: number;
}

export const boardArea = ({ length, width, round }: Board): number =>
  round ? (Math.PI * length * length) / 4 : length * width;

/** Share of the board's area that is covered, by manner (trade, section 14). */
export const BANDS: Record<Brief['manner'], readonly [low: number, high: number]> = {
  plain: [0.55, 0.65],
  usual: [0.7, 0.8],
  lavish: [0.88, 0.95],
};

/** Boxes for one person (trade, section 11); the house's own measures. */
const boxOf = (id: string, length: number, width: number): Board => ({
  id,
  name: id,
  material: 'other',
  length,
  width,
  round: false,
  rim: 40,
  count: 500,
});
const BOXES = [boxOf('small box', 200, 140), boxOf('box', 240, 170), boxOf('large box', 300, 210)];
const isBox = ({ id }: Board): boolean => BOXES.some((box) => box.id === id);
/** A table whose size nobody told. */
const TABLE = { length: 1200, width: 600 };

function boardOf(ware: Ware): Board[] {
  const { diameter, length, width, rim, material, id, name } = ware;
  const count = ware.lots.reduce((sum, { pieces }) => sum + pieces, 0);
  if (count === 0) return [];
  if (diameter)
    return [{ id, name, material, length: diameter, width: diameter, round: true, rim: rim ?? 0, count }];
  return length && width ? [{ id, name, material, length, width, round: false, rim: rim ?? 0, count }] : [];
}

const shopBoards = rememberedBy((counter: readonly Good[]) =>
  waresOn(counter).flatMap((ware) => (ware.use === 'board' ? boardOf(ware) : [])),
);

/** What an order may be laid on: boxes, a bare table, or the boards of customer and shop. */
export function boardsFor(brief: Brief, counter: readonly Good[]): Board[] {
  if (brief.surface === 'boxes' || brief.role === 'box') return BOXES;
  if (brief.surface === 'bare table') {
    const { length, width } = brief.tableSize ?? TABLE;
    return [{ id: 'table', name: 'table', material: 'other', length, width, round: false, rim: 0, count: 1 }];
  }
  const own = brief.wares.flatMap(({ name, use, count, length, width, diameter }, i): Board[] => {
    if (use !== 'board' || !(diameter || (length && width))) return [];
    return [
      {
        id: `own-${i}`,
        name,
        material: 'unknown',
        length: diameter ?? length!,
        width: diameter ?? width!,
        round: Boolean(diameter),
        rim: 0,
        count,
      },
    ];
  });
  return [...own, ...shopBoards(counter)];
}

/** One way to lay it: so many boards of a kind, each complete, and how full they are. */
export interface BoardChoice {
  readonly board: Board;
  readonly many: number;
  readonly fullness: number;
  /** Twice as full as it may be, or more: it does not fit. */
  readonly fits: boolean;
  readonly misses: number;
}

/** From so many standing guests on twin boards, each complete, come first (trade, section 7). */
const TWINS_FROM = 25;
const MOST_BOARDS = 6;
/** What each board more costs beside a share of the area missed, and one of another stuff than was asked for. House's own figures. */
const ONE_MORE = 0.05;
const OTHER_STUFF = 0.3;
const FULLEST = 1;

const SURFACE_STUFF: Partial<Record<Brief['surface'], Ware['material']>> = {
  wood: 'wood',
  slate: 'slate',
  marble: 'marble',
  metal: 'metal',
};

/**
 * Every way to lay it, the best first: the fullness that the manner asks for on the fewest boards, of the stuff that was asked for.
 * @param covered what all things cover when each of so many boards holds its share, mm2 a board
 */
export function boardChoices(
  brief: Brief,
  boards: readonly Board[],
  covered: (many: number) => number,
): BoardChoice[] {
  const [low, high] = BANDS[brief.manner];
  const heads = headsThatEat(brief);
  const twins = brief.table === 'walk around' && heads > TWINS_FROM;
  const stuff = SURFACE_STUFF[brief.surface];
  const many = (board: Board) =>
    isBox(board)
      ? [Math.max(1, heads)]
      : Array.from({ length: Math.min(board.count, MOST_BOARDS) }, (_, i) => i + 1);
  return boards
    .flatMap((board) =>
      many(board).map((n): BoardChoice => {
        const fullness = covered(n) / boardArea(board);
        const off = fullness < low ? low - fullness : fullness > high ? 2 * (fullness - high) : 0;
        const misses =
          off +
          ONE_MORE * (isBox(board) ? 0 : n - 1) +
          (stuff && board.material !== stuff && !isBox(board) && board.id !== 'table' ? OTHER_STUFF : 0) +
          (twins && n === 1 ? 1 : 0);
        return { board, many: n, fullness, fits: fullness <= FULLEST, misses };
      }),
    )
    .sort(
      (a, b) =>
        Number(b.fits) - Number(a.fits) ||
        a.misses - b.misses ||
        a.many - b.many ||
        (a.board.id < b.board.id ? -1 : 1),
    );
}
