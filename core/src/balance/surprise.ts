import { mainMilk, tellingIngredients, type Main, type Served } from '../counter/index.js';
import { sightOf } from '../sense/index.js';
import { reason, memoisedBy, type Reason } from '../units/index.js';

/** What can be odd about a good, and what it is there. */
export interface Oddity {
  readonly of: 'milk' | 'animal' | 'family' | 'rind' | 'sight' | 'smoke' | 'heat' | 'inside' | 'making';
  readonly is: string;
}

declare module '../units/reason.js' {
  interface Rules {
    /** Why the surprise surprises: what few others on the counter are. */
    'the-surprise': { good: string; odd: readonly Oddity[] };
  }
}

const TRAITS: readonly ((main: Main) => readonly Oddity[])[] = [
  (m) => [m.kind === 'cheese' ? { of: 'milk', is: mainMilk(m) } : { of: 'animal', is: m.animals[0]!.animal }],
  (m) => (m.kind === 'cheese' ? [{ of: 'family', is: m.texture }] : [{ of: 'making', is: m.process }]),
  (m) => (m.kind === 'cheese' && m.rind.kind !== 'none' ? [{ of: 'rind', is: m.rind.kind }] : []),
  (m) => (m.kind === 'cheese' ? [{ of: 'sight', is: sightOf(m) }] : []),
  (m) => (m.sense.smoke >= 3 ? [{ of: 'smoke', is: 'smoked' }] : []),
  (m) => (m.sense.heat >= 3 ? [{ of: 'heat', is: 'spicy' }] : []),
  (m) =>
    tellingIngredients(m)
      .slice(0, 2)
      .map((is): Oddity => ({ of: 'inside', is })),
];
const traitsOf = (main: Main): Oddity[] => TRAITS.flatMap((trait) => trait(main));
const keyOf = ({ of, is }: Oddity) => `${of} ${is}`;

/** A trait that at most this share of the goods of its kind has is odd; two are enough to count. */
const RARE = 0.2;
const TOLD = 2;

/** How many goods of a kind have each trait; a counter is counted once. */
const countsOn = memoisedBy((counter: Served) => {
  const of = (kind: Main['kind']) => {
    const kin = counter.filter((good): good is Main => good.kind === kind);
    const counts = new Map<string, number>();
    for (const other of kin)
      for (const key of new Set(traitsOf(other).map(keyOf))) counts.set(key, (counts.get(key) ?? 0) + 1);
    return { counts, many: kin.length };
  };
  return { cheese: of('cheese'), meat: of('meat') };
});

/** Why a surprise is one: its rarest traits among the goods of its kind on this counter; null for what is no surprise. */
export function surpriseOf(main: Main, counter: Served): Reason<'the-surprise'> | null {
  if (main.known !== 'surprise') return null;
  const { counts, many } = countsOn(counter)[main.kind];
  const share = (trait: Oddity) => (counts.get(keyOf(trait)) ?? 0) / Math.max(1, many);
  // A washed rind and a washed family are one thing to say.
  const odd = traitsOf(main)
    .sort((a, b) => share(a) - share(b) || keyOf(a).localeCompare(keyOf(b)))
    .filter(({ is }, i, all) => all.findIndex((other) => other.is === is) === i);
  const rare = odd.filter((trait) => share(trait) <= RARE);
  return reason(
    'the-surprise',
    { good: main.name, odd: (rare.length > 0 ? rare : odd).slice(0, TOLD) },
    { subject: main.id },
  );
}
