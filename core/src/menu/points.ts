import { surpriseOf } from '../balance/index.js';
import {
  ageOn,
  animalsIn,
  type Main,
  type Cheese,
  type MeatAnimal,
  type Milk,
  type Served,
  tellingIngredients,
} from '../counter/index.js';
import { days, NONE, reason, type Days, type Reason, type Rule, type Rules } from '../units/index.js';

type Rind = Cheese['rind']['kind'];

/** One thing to say of a good that is true of it by its own data. */
export type Fact =
  | 'long-in-the-cellar'
  | 'only-days-old'
  | 'of-several-milks'
  | 'of-a-rarer-animal'
  | 'of-raw-milk'
  | 'a-line-of-ash'
  | 'crystals-of-age'
  | 'set-by-thistle'
  | 'set-without-rennet'
  | 'pierced-for-its-veins'
  | 'holes-of-its-ripening'
  | 'its-rind-tells'
  | 'made-of-one-piece'
  | 'smoked-cold'
  | 'hot-inside'
  | 'with-something-inside'
  | 'ripened-as-a-sausage'
  | 'from-one-place';

declare module '../units/reason.js' {
  interface Rules {
    'long-in-the-cellar': { age: Days };
    'only-days-old': { age: Days };
    'of-several-milks': { animals: readonly (Milk | MeatAnimal)[] };
    'of-a-rarer-animal': { animal: Milk | MeatAnimal };
    'of-raw-milk': NoFigures;
    'a-line-of-ash': NoFigures;
    'crystals-of-age': NoFigures;
    'set-by-thistle': NoFigures;
    'set-without-rennet': NoFigures;
    'pierced-for-its-veins': NoFigures;
    'holes-of-its-ripening': NoFigures;
    'its-rind-tells': { rind: Rind };
    'made-of-one-piece': NoFigures;
    'smoked-cold': NoFigures;
    'hot-inside': NoFigures;
    'with-something-inside': { what: readonly string[] };
    'ripened-as-a-sausage': { age: Days };
    'from-one-place': { region: string };
    /** The shop's own note, or what a person wrote for this order. */
    'in-the-shops-words': { text: string };
  }
}

/** A fact with its figures where a good has it; null where it has not. The more distinctive stand first. */
interface FactRow {
  readonly fact: Fact;
  readonly of: (main: Main, on: string) => Rules[Fact] | null;
}
const row = <F extends Fact>(fact: F, of: (main: Main, on: string) => Rules[F] | null): FactRow => ({
  fact,
  of,
});
const given = (is: boolean) => (is ? NONE : null);

const LONG_DAYS = 500;
const YOUNG_DAYS = 21;
const RARER: readonly (Milk | MeatAnimal)[] = ['buffalo', 'game', 'goat'];
const TELLING_RINDS: readonly Rind[] = ['washed', 'rubbed', 'cloth', 'ash', 'leaf', 'bark', 'bloomy'];

const FACTS: readonly FactRow[] = [
  row('set-by-thistle', (m) => given(m.kind === 'cheese' && m.contents.rennet === 'thistle')),
  row('long-in-the-cellar', (m, on) => {
    const age = ageOn(m, on);
    return age >= LONG_DAYS ? { age: days(age) } : null;
  }),
  row('of-several-milks', (m) =>
    m.kind === 'cheese' && m.milk.length > 1 ? { animals: animalsIn(m) } : null,
  ),
  row('a-line-of-ash', (m) => given(m.kind === 'cheese' && m.look.ashLine)),
  row('set-without-rennet', (m) => given(m.kind === 'cheese' && m.contents.rennet === 'none')),
  row('crystals-of-age', (m) => given(m.kind === 'cheese' && m.look.crystals)),
  row('with-something-inside', (m) => {
    const what = tellingIngredients(m).slice(0, 2);
    return what.length > 0 ? { what } : null;
  }),
  row('of-a-rarer-animal', (m) => {
    const [animal, another] = animalsIn(m);
    return animal && !another && RARER.includes(animal) ? { animal } : null;
  }),
  row('hot-inside', (m) => given(m.sense.heat >= 4)),
  row('smoked-cold', (m) => given(m.kind === 'meat' && m.process === 'cold-smoked')),
  row('pierced-for-its-veins', (m) => given(m.kind === 'cheese' && m.texture === 'blue')),
  row('its-rind-tells', (m) =>
    m.kind === 'cheese' && TELLING_RINDS.includes(m.rind.kind) ? { rind: m.rind.kind } : null,
  ),
  row('holes-of-its-ripening', (m) => given(m.kind === 'cheese' && m.look.eyes === 'large')),
  row('only-days-old', (m, on) => {
    const age = ageOn(m, on);
    return m.kind === 'cheese' && age <= YOUNG_DAYS ? { age: days(age) } : null;
  }),
  row('of-raw-milk', (m) => given(m.kind === 'cheese' && m.treatment === 'raw')),
  row('made-of-one-piece', (m) =>
    given(m.kind === 'meat' && m.build === 'whole muscle' && m.process === 'air-dried'),
  ),
  row('ripened-as-a-sausage', (m, on) =>
    m.kind === 'meat' && m.process === 'fermented' ? { age: days(ageOn(m, on)) } : null,
  ),
  row('from-one-place', (m) => (m.origin.region ? { region: m.origin.region } : null)),
];

/** What may be said of a good, the most distinctive first. */
export const factsOf = (main: Main, on: string): Reason[] =>
  FACTS.flatMap(({ fact, of }) => {
    const figures = of(main, on);
    return figures
      ? [reason(fact as Rule, figures as Rules[Rule], { subject: main.id, source: OWN_DATA })]
      : [];
  });
const OWN_DATA = 'the good’s own data';

/** The first sentence of a note. */
const firstSentence = (text: string): string => /^.*?[.!?](?=\s|$)|^.+/s.exec(text.trim())?.[0] ?? '';
const inWords = (main: Main, text: string): Reason =>
  reason('in-the-shops-words', { text }, { subject: main.id, source: 'the shop' });

/**
 * One thing to say of each good of a menu: what a person wrote, why the surprise surprises, the shop's own note, or the most distinctive fact that
 * has not been said of another good yet.
 */
export function pointsFor(
  mains: readonly Main[],
  counter: Served,
  on: string,
  byHand: Readonly<Record<string, string | null | undefined>>,
): ReadonlyMap<string, Reason> {
  const chosen = new Map<string, Reason>();
  const used = new Map<string, number>();
  for (const main of mains) {
    const own = byHand[main.id];
    const facts = factsOf(main, on);
    const fresh = [...facts].sort((a, b) => (used.get(a.rule) ?? 0) - (used.get(b.rule) ?? 0));
    const point =
      own !== null && own !== undefined
        ? inWords(main, own)
        : (surpriseOf(main, counter) ?? (main.note ? inWords(main, firstSentence(main.note)) : fresh[0]));
    if (!point) continue;
    chosen.set(main.id, point);
    used.set(point.rule, (used.get(point.rule) ?? 0) + 1);
  }
  return chosen;
}
