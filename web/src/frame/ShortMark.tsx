import { shortOf } from '@rotula/core';
import { PackageX } from 'lucide-react';
import { useWorkbench } from './context';
import { sentence } from '../words';
import { say } from '../language/say';

/** Beside a good’s name in every stage: that it is not there as it was promised, and how. */
export function ShortMark({ good }: { good: string }) {
  const { plan, format } = useWorkbench();
  const short = shortOf(plan, good);
  if (short.length === 0) return null;
  return (
    <span
      className="ml-2 inline-flex items-center gap-1 rounded bg-annatto px-1.5 text-sm font-bold whitespace-nowrap text-ink"
      title={short.map((one) => sentence(one, format)).join(' ')}
      data-short={good}
    >
      <PackageX size={15} aria-hidden />
      {short.some(({ rule }) => rule === 'lot-replaced') ? say`another lot` : say`short`}
    </span>
  );
}
