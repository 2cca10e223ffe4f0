import {
  basisFieldOf,
  reestimated,
  saidOf,
  SCHEMAS,
  tastedScale,
  usesGood,
  type Good,
  type Order,
  type Sense,
} from '@rotula/core';
import { today as todayHere } from '../../ui/today';
import { ArrowLeft, Trash2 } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import toast from 'react-hot-toast';
import { Link, useNavigate, useParams } from 'react-router';
import { useCounter, useHouse, useOrders, useTakings, useWhatIsLeft } from '../../api/shop';
import { Brand } from '../../frame/Brand';
import { useFindKey } from '../../frame/FindBox';
import { Trouble } from '../../frame/Trouble';
import { formatFor, type Format } from '../../ui/format';
import { IconButton } from '../../ui/IconButton';
import { GoodPicture } from '../../ui/picture/GoodPicture';
import { Slate } from '../../ui/Slate';
import { useKeys } from '../../ui/useKeys';
import { GoodSheet } from '../GoodSheet';
import { Stored } from '../Stored';
import { useCounterEdits } from '../../api/counterEdits';
import { Allergens } from './Allergens';
import { FieldRow } from './FieldRow';
import { SECTIONS, TRIAL_SECTION, withValue } from './fields';
import { Lots } from './Lots';
import { undoKeys, UndoRedo } from '../../ui/UndoRedo';
import { say, word } from '../../language/say';

/** One good, edited where it stands: what a person knows of it on paper, what follows on slate. */
export default function GoodPage() {
  const { id = '' } = useParams();
  const counter = useCounter();
  const house = useHouse();
  const format = useMemo(() => house.data && formatFor(house.data), [house.data]);
  const error = counter.error ?? house.error;
  if (error && !counter.data) return <Trouble error={error} />;
  if (!counter.data || !format) return <main className="p-8" />;
  const good = counter.data.find((g) => g.id === id);
  if (!good)
    return (
      <main className="p-8">
        <p className="mb-4">{say`There is no good ${id} on the counter; it may have been taken away.`}</p>
        <Link className="underline" to="/counter">{say`To the counter`}</Link>
      </main>
    );
  return <OpenGood key={id} good={good} counter={counter.data} format={format} />;
}

function OpenGood({ good, counter, format }: { good: Good; counter: readonly Good[]; format: Format }) {
  const navigate = useNavigate();
  const edits = useCounterEdits();
  const { data: takings = [] } = useTakings();
  const [left] = useWhatIsLeft(useMemo(() => [good], [good]));
  const { data: orders = [] } = useOrders();
  const users = orders.filter((order) => usesGood(order, good.id));
  const today = todayHere();
  useFindKey();
  useKeys({
    ...undoKeys(edits),
    Escape: () => void navigate(`/counter?good=${good.id}`),
  });
  useEffect(() => {
    document.title = say`${good.name} · Rotula`;
  }, [good.name]);
  /** Store a changed good if it is one; else say what is wrong with it, and leave it as it was. */
  const store = (what: string, next: unknown) => {
    const parsed = SCHEMAS[good.kind].safeParse(next);
    if (parsed.success) void edits.put(`${good.name}: ${what}`, [reestimated(parsed.data as Good)]);
    else {
      const issue = parsed.error.issues[0]!;
      toast.error(say`${what}: ${issue.message}. It stays as it was.`);
    }
  };
  const sections = [...(good.trial ? [TRIAL_SECTION] : []), ...SECTIONS].filter((s) =>
    s.kinds.includes(good.kind),
  );
  return (
    <>
      <main className="min-w-0 px-6 pb-10 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <GoodHead navigate={navigate} good={good} users={users} edits={edits} />
        <div className="space-y-8">
          {good.kind !== 'ware' && (
            <section>
              <h2 className="mb-3 text-xl">{say`Lots`}</h2>
              <Lots
                good={good}
                counter={counter}
                takings={takings}
                format={format}
                today={today}
                onSet={(what, lots) => store(what, { ...good, lots })}
              />
            </section>
          )}
          {sections.map(({ title, hint, fields }) => (
            <section key={title}>
              <h2 className="mb-1 text-xl">{title}</h2>
              {hint && <p className="mb-2 text-sm text-ink-soft">{hint}</p>}
              <div className="grid gap-x-5 gap-y-3 min-[700px]:grid-cols-2">
                {fields.map((field) => (
                  <FieldRow
                    key={field.path}
                    field={field}
                    good={good}
                    format={format}
                    onSo={(basis) => store(field.label.toLowerCase(), saidOf(good, basis))}
                    onSet={(value) =>
                      store(
                        field.label.toLowerCase(),
                        nowKnown(field.path, withComposition(withValue(good, field.path, value))),
                      )
                    }
                  />
                ))}
              </div>
            </section>
          ))}
          {good.kind !== 'ware' && (
            <section>
              <h2 className="mb-3 text-xl">{say`Allergens`}</h2>
              <Allergens
                good={good}
                format={format}
                onSet={(allergens) => store('allergens', { ...good, allergens })}
              />
            </section>
          )}
        </div>
      </main>
      <Slate label={say`What follows`}>
        <GoodSheet good={left!} format={format} today={today} />
      </Slate>
    </>
  );
}

/** Its name, who uses it, undo, and the way off the counter. */
function GoodHead({
  navigate,
  good,
  users,
  edits,
}: {
  navigate: ReturnType<typeof useNavigate>;
  good: Good;
  users: readonly Order[];
  edits: ReturnType<typeof useCounterEdits>;
}) {
  return (
    <div className="mb-4 flex items-center gap-3">
      <IconButton label={say`To the counter`} onClick={() => void navigate(`/counter?good=${good.id}`)}>
        <ArrowLeft size={22} />
      </IconButton>
      <GoodPicture good={good} size={56} />
      <div className="min-w-0 flex-1">
        <h1 className="truncate text-[2.1rem]">{good.name}</h1>
        <p className="truncate text-ink-soft">
          {good.style} · {word(good.kind)} · {good.id}
        </p>
        {users.length > 0 && (
          <p className="truncate text-sm text-ink-soft" data-used-by>
            {say`Used by ${users.map((order) => order.title).join(', ')}`}
          </p>
        )}
      </div>
      <Stored queue={edits.queue} />
      <UndoRedo of={edits} />
      <IconButton
        label={say`Take ${good.name} off the counter`}
        onClick={() => {
          void edits.remove(say`take ${good.name} off the counter`, [good]);
          if (users.length > 0)
            toast(
              say`${good.name} is used by ${users.map((order) => `“${order.title}”`).join(', ')}: ${users.length === 1 ? say`it keeps` : say`they keep`} it as it was. Undo brings it back.`,
              { duration: 10_000 },
            );
          void navigate('/counter');
        }}
      >
        <Trash2 size={20} />
      </IconButton>
    </div>
  );
}

/** What somebody sets is no guess any more; whoever sets a scale has tasted it. */
const nowKnown = (path: string, next: unknown): unknown => {
  const [part, scale] = path.split('.');
  if (part === 'sense') return tastedScale(next as Good, scale as keyof Sense);
  const field = basisFieldOf(path);
  return field ? saidOf(next as Good, field) : next;
};

/** Water and fat make a composition together: with both taken away there is none, with one the other starts at 0. */
function withComposition(next: unknown): unknown {
  const good = next as { composition?: { water?: number | null; fat?: number | null } | null };
  if (!good.composition) return next;
  const { water, fat } = good.composition;
  if ((water ?? null) === null && (fat ?? null) === null) return { ...good, composition: null };
  return { ...good, composition: { ...good.composition, water: water ?? 0, fat: fat ?? 0 } };
}
