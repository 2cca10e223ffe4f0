import { progressOf, type Session } from '@rotula/core';
import clsx from 'clsx';
import { Check, Trash2 } from 'lucide-react';
import toast from 'react-hot-toast';
import { Link } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { takeBackToast } from '../frame/takeBackToast';
import type { Format } from '../ui/format';
import { IconButton } from '../ui/IconButton';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { say } from '../language/say';
import { bodyOf } from './keeper';

const showError = (error: unknown) => toast.error(error instanceof Error ? error.message : String(error));

/** One session of the list: what was tasted, by whom, how far it is, and whether the house learns from it. */
export function SessionRow({
  session,
  focused,
  format,
  onFocus,
}: {
  session: Session;
  focused: boolean;
  format: Format;
  onFocus: () => void;
}) {
  const drink = session.goods.find(({ id }) => id === session.drink)!;
  const { done, all } = progressOf(session);
  const counts = async () => {
    try {
      await api.saveTasting(session.id, session.version, { ...bodyOf(session), counts: !session.counts });
    } catch (error) {
      showError(error);
    }
    await mutate('tastings');
  };
  const remove = async () => {
    try {
      await api.removeTasting(session.id);
      await mutate('tastings');
    } catch (error) {
      return showError(error);
    }
    takeBackToast(say`Deleted the tasting of ${drink.name}.`, async () => {
      await api.restoreTasting(session.id);
      await mutate('tastings');
    });
  };
  return (
    <li
      className={clsx('flex flex-wrap items-center gap-x-4 gap-y-1 py-2', focused && 'bg-paper-lit')}
      data-session={session.id}
      onClick={onFocus}
      onFocus={onFocus}
    >
      <GoodPicture good={drink} size={44} />
      <div className="min-w-40 flex-1">
        <Link
          to={`/tastings/${session.id}`}
          className="text-lg leading-5 font-bold underline-offset-4 hover:underline"
        >
          {session.title || drink.name}
        </Link>
        <p className="text-sm text-ink-soft">
          {format.day(session.startedAt)} · {drink.name} · {session.tasters.join(', ')} ·{' '}
          {done < all ? say`${done} of ${all} noted: take it up again` : say`all noted`}
        </p>
      </div>
      <button
        type="button"
        aria-pressed={session.counts}
        aria-label={say`counts: the house learns from the tasting of ${drink.name}`}
        className="flex min-h-11 items-center gap-2 rounded-lg border-[1.5px] border-line px-3 aria-pressed:border-ink aria-pressed:bg-shade"
        onClick={() => void counts()}
      >
        <Check size={18} className={session.counts ? '' : 'invisible'} aria-hidden />
        {say`counts`}
      </button>
      <IconButton label={say`Delete the tasting of ${drink.name}`} onClick={() => void remove()}>
        <Trash2 size={18} />
      </IconButton>
    </li>
  );
}
