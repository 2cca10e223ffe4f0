import { PAIR_WORDS, wordOn, wordsWith, type Beside, type Main, type PairSaying } from '@rotula/core';
import { useState } from 'react';
import toast from 'react-hot-toast';
import { saveHouse } from '../api/saveHouse';
import { useHouse } from '../api/shop';
import { SAYING_WORDS } from '../words';
import { useKept } from '../ui/useKept';
import { say } from '../language/say';

/** What the house says of a pair, for all its orders: it stands above the model. */
export function HouseWord({ main, beside }: { main: Main; beside: Beside }) {
  const { data: house } = useHouse();
  const [open, setOpen] = useState(false);
  const [forStyle, setForStyle] = useState(false);
  const [why, setWhy, done] = useKept(`why ${main.id} ${beside.id}`, '');
  if (!house) return null;
  const word = wordOn(house.pairWords, main, beside);
  const save = async (says: PairSaying | null) => {
    const pair = word && says === null ? word : { good: forStyle ? main.style : main.id, beside: beside.id };
    try {
      const pairWords = wordsWith(
        house.pairWords,
        { good: pair.good, beside: pair.beside },
        says && { says, why },
      );
      const clash = await saveHouse(house, { pairWords });
      if (clash) toast.error(say`The pairs of the house were changed elsewhere: look again.`);
      else {
        done();
        toast.success(say`Saved for all orders`);
      }
      setOpen(false);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  if (!open)
    return (
      <button
        type="button"
        className="min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
        onClick={() => {
          if (why === '') setWhy(word?.why ?? '');
          setOpen(true);
        }}
      >
        {word ? say`The house: ${SAYING_WORDS[word.says]}` : say`The house’s own word on this pair`}
      </button>
    );
  return (
    <fieldset className="mt-2 rounded-lg border border-slate-line p-3">
      <legend className="px-1 text-chalk-soft">{say`For all orders: ${beside.name} with ${main.name}`}</legend>
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" checked={forStyle} onChange={(e) => setForStyle(e.target.checked)} />
        {say`with every ${main.style}`}
      </label>
      <label className="block">
        <span className="mb-1 block text-sm text-chalk-soft">{say`Why`}</span>
        <input
          className="field w-full text-ink"
          maxLength={400}
          value={why}
          onChange={(e) => setWhy(e.target.value)}
        />
      </label>
      <div className="mt-2 flex flex-wrap gap-2">
        {PAIR_WORDS.map((says) => (
          <button
            key={says}
            type="button"
            data-says={says}
            aria-pressed={word?.says === says}
            className="min-h-11 rounded-md border border-slate-line px-3 hover:bg-slate-lit aria-pressed:bg-slate-lit aria-pressed:font-bold"
            onClick={() => void save(says)}
          >
            {SAYING_WORDS[says]}
          </button>
        ))}
        {word && (
          <button
            type="button"
            className="min-h-11 rounded-md border border-slate-line px-3 hover:bg-slate-lit"
            onClick={() => void save(null)}
          >{say`say nothing`}</button>
        )}
        <button
          type="button"
          className="min-h-11 px-2 text-chalk-soft underline underline-offset-4 hover:text-chalk"
          onClick={() => setOpen(false)}
        >{say`Back`}</button>
      </div>
    </fieldset>
  );
}
