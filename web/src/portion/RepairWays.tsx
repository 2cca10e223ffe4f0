import { repairsOf, type Repair } from '@rotula/core';
import clsx from 'clsx';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { say } from '../language/say';

const SHOWN = 5;

/** Each way is planned out, so they are worked out when somebody asks. */
export default function RepairWays() {
  const { document, shelf, house, format } = useWorkbench();
  const { order } = document;
  const repairs = useMemo(() => repairsOf(order, shelf, house), [order, shelf, house]);
  if (repairs.length === 0)
    return <p>{say`No single change helps much: fewer guests, another role, or a larger budget.`}</p>;
  return (
    <ul className="space-y-2">
      {repairs.slice(0, SHOWN).map((repair) => (
        <li key={`${repair.kind}${repair.subject?.id ?? ''}`}>
          <button
            type="button"
            data-repair={repair.kind}
            className="w-full rounded-lg border-[1.5px] border-slate-line px-3 py-2 text-left hover:border-chalk-soft"
            onClick={() => document.change(REPAIR_WORDS[repair.kind](repair), () => repair.order)}
          >
            <span className="block">{REPAIR_WORDS[repair.kind](repair)}</span>
            <span className="flex justify-between gap-3 text-sm text-chalk-soft">
              <span>{say`saves ${format.money(repair.saves)}${repair.enough ? say`, and that is enough` : ''}`}</span>
              <span className={clsx(repair.loses > 0.05 ? 'text-wax-lit' : 'text-leaf-lit')}>
                {Math.abs(repair.loses) < 0.05
                  ? say`no loss`
                  : repair.loses > 0
                    ? say`−${repair.loses.toFixed(1)} points`
                    : say`+${(-repair.loses).toFixed(1)} points`}
              </span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

const REPAIR_WORDS: Record<Repair['kind'], (repair: Repair) => string> = {
  'drinks apart': () => say`Leave the drinks to the customer`,
  'low end': () => say`Cheese and meat at the low end for the role`,
  'cheaper of the kind': ({ subject, by }) => say`${by!.name} in place of ${subject!.name}`,
  'less of it': ({ subject }) => say`Less ${subject!.name}, at the low end`,
  'left out': ({ subject }) => say`Without ${subject!.name}`,
  'extra dropped': ({ subject }) => say`Without the extra, ${subject!.name}`,
};
