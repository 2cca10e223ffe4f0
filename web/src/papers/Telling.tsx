import { menuOf, type Main, type OrderBody, type Told } from '@rotula/core';
import { Check, RotateCcw } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { TypedText } from '../ui/TypedText';
import { IconButton } from '../ui/IconButton';
import { pointSentence, toldWord } from '../words/menu';
import { say } from '../language/say';

type TellingOf = OrderBody['telling'][string];

/** What is only proposed: it is shown here and not printed until somebody accepts it. */
const isProposal = ({ words }: Told) => words.some(({ from }) => from === 'model');

/** What menu and cards say of each good: words and one thing to tell; what the model proposes is marked until it is accepted. */
export function Telling() {
  const { plan, document, counter } = useWorkbench();
  const { order: now } = document;
  const menu = useMemo(() => menuOf(plan, now, counter), [plan, now, counter]);
  const open = menu.told.filter(isProposal);
  const [shown, setShown] = useState(open.length > 0);
  const set = (name: string, ids: readonly string[], part: (told: Told) => Partial<TellingOf>) =>
    document.change(name, (order) => ({
      ...order,
      telling: {
        ...order.telling,
        ...Object.fromEntries(
          menu.told
            .filter(({ goodId }) => ids.includes(goodId))
            .map((told) => [
              told.goodId,
              { ...(order.telling[told.goodId] ?? { words: null, point: null }), ...part(told) },
            ]),
        ),
      },
    }));
  const accept = (told: readonly Told[]) =>
    set(
      say`the proposed words`,
      told.map(({ goodId }) => goodId),
      ({ words }) => ({ words: words.map(toldWord) }),
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
        {menu.told.map((told) => (
          <Row
            key={told.goodId}
            told={told}
            main={plan.mains.find(({ id }) => id === told.goodId)!}
            onAccept={() => accept([told])}
            onSet={(name, part) => set(name, [told.goodId], () => part)}
          />
        ))}
      </ul>
    </details>
  );
}

function Row({
  told,
  main,
  onAccept,
  onSet,
}: {
  told: Told;
  main: Main;
  onAccept: () => void;
  onSet: (name: string, part: Partial<TellingOf>) => void;
}) {
  const { document, format } = useWorkbench();
  const own = document.order.telling[main.id];
  const point = told.point ? pointSentence(told.point, format) : '';
  const words = told.words.map(toldWord).join(', ');
  return (
    <li
      className="grid items-center gap-x-3 gap-y-1 py-2 min-[700px]:grid-cols-[150px_minmax(0,1fr)_minmax(0,1.4fr)_auto]"
      data-told={main.id}
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
        {isProposal(told) && (
          <span className="text-sm text-annatto-text">
            {say`proposed: ${told.words
              .filter(({ from }) => from === 'model')
              .map(toldWord)
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
        {isProposal(told) && (
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
