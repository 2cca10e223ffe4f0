import type { Cut, Main, Point } from '@rotula/core';
import { box, inkOf, path, type Place } from './ink';

/** One piece as it lies, standing up from the board, at a scale that fits. */
export function PieceDrawing({ main, cut, print = false }: { main: Main; cut: Cut; print?: boolean }) {
  const ink = inkOf(main, print);
  if (cut.look === 'pearl')
    return (
      <svg viewBox="0 0 200 110" className="w-full max-w-[220px]" aria-hidden>
        <circle cx="100" cy="56" r="46" fill={ink.fill} stroke={ink.line} strokeWidth="1.8" />
        <path d="M72 46q8-20 28-22" fill="none" stroke={ink.line} strokeWidth="1.4" strokeLinecap="round" />
      </svg>
    );
  const { x, y, w, h } = box(cut.outline);
  const lift: Point = [0.18 * cut.height, 0.62 * cut.height];
  const scale = Math.min(3.4, 190 / (w + lift[0]), 96 / (h * 0.6 + lift[1]));
  // What is farther off is drawn first.
  const sides = cut.outline
    .map((p, i): [Point, Point] => [p, cut.outline[(i + 1) % cut.outline.length]!])
    .sort(([a, b], [c, d]) => c[1] + d[1] - a[1] - b[1]);
  // Looked at from the front: the plan is foreshortened, the height stands up.
  const at =
    (up: number): Place =>
    ([px, py]) =>
      `${(4 + (px - x + lift[0] * up) * scale).toFixed(1)} ${(104 - ((py - y) * 0.6 + lift[1] * up) * scale).toFixed(1)}`;
  return (
    <svg viewBox="0 0 200 110" className="w-full max-w-[220px]" aria-hidden strokeLinejoin="round">
      <path d={path(cut.outline, at(0))} fill={ink.fill} stroke={ink.line} strokeWidth="1.8" />
      <g style={{ filter: print ? undefined : 'brightness(.84)' }}>
        {sides.map(([p, q], i) => {
          const round = cut.outline.length > 12;
          return (
            <path
              key={i}
              d={`M${at(0)(p)}L${at(0)(q)}L${at(1)(q)}L${at(1)(p)}Z`}
              fill={ink.fill}
              stroke={round ? ink.fill : ink.line}
              strokeWidth="1.2"
            />
          );
        })}
      </g>
      <path d={path(cut.outline, at(1))} fill={ink.fill} stroke={ink.line} strokeWidth="1.8" />
    </svg>
  );
}
