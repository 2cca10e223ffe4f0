import {
  DISH_RIM,
  movedOutline,
  widened,
  type Patch,
  type Point,
  type Polygon,
  type Thing,
} from '@rotula/core';
import { memo } from 'react';

interface At {
  readonly thing: Thing;
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  readonly print: boolean;
}

const outlinePath = (outline: Polygon): string =>
  `M${outline.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;

/** A shadow falls to the lower right, the longer the higher a thing stands. */
const shadowOf = (height: number): number => Math.min(10, 1 + height / 8);

export function WholeDrawing({ thing, outline, print }: { thing: Thing; outline: Polygon; print: boolean }) {
  const s = shadowOf(thing.height);
  return (
    <>
      {!print && (
        <path d={outlinePath(outline)} transform={`translate(${s} ${s})`} fill="#2a2520" opacity={0.28} />
      )}
      <path
        d={outlinePath(outline)}
        fill={print ? '#ffffff' : thing.colours[0]}
        stroke={print ? '#000000' : (thing.colours[1] ?? '#7d6747')}
        strokeWidth={print ? 1.5 : 5}
        strokeLinejoin="round"
      />
      {!print && (
        <path d={outlinePath(outline)} fill="none" stroke="#ffffff" strokeWidth={1.5} opacity={0.4} />
      )}
    </>
  );
}

/** Pieces lean over the edge of their patch by this share of their own reach. */
const LEANS = 0.5;
/** A line round all pieces of a patch. */
export function roundPieces({ outline }: Patch, thing: Thing): Polygon {
  const middle = (of: 0 | 1) => outline.reduce((sum, point) => sum + point[of], 0) / outline.length;
  const [cx, cy] = [middle(0), middle(1)];
  const reach = Math.max(...thing.outline.map(([x, y]) => Math.hypot(x, y)));
  return widened(
    outline.map(([x, y]): Point => [x - cx, y - cy]),
    LEANS * reach,
  ).map(([x, y]): Point => [x + cx, y + cy]);
}

/** The strip that stands round what is divided, and the paper that it is set on. */
export function DividerDrawing({
  id,
  outline,
  print,
}: {
  id: string;
  outline: readonly Point[];
  print: boolean;
}) {
  return (
    <path
      data-divided={id}
      d={outlinePath(outline)}
      fill={print ? 'none' : '#f3ead6'}
      stroke={print ? '#000000' : '#6b4f2f'}
      strokeWidth={print ? 2 : 6}
      strokeDasharray={print ? '6 3' : undefined}
      strokeLinejoin="round"
    />
  );
}

/** A bell of glass over what stands under it: as it is, or as its heap. */
export function BellDrawing({ thing, x, y, turn, print }: At) {
  const bare = thing.bare!;
  const r = Math.max(...thing.outline.map(([px, py]) => Math.hypot(px, py)));
  const heap = Math.sqrt(bare.area / Math.PI);
  return (
    <g data-under-bell={thing.id}>
      {bare.lies === 'whole' ? (
        <WholeDrawing thing={bare} outline={movedOutline(bare.outline, x, y, turn)} print={print} />
      ) : (
        <circle
          cx={x}
          cy={y}
          r={heap}
          fill={print ? '#e8e8e8' : bare.colours[0]}
          stroke={print ? '#000000' : (bare.colours[1] ?? '#7d6747')}
          strokeWidth={1.5}
        />
      )}
      <circle
        cx={x}
        cy={y}
        r={r}
        fill={print ? 'none' : '#e9f1f2'}
        fillOpacity={0.38}
        stroke={print ? '#000000' : '#9fb2b6'}
        strokeWidth={2.5}
      />
      {!print && (
        <path
          d={`M${x - 0.72 * r} ${y - 0.2 * r}a${0.75 * r} ${0.75 * r} 0 0 1 ${0.55 * r} ${-0.5 * r}`}
          fill="none"
          stroke="#ffffff"
          strokeWidth={5}
          strokeLinecap="round"
          opacity={0.75}
        />
      )}
      <circle
        cx={x}
        cy={y}
        r={0.13 * r}
        fill={print ? '#ffffff' : '#c9d6d8'}
        stroke={print ? '#000000' : '#8fa3a7'}
        strokeWidth={1.5}
      />
    </g>
  );
}

/** What comes hot in its dish; until it comes, its place. */
export function DishDrawing({ thing, x, y, turn, print, waits }: At & { waits: boolean }) {
  const dish = outlinePath(movedOutline(thing.outline, x, y, turn));
  const s = shadowOf(thing.height);
  if (waits)
    return (
      <path
        d={dish}
        fill="none"
        stroke={print ? '#000000' : '#7d6747'}
        strokeWidth={2}
        strokeDasharray="6 5"
        data-waits={thing.id}
      />
    );
  return (
    <>
      {!print && <path d={dish} transform={`translate(${s} ${s})`} fill="#2a2520" opacity={0.28} />}
      <path
        d={dish}
        fill={print ? '#ffffff' : '#c8744e'}
        stroke={print ? '#000000' : '#8d4a2e'}
        strokeWidth={print ? 1.5 : 2}
      />
      <path
        d={outlinePath(movedOutline(widened(thing.outline, -DISH_RIM), x, y, turn))}
        fill={print ? '#e8e8e8' : thing.colours[0]}
        stroke={print ? '#000000' : '#c99a4b'}
        strokeWidth={print ? 1 : 3}
      />
    </>
  );
}

export function VesselDrawing({ thing, x, y, print }: At) {
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

/** Loose things, piece by piece (hundreds of them: drawn again only when they change); half of them once they are eaten, only their outline where they come last. */
export const PatchDrawing = memo(function PatchDrawing({
  thing,
  patch,
  print,
  eaten,
  empty,
}: {
  thing: Thing;
  patch: Patch;
  print: boolean;
  eaten: boolean;
  empty: boolean;
}) {
  if (patch.outline.length === 0) return null;
  if (print || empty)
    return (
      <path
        d={outlinePath(patch.outline)}
        fill={print ? '#f2f2f2' : '#ffffff44'}
        stroke="#2a2520"
        strokeWidth={print ? 1.2 : 2}
        strokeDasharray="6 4"
      />
    );
  const s = shadowOf(thing.height) * 0.6;
  // Pieces of one colour are parted by a dark edge.
  const [edge, seen] = thing.colours[1] ? [thing.colours[1], 1] : ['#2a2520', 0.38];
  return (
    <>
      <path d={outlinePath(patch.outline)} fill="#2a2520" opacity={0.08} />
      {patch.pieces.map((piece, i) => {
        if (eaten && i % 2 === 1) return null;
        const outline = movedOutline(thing.outline, piece.x, piece.y, piece.turn);
        return (
          <g key={i}>
            <path d={outlinePath(outline)} transform={`translate(${s} ${s})`} fill="#2a2520" opacity={0.22} />
            <path
              d={outlinePath(outline)}
              fill={thing.colours[i % thing.colours.length]}
              stroke={edge}
              strokeOpacity={seen}
              strokeWidth={0.9}
              strokeLinejoin="round"
            />
          </g>
        );
      })}
    </>
  );
});

/** A knife: its blade points up from its middle, its handle down. */
export function ToolDrawing({ x, y, turn, print }: At) {
  const ink = print ? '#000000' : '#5d6367';
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      {!print && <rect x={-7} y={-96} width={18} height={198} rx={8} fill="#2a2520" opacity={0.22} />}
      <path
        d="M-7 4V-78Q-7 -98 6 -98Q10 -60 7 4Z"
        fill={print ? '#ffffff' : '#ccd2d5'}
        stroke={ink}
        strokeWidth={1.5}
      />
      <rect
        x={-8}
        y={4}
        width={16}
        height={94}
        rx={7}
        fill={print ? '#ffffff' : '#6d4a2c'}
        stroke={print ? '#000000' : '#3d2916'}
        strokeWidth={1.5}
      />
    </g>
  );
}

/** A bunch of sprigs, or a pinch of petals, fanned from one foot. */
export function GarnishDrawing({ thing, x, y, turn, print }: At) {
  const r = Math.max(...thing.outline.map(([px]) => px));
  const fill = print ? '#ffffff' : thing.colours[0]!;
  const line = print ? '#000000' : (thing.colours[1] ?? '#2f4a26');
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      {Array.from({ length: Math.max(1, thing.pieces) }, (_, sprig) => (
        <g key={sprig} transform={`rotate(${(sprig - (thing.pieces - 1) / 2) * 22} ${-r} 0)`}>
          <path d={`M${-r} 0H${r}`} stroke={line} strokeWidth={1.6} />
          {[-0.6, -0.3, 0, 0.3, 0.6, 0.85].map((at) => (
            <g key={at} fill={fill} stroke={line} strokeWidth={0.6}>
              <ellipse cx={at * r} cy={-r / 7} rx={r / 6} ry={r / 14} transform={`rotate(-38 ${at * r} 0)`} />
              <ellipse cx={at * r} cy={r / 7} rx={r / 6} ry={r / 14} transform={`rotate(38 ${at * r} 0)`} />
            </g>
          ))}
        </g>
      ))}
    </g>
  );
}
