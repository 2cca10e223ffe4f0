import { compositionOf, densityOf, isCheese, pasteDensity, type Cheese, type Good } from '@rotula/core';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';

/** What it is made of; where it is unknown, what its style usually is, and that is said. */
export function MadeOf({ good }: { good: Good }) {
  const made = compositionOf(good);
  const parts = [
    [say`water`, made.water],
    [say`fat`, made.fat],
    [say`protein`, made.protein],
    [say`carbohydrate`, made.carbohydrate],
    [say`ash`, made.ash],
  ] as const;
  return (
    <SlateSection
      title={say`Made of`}
      aside={made.estimated ? say`estimated by its style` : say`as it is told`}
    >
      <p>{parts.map(([name, share]) => `${name} ${share.toFixed(share < 10 ? 1 : 0)} %`).join(', ')}</p>
      {isCheese(good) && <PasteDensity cheese={good} />}
    </SlateSection>
  );
}

/** Does the weight of the whole piece go with its measures? */
function PasteDensity({ cheese }: { cheese: Cheese }) {
  const paste = pasteDensity(cheese);
  const measured = densityOf(cheese.form) * 1e6;
  return (
    <p className="mt-1 text-sm text-chalk-soft" data-density>
      {paste === null
        ? say`Its paste holds air: it is weighed, no measure tells its weight.`
        : say`Such paste is ${times(paste / WATER)} times as heavy as water (Choi and Okos); by weight and measures this one is ${times(measured / WATER)}.`}
    </p>
  );
}
const WATER = 1000;
const times = (n: number) => n.toFixed(2);
