import {
  allergensOf,
  allergensSaid,
  goodsById,
  labelRead,
  type AllergenId,
  type AllergenState,
} from '@rotula/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCounterEdits } from '../api/counterEdits';
import { useCounter } from '../api/shop';
import { say } from '../language/say';
import { today } from '../ui/today';
import { count } from '../ui/format';
import { allergenLabel } from '../words';
import { useWhoIsHere } from './whoIsHere';
import type { OrderDocument } from './useOrderDocument';

/** A good of which somebody has to read the label, and for which allergens. */
export interface Unread {
  readonly good: string;
  readonly name: string;
  readonly ids: readonly AllergenId[];
  /** What is looked for, in a word or two: "tree nuts". */
  readonly lookFor: string;
}

/** What a label may say, one touch each. */
const ANSWERS: readonly { readonly state: AllergenState; readonly label: string }[] = [
  { state: 'free', label: say`none in it` },
  { state: 'may contain', label: say`may contain` },
  { state: 'contains', label: say`contains` },
];
const LINK = 'inline-flex min-h-11 items-center underline underline-offset-4';

/**
 * The way out where unknown allergens block: the labels to read, and one touch for what each says, kept on the counter with who read it and the
 * day. The order takes it at once; its prices stay.
 */
export function ReadLabels({ unread, document }: { unread: readonly Unread[]; document: OrderDocument }) {
  const [who, setWho] = useWhoIsHere();
  const [name, setName] = useState(who);
  const edits = useCounterEdits();
  // As it is stored: what an order sees of a good has lots and ages of its own.
  const { data: counter } = useCounter();
  const goods = useMemo(() => goodsById(counter ?? []), [counter]);
  if (unread.length === 0) return null;
  const answer = async ({ good: id, ids }: Unread, state: AllergenState) => {
    const good = goods.get(id);
    if (!good || name.trim() === '') return;
    setWho(name.trim());
    const open = allergensOf(good).unknown;
    const asked = ids.filter((one) => open.includes(one));
    const allergens = allergensSaid(good.allergens, asked.length > 0 ? asked : ids, state, name, today());
    if (await edits.put(say`the label of ${good.name}`, [{ ...good, allergens }]))
      document.change(say`the label of ${good.name}`, (order) => labelRead(order, id, allergens));
  };
  return (
    <div className="mt-2 w-full" data-read-labels={unread.length}>
      <p className="flex flex-wrap items-center gap-x-3 font-bold">
        {say`Read ${count(unread.length, 'label')}:`}
        <label className="flex items-center gap-2 font-normal">
          {say`who reads`}
          <input
            className="field w-36 text-ink"
            aria-label={say`Who reads the labels`}
            placeholder={say`your name`}
            maxLength={60}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
      </p>
      <ul>
        {unread.map((one) => (
          <li key={one.good} className="flex flex-wrap items-center gap-x-4">
            <span className="min-w-48 flex-1">{say`${one.name}: ${one.lookFor}`}</span>
            {goods.has(one.good) &&
              // Of several at once only "none" is one word; which of them is in it is said on its page.
              ANSWERS.filter(({ state }) => state === 'free' || one.ids.length === 1).map(
                ({ state, label }) => (
                  <button
                    key={state}
                    type="button"
                    className={`${LINK} disabled:opacity-60`}
                    disabled={name.trim() === ''}
                    aria-label={say`${one.name}, ${one.lookFor}: ${label}`}
                    onClick={() => void answer(one, state)}
                  >
                    {label}
                  </button>
                ),
              )}
            <Link className={LINK} to={`/counter/${one.good}`}>
              {one.ids.length === 1 ? say`its page` : say`some: say which`}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** "almond, hazelnut", or how many where they are many. */
export const lookForWords = (ids: readonly AllergenId[]): string =>
  ids.length > 3 ? count(ids.length, 'allergen') : ids.map(allergenLabel).join(', ');
