import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
} from '@headlessui/react';
import { ArrowRight, Search, Zap } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { useCounter, useHouse, useOrders } from '../api/shop';
import { formatFor } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { room } from '../ui/room';
import type { Action } from './action';
import { say, word } from '../language/say';

interface Entry {
  readonly key: string;
  readonly name: string;
  readonly about: string;
  readonly picture: ReactNode;
  readonly does: () => void;
}

const SHOWN = 40;

/** Type to find a good, an order or something to do; Enter takes it. */
export default function FindDialog({
  actions,
  onClose,
}: {
  actions: readonly Action[];
  onClose: () => void;
}) {
  const [query, setQuery] = useState('');
  const entries = useEntries(actions);
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const found = entries
    .filter((e) => words.every((w) => `${e.name} ${e.about}`.toLowerCase().includes(w)))
    .slice(0, SHOWN);
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-black/50" aria-hidden />
      <div className="fixed inset-0 flex justify-center p-6 pt-[10vh]">
        <DialogPanel className="h-fit w-full max-w-xl rounded-xl bg-paper p-3 text-ink shadow-2xl">
          <Combobox<Entry | null>
            value={null}
            onChange={(entry) => {
              if (!entry) return;
              onClose();
              entry.does();
            }}
          >
            <div className="relative">
              <Search size={20} className="pointer-events-none absolute top-3.5 left-3 text-ink-soft" />
              <ComboboxInput
                autoFocus
                aria-label={say`Find goods, orders and actions`}
                placeholder={say`Find goods, orders, things to do`}
                className="field w-full pl-11 text-lg placeholder:text-ink-soft"
                displayValue={() => query}
                onChange={(e) => setQuery(e.target.value)}
              />
            </div>
            <ComboboxOptions static className="mt-2 max-h-[60vh] overflow-y-auto">
              {found.map((entry) => (
                <ComboboxOption
                  key={entry.key}
                  value={entry}
                  className="flex min-h-12 cursor-pointer items-center gap-3 rounded-lg px-2 py-1 data-focus:bg-shade"
                >
                  <span className="flex w-9 justify-center">{entry.picture}</span>
                  <span className="min-w-0">
                    <span className="block leading-5 font-bold">{entry.name}</span>
                    <span className="block text-sm text-ink-soft">{entry.about}</span>
                  </span>
                </ComboboxOption>
              ))}
            </ComboboxOptions>
            {found.length === 0 && (
              <p className="px-3 py-3 text-ink-soft">{say`Nothing is called that. Try a style, an animal, or a customer.`}</p>
            )}
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

/** Actions of the screen first, then orders, rooms of the shop, and goods. */
function useEntries(actions: readonly Action[]): Entry[] {
  const navigate = useNavigate();
  const { data: goods = [] } = useCounter();
  const { data: orders = [] } = useOrders();
  const { data: house } = useHouse();
  return useMemo(() => {
    const format = house && formatFor(house);
    const go = (to: string) => () => void navigate(to);
    const everywhere: Action[] = [
      { name: say`New order`, does: go('/?new') },
      { name: say`Open the book`, does: go('/') },
      { name: say`Open the counter`, does: go('/counter') },
      { name: say`Open the house`, does: go('/house') },
      {
        name: room.read() === 'cellar' ? say`Light the shop` : say`Go down to the cellar (dark room)`,
        does: () => room.set(room.read() === 'cellar' ? 'shop' : 'cellar'),
      },
    ];
    return [
      ...[...actions, ...everywhere].map(({ name, does }) => ({
        key: `do ${name}`,
        name,
        about: 'do',
        picture: <Zap size={20} className="text-annatto-text" />,
        does,
      })),
      ...orders.map((order) => ({
        key: `order ${order.id}`,
        name: order.title,
        about: say`order · ${format?.day(order.brief.servingAt) ?? ''} · ${order.customer}`,
        picture: <ArrowRight size={20} className="text-ink-soft" />,
        does: go(`/orders/${order.id}/pick`),
      })),
      ...goods.map((good) => ({
        key: `good ${good.id}`,
        name: good.name,
        about: `${word(good.kind)} · ${good.style}`,
        picture: <GoodPicture good={good} size={34} />,
        does: go(`/counter?good=${good.id}`),
      })),
    ];
  }, [actions, goods, orders, house, navigate]);
}
