import {
  ACCEPTED_FIRMNESS,
  allergensByState,
  ageOn,
  ageWords,
  fatClassOf,
  firmnessOf,
  GOOD_KINDS,
  gramsOnHand,
  isMain,
  nextLot,
  sweetnessWords,
  TEXTURES,
  type Good,
  type GoodKind,
} from '@rotula/core';
import { lightFormat } from 'date-fns';
import clsx from 'clsx';
import { useEffect, useMemo, useState } from 'react';
import { useCounter, useHouse } from '../api/shop';
import { Brand } from '../app/Brand';
import { Trouble } from '../app/Trouble';
import { capital, count, formatFor, type Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Slate, SlateSection } from '../ui/Slate';
import { useKeys } from '../ui/useKeys';
import { lineOf } from '../ui/words';

const PLURALS: Record<GoodKind, string> = {
  cheese: 'cheeses',
  meat: 'meats',
  companion: 'companions',
  drink: 'drinks',
  ware: 'wares',
};

/** All goods of the shop: filter and find. */
export default function CounterPage() {
  const counter = useCounter();
  const house = useHouse();
  const [kind, setKind] = useState<GoodKind | 'all'>('all');
  const [query, setQuery] = useState('');
  const [focusId, setFocusId] = useState<string | null>(null);
  const today = lightFormat(new Date(), 'yyyy-MM-dd');
  useKeys({ '/': () => document.getElementById('find-on-counter')?.focus() });
  useEffect(() => {
    document.title = 'Counter · Rotula';
  }, []);
  const format = useMemo(() => house.data && formatFor(house.data), [house.data]);
  const error = counter.error ?? house.error;
  if (error && !counter.data) return <Trouble error={error} />;
  if (!counter.data || !format) return <main className="p-8" />;
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const found = sorted(counter.data).filter(
    (good) =>
      (kind === 'all' || good.kind === kind) && words.every((word) => searchText(good).includes(word)),
  );
  const focus = found.find((g) => g.id === focusId) ?? found[0] ?? null;
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <h1 className="mb-3 text-[2.1rem]">The counter</h1>
        <div className="sticky top-0 z-10 flex flex-wrap items-center gap-x-4 gap-y-2 bg-paper py-2">
          <input
            id="find-on-counter"
            className="field min-w-56 flex-1"
            type="search"
            placeholder="Find by name, style, animal, texture, maker"
            aria-label="Find on the counter"
            value={query}
            onChange={(e) => setQuery(e.target.value)}
          />
          <div role="group" aria-label="Kind of good" className="flex flex-wrap gap-1">
            {(['all', ...GOOD_KINDS] as const).map((k) => (
              <button
                key={k}
                type="button"
                aria-pressed={kind === k}
                className={clsx(
                  'min-h-11 rounded-full px-3.5',
                  kind === k ? 'bg-ink text-paper' : 'hover:bg-shade',
                )}
                onClick={() => setKind(k)}
              >
                {k === 'all' ? 'all' : PLURALS[k]}
              </button>
            ))}
          </div>
          <span className="text-ink-soft" role="status">
            {count(found.length, 'good')}
          </span>
        </div>
        {found.length === 0 && (
          <p className="mt-6 text-ink-soft">
            Nothing on the counter is called that. Clear the words above to see all.
          </p>
        )}
        <ul className="grid gap-x-6 min-[1250px]:grid-cols-2">
          {found.map((good) => (
            <li key={good.id} className="border-b border-line">
              <button
                type="button"
                aria-pressed={focus?.id === good.id}
                className={clsx(
                  'flex w-full items-center gap-3 rounded-lg px-1 py-2 text-left',
                  focus?.id === good.id ? 'bg-shade' : 'hover:bg-paper-lit',
                )}
                onClick={() => setFocusId(good.id)}
                onFocus={() => setFocusId(good.id)}
              >
                <GoodPicture good={good} size={46} />
                <span className="min-w-0 flex-1">
                  <span className="block text-lg leading-5 font-bold">{good.name}</span>
                  <span className="block text-sm text-ink-soft">{lineOf(good, today)}</span>
                </span>
                <span className="text-right">
                  <span className="block">{format.money(good.price.amount)}</span>
                  <span className="block text-sm text-ink-soft">per {good.price.per}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
      </main>
      <Slate label="The good in focus">
        {focus && <GoodSheet good={focus} format={format} today={today} />}
      </Slate>
    </>
  );
}

/** Cheeses first, family by family from fresh to blue, then the other kinds, by name. */
function sorted(goods: readonly Good[]): Good[] {
  const rank = (good: Good) =>
    GOOD_KINDS.indexOf(good.kind) * 100 + (good.kind === 'cheese' ? TEXTURES.indexOf(good.texture) : 0);
  return [...goods].sort((a, b) => rank(a) - rank(b) || a.name.localeCompare(b.name));
}

/** Every word that a good can be found by. */
function searchText(good: Good): string {
  const animals = good.kind === 'cheese' ? good.milk : good.kind === 'meat' ? good.animals : [];
  const own =
    good.kind === 'cheese'
      ? good.texture
      : good.kind === 'companion'
        ? good.role
        : good.kind === 'drink'
          ? good.type
          : '';
  return [
    good.name,
    good.style,
    good.maker,
    good.origin.region,
    good.kind,
    own,
    ...good.adjectives,
    ...animals.map((a) => a.animal),
  ]
    .join(' ')
    .toLowerCase();
}

const SENSES = [
  'sweet',
  'sour',
  'salty',
  'bitter',
  'umami',
  'fat',
  'heat',
  'smoke',
  'funk',
  'intensity',
  'persistence',
] as const;

function GoodSheet({ good, format, today }: { good: Good; format: Format; today: string }) {
  const states = allergensByState(good.allergens);
  const lot = nextLot(good);
  const onHand = gramsOnHand(good);
  return (
    <>
      <div className="flex items-center gap-4">
        <span className="rounded-2xl bg-paper p-2">
          <GoodPicture good={good} size={84} />
        </span>
        <div>
          <h2 className="text-3xl">{good.name}</h2>
          <p className="text-chalk-soft">
            {[good.style, good.maker, good.origin.region].filter(Boolean).join(' · ')}
          </p>
          <p>{good.adjectives.join(', ')}</p>
        </div>
      </div>
      {good.kind !== 'ware' && (
        <SlateSection title="How it tastes" aside="0 to 10">
          <ul className="grid grid-cols-2 gap-x-5 gap-y-1">
            {SENSES.filter((s) => good.sense[s] > 0).map((s) => (
              <li key={s} className="flex items-center gap-2">
                <span className="w-24">
                  {s === 'intensity' ? 'strength' : s === 'persistence' ? 'lingers' : s}
                </span>
                <span className="h-2 flex-1 rounded-full bg-slate-line">
                  <span
                    className="block h-2 rounded-full bg-butter"
                    style={{ width: `${good.sense[s] * 10}%` }}
                  />
                </span>
                <span className="w-7 text-right">{good.sense[s]}</span>
              </li>
            ))}
          </ul>
        </SlateSection>
      )}
      <SlateSection title="Allergens">
        <p>
          <strong>Contains:</strong> {states.contains.join(', ') || 'none of the declared'}
        </p>
        {states['may contain'].length > 0 && <p>May contain: {states['may contain'].join(', ')}</p>}
        <p className="text-chalk-soft">
          {states.unknown.length > 0
            ? `Unknown: ${states.unknown.join(', ')}. Unknown is never safe.`
            : `Free of the other ${states.free.length} that must be declared.`}
        </p>
      </SlateSection>
      <SlateSection title={isMain(good) ? 'Make and lot' : 'Pack'}>
        <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
          {factsOf(good, format).map(([term, text]) => (
            <div key={term} className="contents">
              <dt className="text-chalk-soft">{term}</dt>
              <dd>{text}</dd>
            </div>
          ))}
          {isMain(good) && (
            <div className="contents">
              <dt className="text-chalk-soft">age today</dt>
              <dd>{ageWords(ageOn(good, today))}</dd>
            </div>
          )}
          {onHand !== null && onHand > 0 && (
            <div className="contents">
              <dt className="text-chalk-soft">on hand</dt>
              <dd>
                {format.grams(onHand)}
                {lot?.opened && ', opened'}
              </dd>
            </div>
          )}
        </dl>
        {isMain(good) && (
          <p className="mt-2">
            {lot?.verdict ? (
              <>
                <strong>{capital(lot.verdict.says)}</strong>
                {lot.verdict.note && `: ${lot.verdict.note}`}{' '}
                <span className="text-chalk-soft">
                  ({lot.verdict.taster}, {lot.verdict.on})
                </span>
              </>
            ) : (
              <span className="text-chalk-soft">Not tasted.</span>
            )}
          </p>
        )}
      </SlateSection>
    </>
  );
}

/** What is particular to each kind of good, as term and text. */
function factsOf(good: Good, format: Format): [string, string][] {
  switch (good.kind) {
    case 'cheese': {
      const facts: [string, string][] = [
        [
          'milk',
          good.milk
            .map((m) => `${m.animal}${m.share < 1 ? ` ${Math.round(m.share * 100)} %` : ''}`)
            .join(', ') + `, ${good.treatment}`,
        ],
        ['family', good.texture],
      ];
      if (good.composition) {
        const firmness = firmnessOf(good.composition);
        const odd = !firmness.some((f) => ACCEPTED_FIRMNESS[good.texture].includes(f));
        facts.push([
          'published firmness',
          firmness.join(' or ') + (odd ? ' (unusual for its family)' : ''),
        ] as [string, string]);
        facts.push(['fat class', fatClassOf(good.composition)]);
      }
      facts.push(
        ['rennet', good.contents.rennet],
        ['rind', `${good.rind.kind}, ${good.rind.verdict}`],
        ['whole piece', `${good.form.shape}, ${format.grams(good.form.grams)}`],
      );
      return facts;
    }
    case 'meat':
      return [
        ['animal', good.animals.map((a) => a.animal).join(', ')],
        ['build', `${good.build}, ${good.process}, ${good.calibre}`],
        [
          'casing',
          `${good.contents.casing}${good.contents.casing === 'none' ? '' : good.casingEaten ? ', eaten' : ', peeled'}`,
        ],
        ['slice', `${format.mm(good.slice.mm)} × ${format.mm(good.slice.diameter)}`],
      ];
    case 'companion':
      return [
        ['role', good.role],
        ['pack', good.pack.grams ? `${good.pack.form}, ${format.grams(good.pack.grams)}` : good.pack.form],
      ];
    case 'drink':
      return [
        ['kind', good.type],
        ['alcohol', `${good.abv} %`],
        ['sugar, acidity', `${good.residualSugar} g/l, ${good.totalAcidity} g/l`],
        ...(['sparkling', 'white', 'rosé', 'red'].includes(good.type)
          ? ([
              [
                'label may say',
                sweetnessWords(
                  good.type === 'sparkling' ? 'sparkling' : 'still',
                  good.residualSugar,
                  good.totalAcidity,
                ).join(', '),
              ],
            ] as [string, string][])
          : []),
        ['bottle', `${good.pack.ml} ml`],
      ];
    case 'ware':
      return [['use', good.use]];
  }
}
