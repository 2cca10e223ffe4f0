import type { Companion, Point, ProducePiece } from '@rotula/core';
import type { Format } from '../ui/format';
import { say } from '../language/say';
import { box, path, type Place } from './ink';

const SIZE = { screen: { wide: 420, high: 150 }, print: { wide: 152, high: 62 } };
/** Room for the measures. */
const PIECE_LABEL = { screen: 84, print: 64 };
const PIECE_GAP = { screen: 24, print: 12 };
const MOST_SCALE = 3.2;

/** A piece of produce or bread from above and from the side, to one scale, with its measures. */
export function ProduceDrawing({
  good,
  piece,
  format,
  print = false,
}: {
  good: Companion;
  piece: ProducePiece;
  format: Format;
  print?: boolean;
}) {
  const on = print ? 'print' : 'screen';
  const { wide: W, high: H } = SIZE[on];
  const { x, y, w, h } = box(piece.outline);
  const scale = Math.min(
    (W - PIECE_LABEL[on] - PIECE_GAP[on]) / (2 * w),
    (H - 34) / Math.max(h, piece.height),
    MOST_SCALE,
  );
  // A label is as wide as it is, however small the piece.
  const start = Math.max(4, 26 - (w * scale) / 2);
  const at: Place = ([px, py]) =>
    `${(start + (px - x) * scale).toFixed(1)} ${(6 + (h - (py - y)) * scale).toFixed(1)}`;
  const side: readonly Point[] = [
    [0, 0],
    [w, 0],
    [w, piece.height],
    [0, piece.height],
  ];
  const left = start + w * scale + PIECE_GAP[on];
  const floor = 6 + Math.max(h, piece.height) * scale;
  const sideAt: Place = ([px, py]) => `${(left + px * scale).toFixed(1)} ${(floor - py * scale).toFixed(1)}`;
  const fill = print ? '#ffffff' : good.colours[0]!;
  const line = print ? '#000000' : 'var(--color-ink)';
  return (
    <svg
      viewBox={`0 0 ${W} ${floor + 28}`}
      className={print ? 'w-full' : 'w-full max-w-[520px]'}
      role="img"
      aria-label={say`${good.name} as it is cut, to scale`}
      fontFamily="inherit"
      fontSize={15}
      data-produce={good.id}
    >
      <path d={path(piece.outline, at)} fill={fill} stroke={line} strokeWidth="1.8" strokeLinejoin="round" />
      <path d={path(side, sideAt)} fill={fill} stroke={line} strokeWidth="1.8" strokeLinejoin="round" />
      <g fill={line} fontWeight="700">
        <text x={start + (w * scale) / 2} y={floor + 20} textAnchor="middle">
          {format.mm(w)}
        </text>
        <text x={left + w * scale + 8} y={floor - (piece.height * scale) / 2 + 5}>
          {format.mm(piece.height)}
        </text>
      </g>
      {!print && (
        <text x={left + (w * scale) / 2} y={floor + 20} textAnchor="middle" fontSize={14} fill={line}>
          {say`from the side`}
        </text>
      )}
    </svg>
  );
}
