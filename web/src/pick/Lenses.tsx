import { addExtra, dropExtra, LENSES, MOST_EXTRAS, readLenses } from '@rotula/core';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { capital } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { LENS_LABELS, tagWord } from '../words';
import { say } from '../language/say';

/** The whole board through one lens: what it has, what is missing, and the cheapest fix. */
export function Lenses() {
  const { plan, document, counter, format } = useWorkbench();
  const [id, setId] = useState<string>(LENSES[0]!.id);
  const lenses = useMemo(() => {
    const board = [...plan.mains, ...plan.pairs.set.map(({ beside }) => beside), ...plan.extras];
    return readLenses(board, counter, plan.brief);
  }, [plan, counter]);
  const isFull = document.order.extras.length >= MOST_EXTRAS;
  const reading = lenses.find((r) => r.lens.id === id) ?? lenses[0]!;
  return (
    <SlateSection
      title={say`Through a lens`}
      aside={reading.missing === 0 ? say`all there` : say`${reading.missing} missing`}
    >
      <Select
        label={say`Lens`}
        className="mb-3 w-full"
        value={reading.lens.id}
        options={lenses.map((r) => ({
          value: r.lens.id,
          label: LENS_LABELS[r.lens.id],
          hint: r.missing === 0 ? say`all there` : say`${r.missing} missing`,
        }))}
        onChange={setId}
      />
      <ul className="space-y-2">
        {reading.tags.map(({ tag, goods, fix }) => (
          <li key={tag} className="flex items-start gap-3">
            <span
              aria-hidden
              className={`mt-1.5 size-3 shrink-0 rounded-full border-2 ${goods.length > 0 ? 'border-leaf-lit bg-leaf-lit' : 'border-wax-lit'}`}
            />
            <div className="min-w-0 flex-1">
              <strong>{capital(tagWord(tag))}</strong>{' '}
              <span className="text-sm text-chalk-soft">
                {goods.length > 0
                  ? goods
                      .slice(0, 3)
                      .map((g) => g.name)
                      .join(', ') + (goods.length > 3 ? say` and ${goods.length - 3} more` : '')
                  : fix
                    ? 'missing'
                    : say`missing, and nothing on this counter brings it`}
              </span>
              {fix && isFull && (
                <span className="block text-sm">
                  {say`${MOST_EXTRAS} things are added already; take one away first.`}
                </span>
              )}
              {fix && !isFull && (
                <Button
                  look="slate"
                  className="mt-1 max-w-full whitespace-normal! text-left"
                  onClick={() => document.change(say`add ${fix.good.name}`, (o) => addExtra(o, fix.good.id))}
                >
                  {say`Add ${fix.good.name}, ${format.money(fix.cost)}`}
                  {fix.alsoBrings.length > 0 && say`; brings ${format.list(fix.alsoBrings.map(tagWord))} too`}
                </Button>
              )}
            </div>
          </li>
        ))}
      </ul>
      {plan.extras.length > 0 && (
        <p className="mt-3 text-sm text-chalk-soft">
          {say`Added by hand:`}{' '}
          {plan.extras.map((good) => (
            <button
              key={good.id}
              type="button"
              className="mr-2 inline-flex min-h-11 items-center underline underline-offset-4 hover:text-chalk"
              onClick={() => document.change(say`take ${good.name} away`, (o) => dropExtra(o, good.id))}
            >
              {good.name} ×
            </button>
          ))}
        </p>
      )}
    </SlateSection>
  );
}
