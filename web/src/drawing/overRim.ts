import { boundsOf, type Board, type Layout, type Thing } from '@rotula/core';

/** How far what lies on a board stands over its rim at the most: handles of knives do. mm, 0 where nothing does. */
export function overRim(board: Board, layout: Layout, things: readonly Thing[]): number {
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const outlines = new Map(things.map((thing) => [thing.id, thing]));
  const over = layout.placed.map(({ id, x, y, turn }) => {
    const thing = outlines.get(id);
    if (thing?.traits.kind !== 'tool') return 0;
    const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
    const { min, max } = boundsOf(
      thing.outline.map(([px, py]) => [x + px * cos - py * sin, y + px * sin + py * cos] as const),
    );
    return Math.max(max[0] - w / 2, -w / 2 - min[0], max[1] - d / 2, -d / 2 - min[1]);
  });
  return Math.max(0, ...over);
}
