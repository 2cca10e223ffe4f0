import { Download } from 'lucide-react';
import type { Unreadable } from '@rotula/core';
import { storedUrl } from '../api/client';
import { say } from '../language/say';

/** Stored documents that cannot be read: each with the reason and a way to have it as a file. The others work on. */
export function UnreadableList({
  of,
  list,
}: {
  of: 'orders' | 'counter' | 'tastings';
  list: readonly Unreadable[];
}) {
  if (list.length === 0) return null;
  return (
    <ul className="mt-4 space-y-2" aria-label={say`What cannot be read`}>
      {list.map(({ id, name, says }) => (
        <li
          key={id}
          data-unreadable={id}
          className="flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]"
        >
          <span className="min-w-0 flex-1 [overflow-wrap:anywhere]">
            <strong>{name}</strong>{' '}
            {say`(${id}) is stored, but cannot be read: ${says}. Nothing of it was changed.`}
          </span>
          <a
            className="inline-flex min-h-11 items-center gap-2 font-bold underline underline-offset-4"
            href={storedUrl(of, id)}
            download={`${id}.json`}
          >
            <Download size={18} aria-hidden /> {say`Save it as a file`}
          </a>
        </li>
      ))}
    </ul>
  );
}
