import { movedOutline, type Board, type Layout, type Point, type Thing } from '@rotula/core';
import type { ReactNode } from 'react';
import {
  BellDrawing,
  DishDrawing,
  DividerDrawing,
  roundPieces,
  GarnishDrawing,
  PatchDrawing,
  ToolDrawing,
  VesselDrawing,
  WholeDrawing,
} from './boardThings';

const STUFF: Readonly<Record<string, readonly [fill: string, line: string]>> = {
  wood: ['#d2b183', '#a8824f'],
  slate: ['#4a5257', '#30373b'],
  marble: ['#ece9e4', '#bdb7ae'],
  metal: ['#c9ced1', '#8f979b'],
  ceramic: ['#f4f0e8', '#b9b09f'],
  salt: ['#f3d9d0', '#c7a094'],
};
const USUAL_STUFF: readonly [string, string] = ['#d9c19a', '#a98c60'];

/** An edge and a grain that any colour of wood or stone takes. */
const DARKER = '#2b1d1088';

function stuffOf({ material, colour }: Board, print: boolean): readonly [fill: string, line: string] {
  if (print) return ['#ffffff', '#000000'];
  return colour ? [colour, DARKER] : (STUFF[material] ?? USUAL_STUFF);
}

/** The board from above, to scale in mm: the guest stands below. */
export function BoardDrawing({
  board,
  layout,
  things,
  print = false,
  eaten = false,
  late = false,
  bare = false,
  children,
  wrap = (_, drawn) => drawn,
}: {
  board: Board;
  layout: Layout;
  things: readonly Thing[];
  print?: boolean;
  /** Half of it is gone. */
  eaten?: boolean;
  /** What comes last is outlined, not drawn: its room is kept. */
  late?: boolean;
  /** Without the board itself. */
  bare?: boolean;
  /** Drawn over it. */
  children?: ReactNode;
  /** What a thing is put in, so that hands can take it. */
  wrap?: (thing: Thing, drawn: ReactNode) => ReactNode;
}) {
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const [fill, line] = stuffOf(board, print);
  const patches = new Map(layout.patches.map((patch) => [patch.id, patch]));
  const places = new Map(layout.placed.map((place) => [place.id, place]));
  // What is low is drawn first, so that what stands up lies over it.
  const sorted = [...things].filter(({ id }) => places.has(id)).sort((a, b) => a.height - b.height);
  return (
    <>
      {bare ? null : board.round ? (
        <circle r={w / 2} fill={fill} stroke={line} strokeWidth={3} />
      ) : (
        <rect x={-w / 2} y={-d / 2} width={w} height={d} rx={14} fill={fill} stroke={line} strokeWidth={3} />
      )}
      {board.material === 'wood' && !print && !bare && <Grain w={w} d={d} line={line} round={board.round} />}
      {sorted.map((thing) => {
        const { x, y, turn } = places.get(thing.id)!;
        const patch = patches.get(thing.id);
        const at = { thing, x, y, turn, print };
        const within = thing.divided ?? thing;
        const drawn = patch ? (
          <PatchDrawing
            thing={thing}
            patch={patch}
            print={print}
            eaten={eaten}
            empty={late && thing.traits.late}
          />
        ) : thing.traits.kind === 'tool' ? (
          <ToolDrawing {...at} />
        ) : thing.traits.kind === 'garnish' ? (
          <GarnishDrawing {...at} />
        ) : thing.lies === 'vessel' ? (
          <VesselDrawing {...at} />
        ) : thing.bare ? (
          <BellDrawing {...at} />
        ) : thing.traits.hot ? (
          <DishDrawing {...at} waits={late} />
        ) : (
          <WholeDrawing
            thing={thing}
            outline={movedOutline(eaten ? halved(within.outline) : within.outline, x, y, turn)}
            print={print}
          />
        );
        const walled = thing.divided && (
          <DividerDrawing
            id={thing.id}
            outline={patch ? roundPieces(patch, thing) : movedOutline(thing.outline, x, y, turn)}
            print={print}
          />
        );
        return (
          <g key={thing.id}>
            {walled}
            {wrap(thing, drawn)}
          </g>
        );
      })}
      {children}
    </>
  );
}

function Grain({ w, d, line, round }: { w: number; d: number; line: string; round: boolean }) {
  const rows = Math.floor(d / 46);
  return (
    <g stroke={line} strokeWidth={1.2} opacity={0.28} fill="none">
      {Array.from({ length: rows }, (_, i) => {
        const y = -d / 2 + (i + 0.6) * (d / rows);
        const half = round ? Math.sqrt(Math.max(0, (w / 2 - 10) ** 2 - y * y)) : w / 2 - 12;
        return <path key={i} d={`M${-half} ${y}q${half / 2} ${i % 2 ? 9 : -7} ${half} 0t${half} 0`} />;
      })}
    </g>
  );
}

/** What is left of a whole piece once half of it is eaten. */
const halved = (outline: Thing['outline']): Thing['outline'] =>
  outline.map(([x, y]): Point => [Math.min(x, 0), y]);

/** The middle of a patch or of a thing, where its number stands. */
export const middleOf = (layout: Layout, id: string): Point => {
  const patch = layout.patches.find((one) => one.id === id);
  const place = layout.placed.find((one) => one.id === id)!;
  if (!patch || patch.pieces.length === 0) return [place.x, place.y];
  const sum = patch.pieces.reduce(([x, y], piece) => [x + piece.x, y + piece.y] as const, [0, 0] as readonly [
    number,
    number,
  ]);
  const mean: Point = [sum[0] / patch.pieces.length, sum[1] / patch.pieces.length];
  // On the piece nearest to the middle, so that it never stands beside a bent patch.
  const near = [...patch.pieces].sort(
    (a, b) => Math.hypot(a.x - mean[0], a.y - mean[1]) - Math.hypot(b.x - mean[0], b.y - mean[1]),
  )[0]!;
  return [near.x, near.y];
};
