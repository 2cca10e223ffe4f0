import {
  goesWithEverything,
  isMain,
  rankedByHouse,
  shelvesOf,
  type Main,
  type Beside,
  type Match,
  type PairWord,
  type ShelfId,
  type Slot,
} from '@rotula/core';
import clsx from 'clsx';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Finder } from '../ui/Finder';
import { capital, signed, type Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateSection } from '../ui/Slate';
import { SAYING_WORDS, sentence, SHELF_WORDS } from '../words';
import { say, word } from '../language/say';

const RANKED_SHOWN = 6;

/** All that may stand in a slot beside a good, the best first: of one shelf or of all of them. */
export function RankedList({
  main,
  slot,
  standing,
  onChoose,
}: {
  main: Main;
  slot: Slot;
  /** What stands there now. */
  standing: string | null;
  onChoose: (id: string, name: string) => void;
}) {
  const { plan, counter, house, format } = useWorkbench();
  const [shelf, setShelf] = useState<ShelfId | null>(null);
  const shelves = shelvesOf(slot);
  const open = shelves.find(({ id }) => id === shelf) ?? null;
  const { weights } = plan.pairs;
  const candidates = plan.pairs.candidates[slot];
  const ranked = useMemo(
    () => rankedByHouse(main, open ? candidates.filter(open.holds) : candidates, house.pairWords, weights),
    [main, open, candidates, house.pairWords, weights],
  );
  const mains = useMemo(() => counter.filter(isMain), [counter]);
  const everything = useMemo(
    () =>
      new Set(
        shelves.flatMap(({ holds }) => [...goesWithEverything(mains, shelfOf(candidates, holds), weights)]),
      ),
    [mains, shelves, candidates, weights],
  );
  return (
    <SlateSection title={say`${capital(word(slot))} for ${main.name}`} aside={say`fit`}>
      {shelves.length > 1 && (
        <div className="mb-2 flex flex-wrap gap-1" role="group" aria-label={say`Which shelf`}>
          <Chip on={open === null} onClick={() => setShelf(null)}>{say`All`}</Chip>
          {shelves.map(({ id }) => (
            <Chip key={id} shelf={id} on={open?.id === id} onClick={() => setShelf(id)}>
              {SHELF_WORDS[id]}
            </Chip>
          ))}
        </div>
      )}
      <ul>
        {ranked.slice(0, RANKED_SHOWN).map(({ match, word: said }) => (
          <Ranked
            key={match.beside.id}
            match={match}
            standing={standing}
            onChoose={onChoose}
            said={said}
            format={format}
            everything={everything}
          />
        ))}
      </ul>
      {ranked.length > RANKED_SHOWN && (
        <div className="mt-2">
          <Finder
            label={say`Another ${word(slot)} for ${main.name}`}
            placeholder={say`${ranked.length - RANKED_SHOWN} more`}
            items={ranked}
            keyOf={({ match }) => match.beside.id}
            textOf={({ match }) => `${match.beside.name} ${match.beside.style}`}
            show={({ match }) => (
              <span className="flex items-center gap-3">
                <GoodPicture good={match.beside} size={30} />
                <span className="flex-1">
                  {match.beside.name} <span className="text-sm text-ink-soft">{match.beside.style}</span>
                </span>
                <span>{signed(match.score, 1)}</span>
              </span>
            )}
            onTake={({ match }) => onChoose(match.beside.id, match.beside.name)}
          />
        </div>
      )}
      {ranked.length === 0 && (
        <p className="text-chalk-soft">{say`The counter has none that the limits allow.`}</p>
      )}
    </SlateSection>
  );
}

/** One that suits, with what speaks for it. */
function Ranked({
  match,
  standing,
  onChoose,
  said,
  format,
  everything,
}: {
  match: Match<Beside>;
  standing: string | null;
  onChoose: (id: string, name: string) => void;
  said: PairWord | null;
  format: Format;
  everything: ReadonlySet<Beside>;
}) {
  return (
    <li>
      <button
        type="button"
        data-ranked={match.beside.id}
        className={clsx(
          'flex w-full items-center gap-3 rounded-lg px-1 py-1.5 text-left hover:bg-slate-lit',
          match.beside.id === standing && 'bg-slate-lit',
        )}
        onClick={() => onChoose(match.beside.id, match.beside.name)}
      >
        <span className="rounded-full bg-paper p-0.5">
          <GoodPicture good={match.beside} size={34} />
        </span>
        <span className="min-w-0 flex-1">
          <span className="block font-bold">
            {match.beside.name}
            {said && (
              <span className="ml-2 rounded bg-butter px-1.5 text-sm font-normal text-ink">
                {say`house: ${SAYING_WORDS[said.says]}`}
              </span>
            )}
          </span>
          <span className="block text-sm text-chalk-soft">
            {match.reasons[0] ? sentence(match.reasons[0], format) : match.beside.style}
            {everything.has(match.beside) && say` · goes with everything`}
          </span>
        </span>
        <span className={match.score >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(match.score, 1)}</span>
      </button>
    </li>
  );
}

/** A shelf's goods of these candidates, the same list for the same two. */
const lists = new WeakMap<object, Map<unknown, readonly never[]>>();
function shelfOf<T>(candidates: readonly T[], holds: (good: never) => boolean): readonly T[] {
  const known = lists.get(candidates) ?? new Map<unknown, readonly never[]>();
  lists.set(candidates, known);
  const found = known.get(holds) ?? (candidates.filter((good) => holds(good as never)) as never[]);
  known.set(holds, found);
  return found as readonly T[];
}

function Chip({
  on,
  shelf,
  onClick,
  children,
}: {
  on: boolean;
  shelf?: string;
  onClick: () => void;
  children: string;
}) {
  return (
    <button
      type="button"
      data-shelf={shelf}
      aria-pressed={on}
      className="min-h-11 rounded-full border border-slate-line px-3 text-sm text-chalk-soft hover:text-chalk aria-pressed:bg-slate-lit aria-pressed:font-bold aria-pressed:text-chalk"
      onClick={onClick}
    >
      {children}
    </button>
  );
}
