import { BUNCH, garnishShelf, garnishVerdict, MOST_GARNISHES, MOST_SPRIGS, type Plan } from '@rotula/core';
import { Leaf, X } from 'lucide-react';
import { useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import { REFUSAL_WORDS } from '../words/lay';
import { useKept } from '../ui/useKept';
import { say } from '../language/say';
import type { OnBoard } from './onBoard';
import type { Format } from '../ui/format';

/** Herbs, seeds and petals by the sprig: only what is known and comes from a food supplier; all else is refused with the reason. */
export function GarnishFields({ laid }: OnBoard) {
  const { plan, document, counter, format } = useWorkbench();
  const { garnish } = plan.boards;
  const chosen = document.order.lay.garnish;
  const [text, setText, done] = useKept('garnish', '');
  const [refused, setRefused] = useState<string | null>(null);
  const shelf = garnishShelf(counter);
  const set = (id: string, name: string, sprigs: number) =>
    laid.change(say`${name} as garnish`, {
      garnish:
        sprigs > 0
          ? [...chosen.filter((one) => one.id !== id), { id, sprigs }]
          : chosen.filter((one) => one.id !== id),
    });
  const add = () => {
    const name = text.trim();
    if (!name) return;
    const verdict = garnishVerdict(name, counter, plan.brief);
    if ('refused' in verdict) return setRefused(REFUSAL_WORDS[verdict.refused](name));
    const { good } = verdict;
    if (!chosen.some(({ id }) => id === good.id) && chosen.length >= MOST_GARNISHES)
      return setRefused(
        say`A board holds ${MOST_GARNISHES} kinds of garnish at the most: take one off first.`,
      );
    setRefused(null);
    done();
    set(
      good.id,
      good.name,
      Math.min(MOST_SPRIGS, (chosen.find(({ id }) => id === good.id)?.sprigs ?? 0) + BUNCH),
    );
  };
  return (
    <SlateSection title={say`Garnish`} aside={say`by the sprig or pinch`}>
      <GarnishList garnish={garnish} format={format} set={set} />
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <input
          aria-label={say`Herb, seed or petal`}
          list="garnish-shelf"
          className="min-h-11 min-w-0 flex-1 rounded-lg border-[1.5px] border-slate-line bg-slate-lit px-3 placeholder:text-chalk-soft"
          placeholder={say`Herb, seed or petal`}
          value={text}
          maxLength={60}
          onChange={(event) => setText(event.target.value)}
        />
        <datalist id="garnish-shelf">
          {shelf.map(({ id, name }) => (
            <option key={id} value={name} />
          ))}
        </datalist>
        <Button look="slate" type="submit">
          <Leaf size={18} /> {say`Add`}
        </Button>
      </form>
      {refused && (
        <p role="alert" className="mt-2 text-wax-lit" data-refused>
          {refused}
        </p>
      )}
      <p className="mt-2 text-sm text-chalk-soft">
        {say`Only what is known by species and comes from a food supplier. Candles stand away from dry herbs.`}
      </p>
    </SlateSection>
  );
}

/** What is on the board, by the sprig. */
function GarnishList({
  garnish,
  format,
  set,
}: {
  garnish: Plan['boards']['garnish'];
  format: Format;
  set: (id: string, name: string, sprigs: number) => void;
}) {
  return (
    <ul className="mb-3 space-y-2" data-garnish>
      {garnish.map(({ good, sprigs, bought, price, stemOut }) => (
        <li key={good.id} className="flex items-center gap-2">
          <span className="flex-1">
            <span translate="no">{good.name}</span>
            <span className="block text-sm text-chalk-soft">
              {say`${format.grams(bought)}, ${format.money(price)}`}
              {stemOut && say`; stems come out before eating`}
            </span>
          </span>
          <input
            aria-label={say`Sprigs of ${good.name}`}
            type="number"
            min={1}
            max={MOST_SPRIGS}
            className="min-h-11 w-18 rounded-lg border-[1.5px] border-slate-line bg-slate-lit px-2 text-right"
            value={sprigs}
            onChange={(event) => {
              const next = Math.round(Number(event.target.value));
              if (next >= 1 && next <= MOST_SPRIGS) set(good.id, good.name, next);
            }}
          />
          <Button
            look="slate"
            aria-label={say`Take ${good.name} off the board`}
            onClick={() => set(good.id, good.name, 0)}
          >
            <X size={18} />
          </Button>
        </li>
      ))}
    </ul>
  );
}
