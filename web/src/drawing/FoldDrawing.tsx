import type { Cut, Main } from '@rotula/core';
import type { Format } from '../ui/format';
import { say } from '../language/say';
import { CutPicture } from './CutPicture';

/** A slice as the slicer gives it, to scale, halved where it is too long, and what one grab of it is once it is folded. */
export function FoldDrawing({
  main,
  cut,
  format,
  print = false,
}: {
  main: Main;
  cut: Cut;
  format: Format;
  print?: boolean;
}) {
  const fold = cut.fold;
  if (!fold) return null;
  const fill = print ? '#ffffff' : main.colours[0]!;
  const line = print ? '#000000' : 'var(--color-ink)';
  const across = fold.across;
  const r = Math.max(24, Math.min(84, across * 0.62));
  const grab = Math.min(0.62 * 1.6, 150 / Math.max(fold.length, fold.width));
  return (
    <div className="flex flex-wrap items-center gap-6">
      {fold.sliceMm !== null && (
        <svg
          viewBox="0 0 272 222"
          className="w-[272px] max-w-full"
          role="img"
          aria-label={say`A slice of ${main.name}, to scale`}
          fontSize={15}
        >
          <ellipse cx="100" cy="100" rx={r} ry={r} fill={fill} stroke={line} strokeWidth="1.8" />
          {main.colours[1] && !print && (
            <circle
              cx="100"
              cy="100"
              r={r * 0.86}
              fill="none"
              stroke={main.colours[1]}
              strokeWidth={r * 0.1}
              strokeDasharray={`${r * 0.5} ${r * 0.22}`}
            />
          )}
          {fold.halved && (
            <path
              d={`M100 ${100 - r - 6}V${100 + r + 6}`}
              stroke={line}
              strokeWidth="1.8"
              strokeDasharray="5 4"
            />
          )}
          <path
            d={`M${100 - r} ${100 + r + 10}h${2 * r}m0 -4v8m${-2 * r} 0v-8`}
            stroke={line}
            fill="none"
            strokeWidth="1.2"
          />
          <text x="100" y={100 + r + 27} textAnchor="middle" fontWeight="700" fill={line}>
            {format.mm(across)}
          </text>
          <text x={100 + r + 14} y="96" fontWeight="700" fill={line}>
            {format.mm(fold.sliceMm)}
          </text>
          <text x={100 + r + 14} y="114" fontSize={14} fill={line}>
            {say`thin`}
          </text>
        </svg>
      )}
      <figure className="text-center">
        <CutPicture look={cut.look} colour={fill} size={Math.max(120, fold.length * grab)} />
        <figcaption className="mt-1">
          <strong>
            {fold.slices === 1
              ? format.grams(fold.grams)
              : say`${fold.slices} slices, ${format.grams(fold.grams)}`}
          </strong>
          <span className={print ? 'block' : 'block text-ink-soft'}>
            {say`${format.mm(fold.length)} by ${format.mm(fold.width)}, ${format.mm(fold.height)} high`}
          </span>
        </figcaption>
      </figure>
    </div>
  );
}
