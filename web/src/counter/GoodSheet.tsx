import { allergensOf, isDescribed, isMain, isSaid, lacksOf, type Good } from '@rotula/core';
import type { Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout } from '../ui/Slate';
import { say } from '../language/say';
import { AllergenFacts, Family, MakeAndLot, MoneyAtRisk, Suits, Tastes } from './goodSections';
import { basisWords } from '../words/basis';
import { MadeOf } from './MadeOf';

/** Something that a card would have to say is not known. */
const isUnknown = (good: Good, unknown: readonly unknown[]): boolean =>
  unknown.length > 0 ||
  (good.kind === 'cheese' && !isSaid(good, 'animal')) ||
  (isMain(good) && !isDescribed(good));

/** Everything known of one good, on the slate. */
export function GoodSheet({ good, format, today }: { good: Good; format: Format; today: string }) {
  const states = allergensOf(good);
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
      {good.kind !== 'ware' && <Tastes good={good} />}
      <AllergenFacts good={good} states={states} />
      {good.kind !== 'ware' && <Suits good={good} format={format} today={today} />}
      {good.kind === 'cheese' && <Family good={good} />}
      {(isMain(good) || good.kind === 'companion') && <MadeOf good={good} />}
      <MoneyAtRisk good={good} format={format} />
      {lacksOf(good).length > 0 && (
        <Callout>{say`Not proposed for an order until somebody says: ${basisWords(lacksOf(good))}.`}</Callout>
      )}
      {isUnknown(good, states.unknown) && (
        <Callout>{say`No card or label prints until its milk or animal, its making and its allergens are known: unknown passes no limit.`}</Callout>
      )}
      <MakeAndLot good={good} format={format} today={today} />
    </>
  );
}
