import { isCompanion, MOST_DESSERTS, type Companion, type Drink } from '@rotula/core';
import { X } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { IconButton } from '../ui/IconButton';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { say } from '../language/say';

/** After the last good nothing follows but a dessert: chocolate, something sweet or a sweet wine as a step of its own. */
export function Desserts() {
  const { plan, document } = useWorkbench();
  const { desserts, dessertChoices, beside, walk } = plan;
  const set = (
    name: string,
    ids: (before: readonly string[]) => readonly string[],
    put?: Companion | Drink,
  ) =>
    document.change(name, (order) => ({
      ...order,
      desserts: [...ids(order.desserts)],
      // What ends the tasting lies on the board.
      extras:
        put && isCompanion(put) && !beside.some(({ id }) => id === put.id)
          ? [...new Set([...order.extras, put.id])]
          : order.extras,
    }));
  const open = dessertChoices.filter(({ id }) => !desserts.some(({ good }) => good.id === id));
  if (walk.steps.length === 0 || (desserts.length === 0 && open.length === 0)) return null;
  return (
    <section className="mt-4" aria-label={say`Dessert`}>
      <h2 className="font-serif text-xl font-semibold">{say`To end with`}</h2>
      <ol className="divide-y divide-line">
        {desserts.map(({ number, good }) => (
          <li key={good.id} className="flex items-center gap-4 py-2" data-dessert={good.id}>
            <span className="w-10 text-center font-serif text-3xl font-semibold">{number}</span>
            <GoodPicture good={good} size={50} />
            <span className="min-w-0 flex-1">
              <span className="block text-lg leading-5 font-bold">{good.name}</span>
              <span className="text-sm text-ink-soft">{say`${good.style}: a step of its own, after all else`}</span>
            </span>
            <IconButton
              label={say`${good.name} is no step of its own`}
              onClick={() =>
                set(say`${good.name} no step of its own`, (ids) => ids.filter((id) => id !== good.id))
              }
            >
              <X size={20} />
            </IconButton>
          </li>
        ))}
      </ol>
      {desserts.length < MOST_DESSERTS && open.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 py-1">
          <span className="text-ink-soft">
            {desserts.length === 0 ? say`Nothing yet. As a step of its own:` : say`And then:`}
          </span>
          {open.map((good) => (
            <button
              key={good.id}
              type="button"
              className="flex min-h-11 items-center gap-2 rounded-full border-[1.5px] border-line px-3 hover:bg-shade"
              onClick={() => set(say`${good.name} to end with`, (ids) => [...ids, good.id], good)}
            >
              <GoodPicture good={good} size={26} />
              {good.name}
            </button>
          ))}
        </p>
      )}
    </section>
  );
}
