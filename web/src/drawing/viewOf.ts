import { boundsOf, type Board, type Layout, type Point, type Thing } from '@rotula/core';

/** Air round a board for its shadow, and beyond what stands over the rim. mm */
const ROOM = 16;
const EDGE = 6;

/** What of a board is shown, as the view box of a drawing in mm: the board, and on each side what stands over its rim there; handles of knives do. */
export function viewOf(board: Board, layout: Layout, things: readonly Thing[]): string {
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const tools = new Map(
    things.filter(({ traits }) => traits.kind === 'tool').map((thing) => [thing.id, thing]),
  );
  const standing = layout.placed.flatMap(({ id, x, y, turn }) => {
    const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
    return (tools.get(id)?.outline ?? []).map(([px, py]): Point => [
      x + px * cos - py * sin,
      y + px * sin + py * cos,
    ]);
  });
  const rim: readonly Point[] = [
    [-w / 2, -d / 2],
    [w / 2, d / 2],
  ];
  const [{ min, max }, all] = [boundsOf(rim), boundsOf([...rim, ...standing])];
  const before = ([0, 1] as const).map((k) => Math.max(ROOM, min[k] - all.min[k] + EDGE));
  const after = ([0, 1] as const).map((k) => Math.max(ROOM, all.max[k] - max[k] + EDGE));
  return [
    -w / 2 - before[0]!,
    -d / 2 - before[1]!,
    w + before[0]! + after[0]!,
    d + before[1]! + after[1]!,
  ].join(' ');
}
