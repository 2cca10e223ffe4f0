import { lotOn, VERDICTS, willBeBoughtIn, type Good, type Verdict } from '@rotula/core';
import clsx from 'clsx';
import type { Format } from '../ui/format';
import { say, word } from '../language/say';

const COLOURS: Record<Verdict, string> = {
  young: 'bg-vein',
  ready: 'bg-leaf',
  'at its peak': 'bg-leaf',
  going: 'bg-annatto',
  past: 'bg-wax',
};

/** Where the lot that will be cut stands on a day, between young and past; a lot that nobody tasted says so. */
export function Ripeness({ good, format, today }: { good: Good; format: Format; today: string }) {
  const isTasted = good.kind === 'cheese' || good.kind === 'meat';
  if (!isTasted) return <span />;
  const used = lotOn(good, today);
  if (!used && good.lots.some((lot) => lot.grams > 0) && !willBeBoughtIn(good, today))
    return <span className="text-sm font-bold text-wax">{say`past: take it off`}</span>;
  if (!used?.verdict) return <span className="text-sm text-ink-soft">{say`not tasted`}</span>;
  const { says, carried, tasted } = used.verdict;
  const at = VERDICTS.indexOf(says);
  const title = `${word(says)}${carried ? say` by now, ${word(tasted.says)} when tasted` : ''}: ${tasted.taster}, ${format.day(tasted.on)}`;
  return (
    <span className="flex flex-col gap-1" title={title}>
      <span className={clsx('text-sm leading-4', at >= 3 ? 'font-bold text-annatto-text' : 'text-ink-soft')}>
        {says === 'going' ? say`must move` : word(says)}
        {carried && say` by now`}
      </span>
      <span className="flex gap-0.5" aria-hidden>
        {VERDICTS.slice(0, 4).map((step, i) => (
          <span key={step} className={clsx('h-1.5 w-5 rounded-full', i <= at ? COLOURS[says] : 'bg-line')} />
        ))}
      </span>
    </span>
  );
}
