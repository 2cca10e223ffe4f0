import {
  ARRIVAL_CHECKS,
  celsius,
  isIn,
  type Arrival,
  type ArrivalCheck as Check,
  type Lot,
} from '@rotula/core';
import clsx from 'clsx';
import { Check as CheckMark } from 'lucide-react';
import { capital, type Format } from '../../ui/format';
import { say, word } from '../../language/say';

/** Chilled goods come in at no more than this. Source: EU Regulation 852/2004 with common national limits, from memory. */
const COLD = celsius(5);

const LOOK_FOR: Record<Check, (format: Format) => string> = {
  clean: () => 'pack and boxes whole and clean',
  fresh: () => 'not dried, not slimy, no foreign mould',
  smell: () => 'smells of itself, no ammonia',
  dates: () => 'making and use-by dates read and right',
  temperature: (format) => say`came in cold: ${format.celsius(COLD)} or below`,
};

/** What comes in is looked at before it counts as available: five ticks, or it goes back. */
export function ArrivalCheck({
  arrival,
  format,
  onEdit,
}: {
  arrival: Arrival;
  format: Format;
  onEdit: (what: string, arrival: Arrival) => void;
}) {
  const passed = isIn({ arrival } as Lot);
  return (
    <div className="mt-3 border-t border-line pt-3" role="group" aria-label={say`Check of what came in`}>
      <p className="mb-2">
        {arrival.refused ? (
          <strong>{say`Not accepted: it goes back, and counts as not there.`}</strong>
        ) : passed ? (
          <>
            <strong>{say`Checked and in.`}</strong> {say`It counts as available.`}
          </>
        ) : (
          <>
            <strong>{say`Came in, not checked yet.`}</strong>{' '}
            <span className="text-ink-soft">{say`It counts as available when all five are ticked.`}</span>
          </>
        )}
      </p>
      <div className="flex flex-wrap gap-2">
        {ARRIVAL_CHECKS.map((check) => (
          <button
            key={check}
            type="button"
            role="checkbox"
            aria-checked={arrival[check]}
            disabled={arrival.refused}
            className={clsx(
              'min-h-11 rounded-lg border-[1.5px] px-3 py-1 text-left disabled:opacity-60',
              arrival[check] ? 'border-leaf bg-[#e9efdc]' : 'border-line hover:border-ink-soft',
            )}
            onClick={() => onEdit(say`check: ${check}`, { ...arrival, [check]: !arrival[check] })}
          >
            <span className="flex items-center gap-1 font-bold">
              {arrival[check] && <CheckMark size={16} aria-hidden />} {capital(word(check))}
            </span>
            <span className="block text-sm text-ink-soft">{LOOK_FOR[check](format)}</span>
          </button>
        ))}
        <button
          type="button"
          className="min-h-11 px-2 text-sm text-wax underline underline-offset-4"
          onClick={() =>
            onEdit(arrival.refused ? say`the lot is looked at again` : say`the lot goes back`, {
              ...arrival,
              refused: !arrival.refused,
            })
          }
        >
          {arrival.refused ? say`look at it again` : say`send it back`}
        </button>
      </div>
    </div>
  );
}
