import { interpolate } from '../units/index.js';
import { agedSense, clamped } from './ageing.js';
import type { Cheese, Companion, Drink, Good, Main, Meat, Sense } from './good.js';
import { CHEESE_SENSES, COMPANION_SENSES, MEAT_SENSES, NOTHING, RICHNESS } from './usualSense.js';
import type { SENSES } from './words.js';

/** What nobody has tasted: the scales that a good's kind, making, age and composition lead to expect. */

const fatOf = (usual: number, composition: Main['composition']): number =>
  composition ? interpolate(RICHNESS, composition.fat) : usual;

/** As strong as what is so called usually is, where that is known; it lingers as much more. */
function asStrong(sense: Sense, usual: Main['usual']): Sense {
  if (!usual) return sense;
  const more = usual.intensity - sense.intensity;
  return { ...sense, intensity: usual.intensity, persistence: sense.persistence + more };
}

function ofCheese({ texture, ageDays, composition, milk, usual }: Cheese): Sense {
  const { age, sense } = CHEESE_SENSES[texture];
  const share = (animal: 'goat' | 'sheep') => milk.find((m) => m.animal === animal)?.share ?? 0;
  const base = asStrong({ ...NOTHING, ...sense }, usual);
  return agedSense(
    texture,
    clamped({
      ...base,
      // Goat's milk tastes sharper, sheep's richer (common practice, no source).
      sour: base.sour + share('goat'),
      fat: fatOf(base.fat + 0.5 * share('sheep'), composition),
    }),
    usual?.ageDays ?? age,
    ageDays,
  );
}

const ofMeat = ({ process, composition, usual }: Meat): Sense => {
  const base = asStrong({ ...NOTHING, ...MEAT_SENSES[process] }, usual);
  return clamped({ ...base, fat: fatOf(base.fat, composition) });
};

const ofCompanion = ({ role, composition, usual }: Companion): Sense => {
  const base = asStrong({ ...NOTHING, ...COMPANION_SENSES[role] }, usual);
  return clamped({ ...base, fat: fatOf(base.fat, composition) });
};

/** Of a drink most is measured; what is left is how loud it is: by body, sweetness, tannin and alcohol. */
function ofDrink({ body, residualSugar, totalAcidity, tannin, abv }: Drink): Sense {
  const loud = 1.5 + 0.5 * body + 0.2 * tannin + residualSugar / 60 + Math.max(0, abv - 12) / 4;
  return clamped({
    ...NOTHING,
    sweet: residualSugar / 15,
    sour: Math.max(0, 2 * (totalAcidity - 4)),
    bitter: tannin / 2,
    intensity: loud,
    persistence: loud,
  });
}

/** The scales that a good's kind, making, age and composition lead to expect, each 0 to 10. */
export function estimatedSense(good: Exclude<Good, { kind: 'ware' }>): Sense {
  switch (good.kind) {
    case 'cheese':
      return ofCheese(good);
    case 'meat':
      return ofMeat(good);
    case 'companion':
      return ofCompanion(good);
    case 'drink':
      return ofDrink(good);
  }
}

/** A good whose untasted scales are those that are to be expected of it as it is now; what was tasted stays. */
export function reestimated<G extends Good>(good: G): G {
  if (good.kind === 'ware' || good.estimated.length === 0) return good;
  const expected = estimatedSense(good);
  const sense = { ...good.sense };
  for (const scale of good.estimated) sense[scale] = expected[scale];
  return { ...good, sense };
}

/** The good with a scale that somebody entered taken off its list of estimates. */
export const tastedScale = <G extends Good>(good: G, scale: (typeof SENSES)[number]): G =>
  good.kind === 'ware' ? good : { ...good, estimated: good.estimated.filter((other) => other !== scale) };
