import {
  ACCEPTED_FIRMNESS,
  ageOn,
  ageWords,
  allergensByState,
  fatClassOf,
  firmnessOf,
  gramsOnHand,
  isMain,
  nextLot,
  sweetnessWords,
  type Good,
} from '@rotula/core';
import { capital, type Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateSection } from '../ui/Slate';

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

/** Everything known of one good, on the slate. */
export function GoodSheet({ good, format, today }: { good: Good; format: Format; today: string }) {
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
