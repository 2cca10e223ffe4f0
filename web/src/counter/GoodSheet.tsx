import {
  ageOn,
  allergensOf,
  contentsOf,
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
  sweetnessWords,
  type Good,
} from '@rotula/core';
import { capital, choiceOf, type Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout, SlateSection } from '../ui/Slate';
import { MadeOf } from './MadeOf';
import { ageWords, allergenLabel, sentence } from '../words';
import { say, word } from '../language/say';

const DIETS = ['vegetarian', 'no pork', 'halal', 'kosher', 'no alcohol', 'lactose'] as const;
/** Everything known of one good, on the slate. */
export function GoodSheet({ good, format, today }: { good: Good; format: Format; today: string }) {
  const states = allergensOf(good);
  const used = lotOn(good, today);
  const lot = used?.lot;
  const onHand = gramsOnHand(good, today);
  const inside = insideOf(good);
  const wrong = contradictions(good, inside);
  const risk = moneyAtRisk(good);
  const family = good.kind === 'cheese' ? familyCheck(good.texture, good.composition) : null;
  const served = servedGood(good, today);
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
      )}
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
        {inside.contains.length > 0 && (
          <p className="mt-1 text-sm text-chalk-soft">
            {say`By what is inside: ${inside.contains.map((c) => `${word(c.id)} (${c.word})`).join(', ')}`}
          </p>
        )}
      </SlateSection>
      {good.kind !== 'ware' && (
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
      )}
      {family && (
        <SlateSection title={say`Family, firmness`} aside={say`CODEX STAN 283`}>
          <p>
            <strong>{good.kind === 'cheese' && word(good.texture)}</strong> {say`beside`}{' '}
            <strong>{choiceOf(family.firmness.map(word))}</strong>
            {say`, ${word(family.fatClass)}: ${family.mffb.toFixed(1)} % moisture on a fat-free basis.`}
          </p>
          {family.unusual && (
            <div className="mt-2">
              <Callout tone="advice">{say`That is ${family.outside.toFixed(1)} points outside what this family usually shows. The family stays as you set it; look at the composition again.`}</Callout>
            </div>
          )}
        </SlateSection>
      )}
      {(isMain(good) || good.kind === 'companion') && <MadeOf good={good} />}
      {risk && (
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
      )}
      {states.unknown.length > 0 ||
      (good.kind === 'cheese' && !good.milkKnown) ||
      (isMain(good) && !good.described) ? (
        <Callout>{say`No card or label prints until its milk or animal, its making and its allergens are known: unknown passes no limit.`}</Callout>
      ) : null}
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
        {isMain(good) && (
          <p className="mt-2">
            {used?.verdict ? (
              <>
                <strong>{capital(word(used.verdict.says))}</strong>
                {used.verdict.carried && say` today, ${word(used.verdict.tasted.says)} when tasted`}
                {used.verdict.tasted.note && `: ${used.verdict.tasted.note}`}{' '}
                <span className="text-chalk-soft">
                  ({used.verdict.tasted.taster}, {format.day(used.verdict.tasted.on)})
                </span>
                {isMain(served) && served.sense.intensity !== good.sense.intensity && (
                  <span className="block text-sm text-chalk-soft">
                    {say`Strength ${good.sense.intensity} when ready, ${served.sense.intensity} as it is`}
                    {good.kind === 'cheese' &&
                      served.kind === 'cheese' &&
                      served.paste !== good.paste &&
                      say`; paste ${word(served.paste)}`}
                  </span>
                )}
              </>
            ) : (
              <span className="text-chalk-soft">{say`Not tasted.`}</span>
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
          say`milk`,
          !good.milkKnown
            ? say`not known`
            : good.milk
                .map((m) => `${word(m.animal)}${m.share < 1 ? ` ${Math.round(m.share * 100)} %` : ''}`)
                .join(', ') + `, ${word(good.treatment)}`,
        ],
        [say`family`, word(good.texture)],
      ];
      facts.push(
        [say`rennet`, word(contentsOf(good).rennet)],
        [say`rind`, `${word(good.rind.kind)}, ${word(good.rind.verdict)}`],
        [say`whole piece`, `${word(good.form.shape)}, ${format.grams(good.form.grams)}`],
      );
      return facts;
    }
    case 'meat':
      return [
        [say`animal`, good.animals.map((a) => word(a.animal)).join(', ')],
        [say`build`, [good.build, good.process, good.calibre].map(word).join(', ')],
        [
          say`casing`,
          `${word(good.contents.casing)}${good.contents.casing === 'none' ? '' : good.casingEaten ? say`, eaten` : say`, peeled`}`,
        ],
        [say`slice`, `${format.mm(good.slice.mm)} × ${format.mm(good.slice.diameter)}`],
      ];
    case 'companion':
      return [
        [say`role`, word(good.role)],
        [
          say`pack`,
          good.pack.grams
            ? `${word(good.pack.form)}, ${format.grams(good.pack.grams)}`
            : word(good.pack.form),
        ],
      ];
    case 'drink':
      return [
        [say`kind`, word(good.type)],
        [say`alcohol`, `${good.abv} %`],
        [say`sugar, acidity`, `${good.residualSugar} g/l, ${good.totalAcidity} g/l`],
        ...(['sparkling', 'white', 'rosé', 'red'].includes(good.type)
          ? ([
              [
                say`label may say`,
                sweetnessWords(
                  good.type === 'sparkling' ? 'sparkling' : 'still',
                  good.residualSugar,
                  good.totalAcidity,
                ).join(', '),
              ],
            ] as [string, string][])
          : []),
        [say`bottle`, `${good.pack.ml} ml`],
      ];
    case 'ware':
      return [[say`use`, word(good.use)]];
  }
}
