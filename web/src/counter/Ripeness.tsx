import { nextLot, type Good, type Verdict } from '@rotula/core';
import clsx from 'clsx';

const STEPS: readonly Verdict[] = ['young', 'ready', 'at its peak', 'going', 'past'];
const COLOURS: Record<Verdict, string> = {
  young: 'bg-vein',
  ready: 'bg-leaf',
  'at its peak': 'bg-leaf',
  going: 'bg-annatto',
  past: 'bg-wax',
};

/** Where the lot stands between young and past, by the last taster's word; nothing where nobody tasted. */
export function Ripeness({ good }: { good: Good }) {
  const verdict = nextLot(good)?.verdict;
  if (!verdict)
    return (
      <span className="text-sm text-ink-soft">
        {good.kind === 'cheese' || good.kind === 'meat' ? 'not tasted' : ''}
      </span>
    );
  const at = STEPS.indexOf(verdict.says);
  return (
    <span className="flex flex-col gap-1" title={`${verdict.says}: ${verdict.taster}, ${verdict.on}`}>
      <span className={clsx('text-sm leading-4', at >= 3 ? 'font-bold text-annatto-text' : 'text-ink-soft')}>
        {verdict.says === 'going' ? 'must move' : verdict.says}
      </span>
      <span className="flex gap-0.5" aria-hidden>
        {STEPS.slice(0, 4).map((step, i) => (
          <span
            key={step}
            className={clsx('h-1.5 w-5 rounded-full', i <= at ? COLOURS[verdict.says] : 'bg-line')}
          />
        ))}
      </span>
    </span>
  );
}
