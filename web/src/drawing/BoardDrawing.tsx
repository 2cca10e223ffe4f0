import {
  movedOutline,
  type Board,
  type Layout,
  type Patch,
  type Point,
  type Polygon,
  type Thing,
} from '@rotula/core';
import type { ReactNode } from 'react';

const STUFF: Readonly<Record<string, readonly [fill: string, line: string]>> = {
  wood: ['#d2b183', '#a8824f'],
  slate: ['#4a5257', '#30373b'],
  marble: ['#ece9e4', '#bdb7ae'],
  metal: ['#c9ced1', '#8f979b'],
  ceramic: ['#f4f0e8', '#b9b09f'],
  salt: ['#f3d9d0', '#c7a094'],
};
const USUAL_STUFF: readonly [string, string] = ['#d9c19a', '#a98c60'];

const path = (outline: Polygon): string =>
  `M${outline.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;

/** A shadow falls to the lower right, the longer the higher a thing stands. */
const shadowOf = (height: number): number => Math.min(10, 1 + height / 8);

/** The board from above, to scale in mm: the guest stands below. */
export function BoardDrawing({
  board,
  layout,
  things,
  print = false,
  children,
  wrap = (_, drawn) => drawn,
}: {
  board: Board;
  layout: Layout;
  things: readonly Thing[];
  print?: boolean;
  /** Drawn over it. */
  children?: ReactNode;
  /** What a thing is put in, so that hands can take it. */
  wrap?: (thing: Thing, drawn: ReactNode) => ReactNode;
}) {
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const [fill, line] = print ? (['#ffffff', '#000000'] as const) : (STUFF[board.material] ?? USUAL_STUFF);
  const patches = new Map(layout.patches.map((patch) => [patch.id, patch]));
  const places = new Map(layout.placed.map((place) => [place.id, place]));
  // What is low is drawn first, so that what stands up lies over it.
  const sorted = [...things].filter(({ id }) => places.has(id)).sort((a, b) => a.height - b.height);
  return (
    <>
      {board.round ? (
        <circle r={w / 2} fill={fill} stroke={line} strokeWidth={3} />
      ) : (
        <rect x={-w / 2} y={-d / 2} width={w} height={d} rx={14} fill={fill} stroke={line} strokeWidth={3} />
      )}
      {board.material === 'wood' && !print && <Grain w={w} d={d} line={line} round={board.round} />}
      {sorted.map((thing) => {
        const { x, y, turn } = places.get(thing.id)!;
        const patch = patches.get(thing.id);
        const drawn = patch ? (
          <PatchDrawing thing={thing} patch={patch} print={print} />
        ) : thing.lies === 'vessel' ? (
          <VesselDrawing thing={thing} x={x} y={y} print={print} />
        ) : (
          <WholeDrawing thing={thing} outline={movedOutline(thing.outline, x, y, turn)} print={print} />
        );
        return <g key={thing.id}>{wrap(thing, drawn)}</g>;
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

function WholeDrawing({ thing, outline, print }: { thing: Thing; outline: Polygon; print: boolean }) {
  const s = shadowOf(thing.height);
  return (
    <>
      {!print && <path d={path(outline)} transform={`translate(${s} ${s})`} fill="#2a2520" opacity={0.28} />}
      <path
        d={path(outline)}
        fill={print ? '#ffffff' : thing.colours[0]}
        stroke={print ? '#000000' : (thing.colours[1] ?? '#7d6747')}
        strokeWidth={print ? 1.5 : 5}
        strokeLinejoin="round"
      />
      {!print && <path d={path(outline)} fill="none" stroke="#ffffff" strokeWidth={1.5} opacity={0.4} />}
    </>
  );
}

function VesselDrawing({ thing, x, y, print }: { thing: Thing; x: number; y: number; print: boolean }) {
  const r = Math.max(...thing.outline.map(([px, py]) => Math.hypot(px, py)));
  const s = shadowOf(thing.height);
  return (
    <g transform={`translate(${x} ${y})`}>
      {!print && <circle cx={s} cy={s} r={r} fill="#2a2520" opacity={0.3} />}
      <circle
        r={r}
        fill={print ? '#ffffff' : '#f6f2ea'}
        stroke={print ? '#000000' : '#a79c8a'}
        strokeWidth={print ? 1.5 : 2}
      />
      <circle
        r={r * 0.8}
        fill={print ? '#e8e8e8' : thing.colours[0]}
        stroke={print ? '#000000' : '#00000022'}
        strokeWidth={1}
      />
      {!print && (
        <ellipse cx={-r * 0.25} cy={-r * 0.3} rx={r * 0.28} ry={r * 0.14} fill="#ffffff" opacity={0.35} />
      )}
    </g>
  );
}

function PatchDrawing({ thing, patch, print }: { thing: Thing; patch: Patch; print: boolean }) {
  if (patch.outline.length === 0) return null;
  if (print)
    return (
      <path d={path(patch.outline)} fill="#f2f2f2" stroke="#000000" strokeWidth={1.2} strokeDasharray="4 3" />
    );
  const s = shadowOf(thing.height) * 0.6;
  const dark = thing.colours[1] ?? thing.colours[0]!;
  return (
    <>
      <path d={path(patch.outline)} fill={thing.colours[0]} opacity={0.3} />
      {patch.pieces.map((piece, i) => {
        const outline = movedOutline(thing.outline, piece.x, piece.y, piece.turn);
        return (
          <g key={i}>
            <path d={path(outline)} transform={`translate(${s} ${s})`} fill="#2a2520" opacity={0.22} />
            <path
              d={path(outline)}
              fill={thing.colours[i % thing.colours.length]}
              stroke={dark}
              strokeWidth={0.9}
              strokeLinejoin="round"
            />
          </g>
        );
      })}
    </>
  );
}

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
