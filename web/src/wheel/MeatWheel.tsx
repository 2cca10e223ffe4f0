import type { Meat } from '@rotula/core';
import clsx from 'clsx';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { polar, segment } from './polar';
import { say, word } from '../language/say';

/** The meats' own small wheel: angle is the build, distance from the hub is strength. */

const BUILDS = [
  { build: 'whole muscle', label: say`whole` },
  { build: 'coarse', label: say`coarse` },
  { build: 'spreadable', label: say`spread` },
  { build: 'fine', label: say`fine` },
] as const;
const MEAT_CENTRE = 120;
const MEAT_HUB = 14;
const MEAT_FIELD = 112;
const MEAT_TOKEN = 22;

export function MeatWheel({
  meats,
  numbers,
  focus,
  onFocus,
}: {
  meats: readonly Meat[];
  numbers: ReadonlyMap<string, number>;
  focus: string | null;
  onFocus: (id: string) => void;
}) {
  const sector = 360 / BUILDS.length;
  const inSector = (build: string) => meats.filter((meat) => meat.build === build);
  const places = BUILDS.flatMap(({ build }, i) =>
    inSector(build).map((meat, j, all) => {
      const spread = all.length > 1 ? (j - (all.length - 1) / 2) * (sector / (all.length + 0.4)) : 0;
      const radius = Math.max(
        MEAT_HUB + MEAT_TOKEN,
        MEAT_HUB + ((MEAT_FIELD - MEAT_TOKEN - MEAT_HUB) * meat.sense.intensity) / 10 + MEAT_TOKEN / 2,
      );
      return {
        meat,
        point: polar(MEAT_CENTRE, Math.min(radius, MEAT_FIELD - MEAT_TOKEN + 4), i * sector + spread),
      };
    }),
  );
  return (
    <figure className="m-0 w-[140px] shrink-0">
      <svg
        viewBox="0 0 240 240"
        className="block w-full"
        role="img"
        aria-label={say`Meats: ${meats.map((m) => say`${m.name}, ${word(m.build)}, strength ${m.sense.intensity}`).join('; ')}`}
      >
        {BUILDS.map(({ build, label }, i) => {
          const filled = inSector(build).length > 0;
          const name = polar(MEAT_CENTRE, i % 2 === 0 ? MEAT_FIELD - 16 : MEAT_FIELD - 40, i * sector);
          return (
            <g key={build}>
              <path
                d={segment(MEAT_CENTRE, MEAT_HUB, MEAT_FIELD, (i - 0.5) * sector + 1, (i + 0.5) * sector - 1)}
                fill={filled ? 'var(--color-shade)' : 'var(--color-paper-lit)'}
              />
              {!filled && (
                <text
                  x={name.x}
                  y={name.y + 6}
                  textAnchor="middle"
                  fontSize="24"
                  fill="var(--color-ink-soft)"
                  className="font-serif"
                >
                  {word(label)}
                </text>
              )}
            </g>
          );
        })}
        {places.map(({ meat, point }) => (
          <g
            key={meat.id}
            style={{ transform: `translate(${point.x}px, ${point.y}px)` }}
            className={clsx('moves cursor-pointer')}
            onClick={() => onFocus(meat.id)}
          >
            {focus === meat.id && (
              <circle r={MEAT_TOKEN + 6} fill="none" stroke="var(--color-annatto)" strokeWidth="4" />
            )}
            <circle r={MEAT_TOKEN} fill="#fdfaf2" stroke="var(--color-ink)" strokeWidth="2.5" />
            <g transform="translate(-19 -19)">
              <GoodPicture good={meat} size={38} />
            </g>
            <circle cx={MEAT_TOKEN * 0.8} cy={-MEAT_TOKEN * 0.8} r="15" fill="var(--color-ink)" />
            <text
              x={MEAT_TOKEN * 0.8}
              y={-MEAT_TOKEN * 0.8 + 8}
              textAnchor="middle"
              fontSize="24"
              fontWeight="700"
              fill="var(--color-paper)"
            >
              {numbers.get(meat.id)}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}
