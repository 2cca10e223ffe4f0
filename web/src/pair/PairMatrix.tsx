import { scoreOf, standsBy, wordOn, type Main, type Pairs } from '@rotula/core';
import clsx from 'clsx';
import type { KeyboardEvent } from 'react';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SAYING_WORDS } from '../words';
import { say } from '../language/say';

type Entry = Pairs['set'][number];
export interface Cell {
  readonly main: string;
  readonly beside: string;
}

/** From this many points on a mark is as large as it gets. */
const FULL = 9;
const LARGEST = 15;
const SMALLEST = 3;

/**
 * The whole board at a glance: goods in their order of tasting against the companions and bottles chosen. The size of a mark
 * says how much, a disc that it suits and a cross that it clashes; the best of each good in its slot is ringed. A cell opens its
 * reasons, a heading says what a jar is for. The arrow keys walk it.
 */
export function PairMatrix({
  cell,
  turned,
  onCell,
  onTurn,
}: {
  cell: Cell | null;
  turned: string | null;
  onCell: (main: Main, entry: Entry) => void;
  onTurn: (beside: string) => void;
}) {
  const { plan } = useWorkbench();
  const { set } = plan.pairs;
  const mains = plan.walk.steps.map(({ main }) => main);
  if (mains.length === 0 || set.length === 0) return null;
  return (
    <div className="mb-6 overflow-x-auto">
      <table className="border-collapse" aria-label={say`What goes with what`} onKeyDown={walk}>
        <thead>
          <tr>
            <td />
            {set.map(({ beside, slot }, i) => (
              <th
                key={beside.id}
                scope="col"
                className={clsx('p-0 align-bottom', startsSlot(set, i) && 'pl-1.5')}
              >
                <button
                  type="button"
                  data-turn-column={beside.id}
                  data-slot-of={slot}
                  aria-pressed={turned === beside.id}
                  aria-label={say`What ${beside.name} is for`}
                  className="flex w-[2.4rem] flex-col items-center gap-1 rounded-md pb-1 font-normal hover:bg-shade aria-pressed:bg-shade aria-pressed:font-bold"
                  onClick={() => onTurn(beside.id)}
                >
                  <span className="max-h-32 overflow-hidden text-left text-[0.95rem] leading-[1.05rem] [writing-mode:vertical-rl] rotate-180">
                    {beside.name}
                  </span>
                  <GoodPicture good={beside} size={26} />
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {mains.map((main) => (
            <Row key={main.id} main={main} set={set} cell={cell} onCell={onCell} />
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-ink-soft">
        {say`● suits, ✕ clashes; the larger, the more. Ringed: the best of its kind for that good. A little house: the shop’s own word.`}
      </p>
    </div>
  );
}

const startsSlot = (set: readonly Entry[], i: number) => i > 0 && set[i - 1]!.slot !== set[i]!.slot;

function Row({
  main,
  set,
  cell,
  onCell,
}: {
  main: Main;
  set: readonly Entry[];
  cell: Cell | null;
  onCell: (main: Main, entry: Entry) => void;
}) {
  const { house, plan } = useWorkbench();
  const scores = set.map(({ beside }) => scoreOf(main, beside, plan.pairs.weights));
  const words = set.map(({ beside }) => wordOn(house.pairWords, main, beside));
  // The house's word stands above the model here too.
  const ranks = scores.map((score, i) => score + standsBy(words[i]!));
  // The least of several clashes is still no match.
  const isBest = (i: number) =>
    ranks[i]! >= 0 &&
    set.every(
      (other, j) =>
        other.slot !== set[i]!.slot || ranks[j]! < ranks[i]! || j === i || (ranks[j] === ranks[i] && i < j),
    );
  return (
    <tr className="border-t border-line">
      <th scope="row" className="max-w-34 py-0.5 pr-2 text-left text-[1.02rem] leading-5 font-bold">
        {main.name}
      </th>
      {set.map((entry, i) => {
        const on = cell?.main === main.id && cell.beside === entry.beside.id;
        const score = scores[i]!;
        const word = words[i]!;
        return (
          <td key={entry.beside.id} className={clsx('p-0', startsSlot(set, i) && 'pl-1.5')}>
            <button
              type="button"
              data-cell={`${main.id} ${entry.beside.id}`}
              aria-pressed={on}
              aria-label={say`${entry.beside.name} beside ${main.name}: ${signed(score, 1)}${isBest(i) ? say`, the best of its kind` : ''}${word ? say`, the house: ${SAYING_WORDS[word.says]}` : ''}`}
              className={clsx(
                'flex h-11 w-[2.4rem] items-center justify-center rounded-md hover:bg-shade',
                on && 'bg-paper-lit outline-2 outline-annatto',
              )}
              onClick={() => onCell(main, entry)}
            >
              <Mark score={score} ringed={isBest(i)} house={word !== null} />
            </button>
          </td>
        );
      })}
    </tr>
  );
}

/** A disc that suits or a cross that clashes, as large as it matters. */
function Mark({ score, ringed, house }: { score: number; ringed: boolean; house: boolean }) {
  const r = SMALLEST + (LARGEST - SMALLEST) * Math.sqrt(Math.min(1, Math.abs(score) / FULL));
  const arm = 0.7 * r;
  return (
    <svg viewBox="-20 -20 40 40" width={37} height={37} aria-hidden>
      {house && <path d="M8 19v-8l5-5 5 5v8z" fill="var(--color-annatto)" />}
      {ringed && <circle r={18} fill="none" stroke="var(--color-ink)" strokeWidth={1.6} />}
      {score >= 0 ? (
        <circle r={r} fill="var(--color-leaf)" />
      ) : (
        <path
          d={`M${-arm} ${-arm}L${arm} ${arm}M${-arm} ${arm}L${arm} ${-arm}`}
          stroke="var(--color-annatto-text)"
          strokeWidth={3.4}
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}

const STEPS: Readonly<Record<string, readonly [down: number, right: number]>> = {
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
};

/** The arrow keys go from button to button, as the table lies. */
function walk(event: KeyboardEvent<HTMLTableElement>) {
  const step = STEPS[event.key];
  const at = (event.target as HTMLElement).closest('th, td');
  const row = at?.closest('tr');
  if (!step || !at || !row) return;
  const rows = [...event.currentTarget.rows];
  const to = rows[rows.indexOf(row) + step[0]]?.cells[(at as HTMLTableCellElement).cellIndex + step[1]];
  const button = to?.querySelector('button');
  if (!button) return;
  event.preventDefault();
  button.focus();
}
