import { pathOf } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateSection } from '../ui/Slate';
import { arc, polar, type Point } from '../wheel/polar';
import { say } from '../language/say';

const SIZE = 280;
const MID = SIZE / 2;
const BOARD = 128;
const RING = 92;
const FLAG = 119;

/** The board from above: where each step stands as it is walked, clockwise, with its number as a flag. */
export function ClockPath() {
  const { plan } = useWorkbench();
  const stops = pathOf(plan.walk, plan.desserts);
  if (stops.length === 0) return null;
  const good = (id: string) =>
    plan.mains.find((main) => main.id === id) ?? plan.desserts.find((step) => step.good.id === id)!.good;
  const order = stops.map(({ number, goodId }) => `${number} ${good(goodId).name}`).join(', ');
  const size = Math.min(56, (2 * Math.PI * RING * 0.78) / stops.length);
  return (
    <SlateSection title={say`Path over the board`} aside={say`clockwise, numbers as flags`}>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="mx-auto block w-full max-w-[300px]"
        role="img"
        aria-label={say`Clockwise from the guest’s left: ${order}`}
        data-path
      >
        <circle cx={MID} cy={MID} r={BOARD} fill="#d9bd92" />
        <circle cx={MID} cy={MID} r={BOARD - 5} fill="none" stroke="#b48f5c" strokeWidth={1.5} />
        <path
          d={round(stops.map(({ degrees }) => degrees))}
          fill="none"
          stroke="#8a6638"
          strokeWidth={2}
          strokeDasharray="2 6"
          strokeLinecap="round"
        />
        {stops.map(({ number, goodId, degrees, cleanse }) => {
          const { x, y } = polar(MID, RING, degrees);
          const flag = polar(MID, FLAG, degrees);
          return (
            <g key={goodId}>
              {cleanse && <Drop at={polar(MID, RING - size * 0.75, degrees)} />}
              <g transform={`translate(${x - size / 2} ${y - size / 2})`}>
                <GoodPicture good={good(goodId)} size={size} />
              </g>
              <circle cx={flag.x} cy={flag.y} r={13} fill="#f7f1e4" stroke="#2a2520" strokeWidth={1.5} />
              <text
                x={flag.x}
                y={flag.y + 5.5}
                textAnchor="middle"
                fontSize={16}
                fontWeight={700}
                fill="#2a2520"
              >
                {number}
              </text>
            </g>
          );
        })}
        <text x={MID} y={SIZE - 18} textAnchor="middle" fontSize={14} fill="#2a2520">
          {say`guest`}
        </text>
      </svg>
      <p className="text-sm text-chalk-soft">{say`Drop: the palate is cleared on the way. Lay the goods so, or read it into the flags.`}</p>
    </SlateSection>
  );
}

const Drop = ({ at: { x, y } }: { at: Point }) => (
  <path
    d={`M${x} ${y - 8}c4 5 6 7 6 10a6 6 0 0 1-12 0c0-3 2-5 6-10z`}
    fill="#33607a"
    stroke="#f7f1e4"
    strokeWidth={1}
  />
);

/** Round the middle from the first stop to the last, clockwise. */
const round = (degrees: readonly number[]): string => {
  const from = degrees[0]!;
  return arc(MID, RING, from, from + ((degrees.at(-1)! - from + 360) % 360), false);
};
