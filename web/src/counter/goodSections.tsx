import {
  ageOn,
  contradictions,
  familyCheck,
  fitsLimit,
  gramsOnHand,
  insideOf,
  isMain,
  lotOn,
  moneyAtRisk,
  newLimit,
  SENSES,
  servedGood,
  type AllergenId,
  type AllergenState,
  type Good,
  type Main,
} from '@rotula/core';
import { capital, choiceOf, type Format } from '../ui/format';
import { Callout, SlateSection } from '../ui/Slate';
import { ageWords, allergenLabel, sentence } from '../words';
import { say, word } from '../language/say';
import { factsOf } from './goodFacts';

/** Parts of a good's sheet, each about one thing. */

const DIETS = ['vegetarian', 'no pork', 'halal', 'kosher', 'no alcohol', 'lactose'] as const;
type Eaten = Exclude<Good, { kind: 'ware' }>;

export function Tastes({ good }: { good: Eaten }) {
  return (
    <SlateSection title={say`How it tastes`} aside={say`0 to 10`}>
      <ul className="grid grid-cols-2 gap-x-5 gap-y-1">
        {SENSES.filter((s) => good.sense[s] > 0).map((s) => (
          <li key={s} className="flex items-center gap-2">
            <span className="w-24">
              {s === 'intensity' ? say`strength` : s === 'persistence' ? say`lingers` : word(s)}
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
  );
}

export function AllergenFacts({
  good,
  states,
}: {
  good: Good;
  states: Readonly<Record<AllergenState, readonly AllergenId[]>>;
}) {
  const inside = insideOf(good);
  const wrong = contradictions(good, inside);
  return (
    <SlateSection title={say`Allergens`}>
      <p>
        <strong>{say`Contains:`}</strong>{' '}
        {states.contains.map(allergenLabel).join(', ') || say`none of the declared`}
      </p>
      {states['may contain'].length > 0 && (
        <p>{say`May contain: ${states['may contain'].map(allergenLabel).join(', ')}`}</p>
      )}
      <p className="text-chalk-soft">
        {states.unknown.length > 0
          ? say`Unknown: ${states.unknown.map(allergenLabel).join(', ')}. Unknown is never safe.`
          : say`Free of the other ${states.free.length} that must be declared.`}
      </p>
      {wrong.length > 0 && (
        <div className="mt-2">
          <Callout tone="stop">{say`Declared free, and yet inside: ${wrong.map(allergenLabel).join(', ')}. Ask the maker and put it right; until then it counts as containing it.`}</Callout>
        </div>
      )}
      {inside.named.length > 0 && (
        <div className="mt-2">
          <Callout tone="stop">{say`Its name says ${inside.named.map((one) => `${allergenLabel(one.id)} (${one.word})`).join(', ')}, and nobody has said whether that is in it: not known until somebody does.`}</Callout>
        </div>
      )}
      {inside.contains.length > 0 && (
        <p className="mt-1 text-sm text-chalk-soft">
          {say`By what is inside: ${inside.contains.map((c) => `${word(c.id)} (${c.word})`).join(', ')}`}
        </p>
      )}
    </SlateSection>
  );
}

export function Suits({ good, format, today }: { good: Eaten; format: Format; today: string }) {
  const served = servedGood(good, today);
  return (
    <SlateSection title={say`Whom it suits`}>
      <ul className="grid grid-cols-2 gap-x-4 gap-y-1">
        {DIETS.map((id) => {
          const fit = fitsLimit(served, newLimit(`diet:${id}`));
          return (
            <li key={id}>
              <span className={fit.fits === 'yes' ? 'text-leaf-lit' : 'text-wax-lit'}>
                {fit.fits === 'yes' ? '✓' : fit.fits === 'no' ? '✗' : '?'}
              </span>{' '}
              {word(id)}
              {fit.fits !== 'yes' && (
                <span className="block pl-5 text-sm text-chalk-soft">
                  {fit.why && sentence(fit.why, format)}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </SlateSection>
  );
}

/** What a cheese's composition says of its family. */
export function Family({ good }: { good: Extract<Good, { kind: 'cheese' }> }) {
  const family = familyCheck(good.texture, good.composition);
  if (!family) return null;
  return (
    <SlateSection title={say`Family, firmness`} aside={say`CODEX STAN 283`}>
      <p>
        <strong>{word(good.texture)}</strong> {say`beside`}{' '}
        <strong>{choiceOf(family.firmness.map(word))}</strong>
        {say`, ${word(family.fatClass)}: ${family.mffb.toFixed(1)} % moisture on a fat-free basis.`}
      </p>
      {family.unusual && (
        <div className="mt-2">
          <Callout tone="advice">{say`That is ${family.outside.toFixed(1)} points outside what this family usually shows. The family stays as you set it; look at the composition again.`}</Callout>
        </div>
      )}
    </SlateSection>
  );
}

export function MoneyAtRisk({ good, format }: { good: Good; format: Format }) {
  const risk = moneyAtRisk(good);
  if (!risk) return null;
  return (
    <SlateSection title={say`Money at risk`}>
      <p>
        <strong>{format.money(risk.paid)}</strong> {say`for this end`}
        {risk.whole !== null && (
          <>
            {' '}
            {say`against`} <strong>{format.money(risk.whole)}</strong> {say`for a whole piece`}
          </>
        )}
        .{' '}
        {good.trial?.decision === 'undecided'
          ? say`Not decided yet.`
          : capital(word(good.trial?.decision ?? ''))}
      </p>
    </SlateSection>
  );
}

export function MakeAndLot({ good, format, today }: { good: Good; format: Format; today: string }) {
  const lot = lotOn(good, today)?.lot;
  const onHand = gramsOnHand(good, today);
  return (
    <SlateSection title={isMain(good) ? say`Make and lot` : say`Pack`}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
        {factsOf(good, format).map(([term, text]) => (
          <div key={term} className="contents">
            <dt className="text-chalk-soft">{term}</dt>
            <dd>{text}</dd>
          </div>
        ))}
        {isMain(good) && (
          <div className="contents">
            <dt className="text-chalk-soft">{say`age today`}</dt>
            <dd>{ageWords(ageOn(good, today))}</dd>
          </div>
        )}
        {onHand !== null && onHand > 0 && (
          <div className="contents">
            <dt className="text-chalk-soft">{say`on hand`}</dt>
            <dd>
              {format.grams(onHand)}
              {lot?.opened && say`, opened`}
            </dd>
          </div>
        )}
      </dl>
      {isMain(good) && <Verdict good={good} format={format} today={today} />}
    </SlateSection>
  );
}

/** What was tasted of it last, carried on to today. */
function Verdict({ good, format, today }: { good: Main; format: Format; today: string }) {
  const verdict = lotOn(good, today)?.verdict;
  if (!verdict) return <p className="mt-2 text-chalk-soft">{say`Not tasted.`}</p>;
  const { taster, on, note, says } = verdict.tasted;
  return (
    <p className="mt-2">
      <strong>{capital(word(verdict.says))}</strong>
      {verdict.carried && say` today, ${word(says)} when tasted`}
      {note && `: ${note}`}{' '}
      <span className="text-chalk-soft">
        ({taster}, {format.day(on)})
      </span>
      <AsItIs good={good} today={today} />
    </p>
  );
}

/** Where its lot is stronger or of another paste than when it is ready. */
function AsItIs({ good, today }: { good: Main; today: string }) {
  const served = servedGood(good, today) as Main;
  if (served.sense.intensity === good.sense.intensity) return null;
  const paste = served.kind === 'cheese' && good.kind === 'cheese' && served.paste !== good.paste;
  return (
    <span className="block text-sm text-chalk-soft">
      {say`Strength ${good.sense.intensity} when ready, ${served.sense.intensity} as it is`}
      {paste && say`; paste ${word(served.paste)}`}
    </span>
  );
}
