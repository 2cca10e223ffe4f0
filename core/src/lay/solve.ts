import { Annealing } from './annealing.js';
import { judgedOf, type Judgement } from './judgement.js';
import { groundOf, type LayQuestion } from './question.js';
import type { Ground, Placed } from './rules/index.js';

export interface Arrangement extends Judgement {
  readonly placed: readonly Placed[];
  readonly ground: Ground;
}

/**
 * One walk may end in a dead end, and which will is seen early: so many set out, and at each of these shares of their way only
 * so many of them go on, those that cost least ("successive halving", Jamieson and Talwalkar 2016). House's own figures, by the
 * thirty orders of the bench.
 */
const [LEAST_WALKS, MOST_WALKS] = [2, 24];
const HALTS = [
  { at: 0.2, on: 1 / 2 },
  { at: 0.35, on: 1 / 4 },
  { at: 0.55, on: 1 / 8 },
  { at: 1, on: 0 },
] as const;
/** A shorter walk does not get far: where there are few steps, fewer set out. */
const LEAST_WALK = 44_000;
/** Where the best of a race is not good yet, so many are run in all. */
const RACES = 2;
const GOOD = 92;
/** Moves between two words of how far it is. */
const TELL_EVERY = 1000;

/** Walks that are on their way to each halt. */
const legs = (walks: number): { readonly from: number; readonly to: number; readonly many: number }[] =>
  HALTS.map(({ at }, i) => {
    const last = HALTS[i - 1];
    return {
      from: last?.at ?? 0,
      to: at,
      many: last ? Math.max(1, Math.ceil(last.on * walks)) : walks,
    };
  });
/** What so many walks take together, in whole walks. */
const takenBy = (walks: number): number =>
  legs(walks).reduce((sum, { from, to, many }) => sum + many * (to - from), 0);

function walksFor(steps: number): number {
  let walks = MOST_WALKS;
  while (walks > LEAST_WALKS && steps / takenBy(walks) < LEAST_WALK) walks--;
  return walks;
}

/** A layout of one board: the best of a race of searches, seeded and limited by steps; where that is not good yet, of more. */
export function arrange(question: LayQuestion, onStep?: (share: number) => void): Arrangement {
  const { steps, seed } = question;
  const walks = walksFor(steps);
  const races = walks < MOST_WALKS ? 1 : RACES;
  let best = race(question, walks, seed, (share) => onStep?.(share / races));
  for (let more = 1; more < races && best.score < GOOD; more++) {
    const found = race(question, walks, seed + 7919 * walks * more, (share) =>
      onStep?.((more + share) / races),
    );
    if (found.score > best.score) best = found;
  }
  return best;
}

function race(
  question: LayQuestion,
  walks: number,
  seed: number,
  onStep: (share: number) => void,
): Arrangement {
  const ground = groundOf(question);
  const taken = takenBy(walks);
  const each = Math.floor(question.steps / taken);
  let field = Array.from(
    { length: walks },
    (_, walk) => new Annealing(question, ground, each, seed + 7919 * walk),
  );
  let done = 0;
  for (const { from, to, many } of legs(walks)) {
    field = [...field].sort((a, b) => a.now - b.now).slice(0, many);
    const tells = Math.max(1, Math.ceil(((to - from) * each) / TELL_EVERY));
    for (const walk of field)
      for (let tell = 1; tell <= tells; tell++) {
        walk.run(from + ((to - from) * tell) / tells);
        done += (to - from) / tells;
        onStep(done / taken);
      }
  }
  return field
    .map((walk) => {
      const placed = walk.found();
      return { placed, ...judgedOf(placed, ground), ground };
    })
    .reduce((best, found) => (found.score > best.score ? found : best));
}
