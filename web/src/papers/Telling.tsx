import { menuOf, type Main, type OrderBody, type MenuEntry } from '@rotula/core';
import { Check, RotateCcw } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { TypedText } from '../ui/TypedText';
import { IconButton } from '../ui/IconButton';
import { pointSentence, tastingWord } from '../words/menu';
import { say } from '../language/say';

type TellingOf = OrderBody['telling'][string];

/** What is only proposed: it is shown here and not printed until somebody accepts it. */
const isProposal = ({ words }: MenuEntry) => words.some(({ from }) => from === 'model');

/** What menu and cards say of each good: words and one thing to say; what the model proposes is marked until it is accepted. */
export function Telling() {
  const { plan, document, counter } = useWorkbench();
  const { order: now } = document;
  const menu = useMemo(() => menuOf(plan, now, counter), [plan, now, counter]);
  const open = menu.entries.filter(isProposal);
  const [shown, setShown] = useState(open.length > 0);
  const set = (name: string, ids: readonly string[], part: (entry: MenuEntry) => Partial<TellingOf>) =>
    document.change(name, (order) => ({
      ...order,
      telling: {
        ...order.telling,
        ...Object.fromEntries(
          menu.entries
            .filter(({ goodId }) => ids.includes(goodId))
            .map((entry) => [
              entry.goodId,
              { ...(order.telling[entry.goodId] ?? { words: null, point: null }), ...part(entry) },
            ]),
        ),
      },
    }));
  const accept = (entries: readonly MenuEntry[]) =>
    set(
      say`the proposed words`,
      entries.map(({ goodId }) => goodId),
      ({ words }) => ({ words: words.map(tastingWord) }),
    );
  return (
    <details
      className="no-print mb-6 border-y border-line text-ink"
      open={shown}
      onToggle={(event) => setShown(event.currentTarget.open)}
    >
      <summary className="flex min-h-11 cursor-pointer items-center gap-3 text-lg font-bold">
        {say`What is told`}
        <span className="text-base font-normal text-ink-soft">
          {open.length === 0
            ? say`every word is the shop’s own`
            : say`${open.length} with words of the model, not printed until accepted`}
        </span>
      </summary>
      {open.length > 0 && (
        <Button className="my-2" onClick={() => accept(open)}>
          <Check size={18} /> {say`Accept all proposed words`}
        </Button>
      )}
      <ul className="divide-y divide-line">
        {menu.entries.map((entry) => (
          <TellingRow
            key={entry.goodId}
            told={entry}
            main={plan.mains.find(({ id }) => id === entry.goodId)!}
            onAccept={() => accept([entry])}
            onSet={(name, part) => set(name, [entry.goodId], () => part)}
          />
        ))}
      </ul>
    </details>
  );
}

function TellingRow({
  told: entry,
  main,
  onAccept,
  onSet,
}: {
  told: MenuEntry;
  main: Main;
  onAccept: () => void;
  onSet: (name: string, part: Partial<TellingOf>) => void;
}) {
  const { document, format } = useWorkbench();
  const own = document.order.telling[main.id];
  const point = entry.point ? pointSentence(entry.point, format) : '';
  const words = entry.words.map(tastingWord).join(', ');
  return (
    <li
      className="grid items-center gap-x-3 gap-y-1 py-2 min-[700px]:grid-cols-[150px_minmax(0,1fr)_minmax(0,1.4fr)_auto]"
      data-violation={main.id}
    >
      <span className="leading-5 font-bold">{main.name}</span>
      <span>
        <Typed
          key={words}
          label={say`Words for ${main.name}`}
          value={words}
          most={120}
          onSet={(text) =>
            onSet(say`words for ${main.name}`, {
              words: text
                .split(',')
                .map((word) => word.trim().slice(0, 40))
                .filter(Boolean)
                .slice(0, 3),
            })
          }
        />
        {isProposal(entry) && (
          <span className="text-sm text-annatto-text">
            {say`proposed: ${entry.words
              .filter(({ from }) => from === 'model')
              .map(tastingWord)
              .join(', ')}`}
          </span>
        )}
      </span>
      <Typed
        key={point}
        label={say`One thing to say of ${main.name}`}
        value={point}
        most={200}
        onSet={(text) => onSet(say`what is said of ${main.name}`, { point: text })}
      />
      <span className="flex">
        {isProposal(entry) && (
          <IconButton label={say`Accept the words for ${main.name}`} onClick={onAccept}>
            <Check size={20} />
          </IconButton>
        )}
        {own && (
          <IconButton
            label={say`Tell ${main.name} as Rotula would`}
            onClick={() => onSet(say`${main.name} told as Rotula would`, { words: null, point: null })}
          >
            <RotateCcw size={18} />
          </IconButton>
        )}
      </span>
    </li>
  );
}

/** A line that is kept as it is typed. */
function Typed({
  label,
  value,
  most,
  onSet,
}: {
  label: string;
  value: string;
  most: number;
  onSet: (text: string) => void;
}) {
  return (
    <TypedText
      className="field w-full"
      label={label}
      value={value}
      maxLength={most}
      onCommit={(text) => onSet(text.trim())}
    />
  );
}
