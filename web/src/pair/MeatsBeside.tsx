import { isMeat, rankBeside, type Cheese } from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { sentence } from '../words';
import { say } from '../language/say';

const MEATS_SHOWN = 3;

/** The meats for a cheese: those of this board, and the best of the counter. */
export function MeatsBeside({ cheese }: { cheese: Cheese }) {
  const { plan, counter, format } = useWorkbench();
  const [here, elsewhere] = useMemo(() => {
    const on = plan.mains.filter(isMeat);
    const ids = new Set(on.map(({ id }) => id));
    return [
      rankBeside(cheese, on),
      rankBeside(
        cheese,
        counter.filter(isMeat).filter(({ id }) => !ids.has(id)),
      ).slice(0, MEATS_SHOWN),
    ];
  }, [plan.mains, counter, cheese]);
  const line = ({ beside, score, reasons }: (typeof here)[number]) => (
    <li key={beside.id} className="flex gap-3 py-1" data-meat={beside.id}>
      <span className="min-w-0 flex-1">
        <span className="font-bold">{beside.name}</span>{' '}
        <span className="text-sm text-chalk-soft">
          {reasons[0] ? sentence(reasons[0], format) : beside.style}
        </span>
      </span>
      <span className={score >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(score, 1)}</span>
    </li>
  );
  return (
    <SlateSection title={say`Meats for ${cheese.name}`} aside={say`fit`}>
      {here.length > 0 && <ul>{here.map(line)}</ul>}
      <p className="mt-1 text-sm text-chalk-soft">{say`Best of the counter:`}</p>
      <ul>{elsewhere.map(line)}</ul>
    </SlateSection>
  );
}
