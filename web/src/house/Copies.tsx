import type { Copies as CopiesStand } from '@rotula/core';
import { differenceInDays, differenceInHours, differenceInMinutes } from 'date-fns';
import { useState } from 'react';
import toast from 'react-hot-toast';
import useSWR from 'swr';
import { api } from '../api/client';
import { say } from '../language/say';
import { Button } from '../ui/Button';
import { count, type Format } from '../ui/format';

/** A copy is made every night; one that is older than this stands out. */
const OLD_HOURS = 48;
const LOOK_AGAIN_MS = 60_000;

/** "3 hours ago", in the largest whole unit. */
function agoWords(at: Date, now: Date): string {
  const minutes = differenceInMinutes(now, at);
  if (minutes < 1) return say`just now`;
  if (minutes < 60) return say`${count(minutes, 'minute')} ago`;
  const hours = differenceInHours(now, at);
  return hours < 48 ? say`${count(hours, 'hour')} ago` : say`${count(differenceInDays(now, at), 'day')} ago`;
}

/** How old the last good copy of the shop is, where they lie, and one more by a touch. */
export function Copies({ format }: { format: Format }) {
  const { data, mutate } = useSWR<CopiesStand>('copies', api.copies, { refreshInterval: LOOK_AGAIN_MS });
  const [making, setMaking] = useState(false);
  const make = async () => {
    setMaking(true);
    try {
      await mutate(await api.makeCopy(), { revalidate: false });
      toast.success(say`A copy was made`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
      void mutate();
    } finally {
      setMaking(false);
    }
  };
  if (!data) return null;
  const now = new Date();
  const last = data.last === null ? null : new Date(data.last);
  const isOld = last === null || differenceInHours(now, last) >= OLD_HOURS;
  return (
    <section data-copies>
      <h2 className="mb-2 text-xl">{say`Copies of the shop`}</h2>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <p className={isOld ? 'font-bold text-wax' : ''}>
          {last === null
            ? say`There is no copy yet.`
            : say`The last good copy was made ${agoWords(last, now)} (${format.day(data.last!)}, ${format.time(data.last!)}); ${count(data.count, 'copy', 'copies')} are kept.`}
        </p>
        <Button disabled={making} onClick={() => void make()}>
          {making ? say`Copying …` : say`Make a copy now`}
        </Button>
      </div>
      {data.trouble && (
        <p role="alert" className="mt-2 border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
          {say`The last try made none.`} {data.trouble}
        </p>
      )}
      <p className="mt-1 text-sm text-ink-soft">
        {say`One is made every night, before every import and before every change of format. The last of seven days, four weeks and twelve months stay in`}{' '}
        <span translate="no">{data.folder}</span>
        {say`; npm run restore brings one back. Keep one on another disk too.`}
      </p>
    </section>
  );
}
