import { caution, type Caution, type Exclusion, barsOf } from '../care/index.js';
import { reason } from '../units/index.js';
import { type Brief, companyOf } from '../brief/index.js';
import { lotsInOrder, servedGood, type Good } from '../counter/index.js';
import type { OwnPlate } from './plate.js';
import type { Portion } from '../portion/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'next-lot': { good: string; lot: string; because: Exclusion };
  }
}

/**
 * The lot that goes first may not reach: then the next is cut too, and a guest's limit may be against that one (its age,
 * its treatment). One caution for each good where it is.
 * @param plates take from the same lots
 * @param held goods as the order holds them, with all their lots
 */
export function nextLotCautions(
  portions: readonly Portion[],
  plates: readonly OwnPlate[],
  held: ReadonlyMap<string, Good>,
  brief: Brief,
): Caution[] {
  return portions.flatMap(({ good, gross }) => {
    const whole = held.get(good.id);
    if (!whole) return [];
    const onPlates = plates
      .flatMap((plate) => plate.lines)
      .filter((line) => line.good.id === good.id)
      .reduce((sum, line) => sum + line.gross, 0);
    let left = gross + onPlates;
    const used = lotsInOrder(whole, brief.servingAt).filter((lot) => {
      const needed = left > 0;
      left -= lot.grams;
      return needed;
    });
    const wrong = used.slice(1).flatMap((lot) => {
      const [because] = barsOf(servedGood({ ...whole, lots: [lot] }, brief.servingAt), companyOf(brief));
      return because ? [{ lot, because }] : [];
    })[0];
    if (!wrong) return [];
    const figures = { good: good.name, lot: wrong.lot.id, because: wrong.because };
    const source = 'the limits of this brief';
    return [caution(reason('next-lot', figures, { subject: good.id, source }), [good.id])];
  });
}
