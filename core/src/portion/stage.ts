import { isBoxed, safetyOf } from '../brief/index.js';
import { keepsCold } from '../care/index.js';
import { costAt, drinkPortions, hireOf, type DrinkPortion } from '../amount/index.js';
import { isAlcoholic, isCompanion, isDrink, type Good } from '../counter/index.js';
import { aheadOf, produceCut, type Ahead, type Cut, type CutPart } from '../cut/index.js';
import { portionsFor, type Portions } from './portion.js';
import { wavesFor, type Waves } from './waves.js';
import { minutes, money, reason, type Grams, type Minutes, type Money } from '../units/index.js';
import { portionRow } from './row.js';
import { stage, type Line } from '../stage/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'too-few-waves': { count: number; safe: Minutes; party: Minutes };
    'short-of-stock': { good: string; onHand: Grams; short: Grams };
  }
}

declare module '../stage/stage.js' {
  interface Parts {
    portion: PortionPart;
  }
}

export interface PortionPart {
  readonly portions: Portions;
  /** The drinks of the board, counted and priced. */
  readonly drinks: readonly DrinkPortion[];
  readonly waves: Waves;
  /** What of each cheese and meat is cut before guests come, left whole and held back, by id. */
  readonly ahead: ReadonlyMap<string, Ahead>;
}

/** What was weighed is what is bought, whatever the wheel would have given. */
const asWeighed = (cuts: readonly Cut[], weighed: CutPart['weighed']): Cut[] =>
  cuts.map((cut) => {
    const found = weighed.get(cut.goodId);
    return found ? { ...cut, gross: Math.min(cut.gross, found.grams), taken: found.grams } : cut;
  });

export const portionStage = stage(portionRow, {
  derive: (
    { order, house },
    { brief: { brief }, pick: { mains }, cut: { cuts, shares, weighed }, pair: { beside } },
  ): PortionPart => {
    const waves = wavesFor(
      brief,
      [...mains, ...beside.filter(keepsCold)],
      safetyOf(brief, house, order.clock.keeper === 'customer'),
      order.waves,
    );
    const all = house.cutSchool === 'pre-cut' || isBoxed(brief);
    return {
      portions: portionsFor(mains, beside, brief, shares, asWeighed(cuts, weighed), order.portions),
      drinks: drinkPortions(beside.filter(isDrink), brief),
      waves,
      ahead: new Map(mains.map((main, i) => [main.id, aheadOf(main, cuts[i]!, waves.first, all)])),
    };
  },
  advise: ({ brief: { brief }, portion: { portions, waves } }) => [
    ...portions.mains.flatMap(({ good, reasons }) =>
      reasons
        .filter((r) => r.rule === 'stock')
        .map(({ figures, subject }) =>
          reason('short-of-stock', { good: good.name, ...figures }, { subject }),
        ),
    ),
    ...(portions.mains.length > 0 && waves.count * waves.safe < brief.hours * 60
      ? [
          reason('too-few-waves', {
            count: waves.count,
            safe: waves.safe,
            party: minutes(brief.hours * 60),
          }),
        ]
      : []),
  ],
  lines: ({ brief: { brief }, portion: { portions, drinks } }, { order, house }) => {
    const sold = (good: Good, what: Line['for'], amount: Grams | null, price: Money) => ({
      subject: good.id,
      good,
      for: what,
      amount,
      price,
      cost: costAt(price, good, house),
    });
    const hire = hireOf(brief, house);
    const seconds = portions.companions.reduce(
      (sum, { good, net }) => sum + (isCompanion(good) ? produceCut(good, net).seconds : 0),
      0,
    );
    const work = money((house.wage * seconds) / 3600);
    return [
      ...portions.mains.map(({ good, bought, price }) => sold(good, 'board', bought, price)),
      ...portions.companions.map(({ good, bought, price }) => sold(good, 'beside', bought, price)),
      ...drinks.map(({ good, price }) =>
        order.drinks === 'with the order' && (house.licensed || !isAlcoholic(good))
          ? sold(good, 'drinks', null, price)
          : { ...sold(good, 'suggested', null, price), price: null, cost: null },
      ),
      ...(work > 0
        ? [{ subject: 'produce', good: null, for: 'service' as const, amount: null, price: work, cost: work }]
        : []),
      ...(hire > 0 && portions.mains.length > 0
        ? [
            {
              subject: isBoxed(brief) ? 'boxes' : 'board hire',
              good: null,
              for: 'service' as const,
              amount: null,
              price: hire,
              cost: money(0),
            },
          ]
        : []),
    ];
  },
});
