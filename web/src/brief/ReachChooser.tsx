import { reachWays, type Reach, type ReachWay } from '@rotula/core';
import clsx from 'clsx';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { count, signed, type Format } from '../ui/format';
import { REACH_HINTS, REACH_WORDS } from '../words';
import { say } from '../language/say';

/** Each reach with what it does to this order: kinds, points, money, what goes. */
export default function ReachChooser({
  at,
  proposed,
  chosen,
  onChoose,
}: {
  at: number;
  proposed: Reach;
  chosen: Reach;
  onChoose: (reach: Reach) => void;
}) {
  const { document, stock, house, format } = useWorkbench();
  const { order } = document;
  const ways = useMemo(() => reachWays(order, stock, house, at), [order, stock, house, at]);
  return (
    <div className="grid gap-2 min-[620px]:grid-cols-2" role="group" aria-label={say`How far it reaches`}>
      {ways.map((way) => (
        <button
          key={way.reach}
          type="button"
          data-reach={way.reach}
          aria-pressed={way.reach === chosen}
          className={clsx(
            'flex min-h-11 flex-col items-start rounded-lg border-[1.5px] px-3 py-2 text-left hover:border-ink-soft',
            way.reach === chosen ? 'border-ink bg-shade' : 'border-line bg-paper',
          )}
          onClick={() => onChoose(way.reach)}
        >
          <span className="block">
            <strong>{REACH_WORDS[way.reach]}</strong>
            {way.reach === proposed && <span className="text-annatto-text"> · {say`proposed`}</span>}
          </span>
          <span className="block text-sm text-ink-soft">{REACH_HINTS[way.reach]}</span>
          <span className="block text-sm">{effectOf(way, format)}</span>
        </button>
      ))}
    </div>
  );
}

/** Of what goes this many are named. */
const NAMED = 3;

function effectOf({ goes, points, price, plates }: ReachWay, format: Format): string {
  const named = goes.slice(0, NAMED).join(', ');
  const more = goes.length - NAMED;
  const what =
    goes.length === 0
      ? say`Nothing leaves the board`
      : more > 0
        ? say`Goes: ${named} and ${more} more`
        : say`Goes: ${named}`;
  return [
    what,
    plates > 0 && say`${count(plates, 'plate')} more`,
    Math.round(points) !== 0 && say`${signed(Math.round(points))} points`,
    price !== 0 && (price > 0 ? say`${format.money(price)} more` : say`${format.money(-price)} less`),
  ]
    .filter(Boolean)
    .join(' · ');
}
