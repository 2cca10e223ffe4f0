import { Annealing } from './annealing.js';
import { judgedOf, type Judgement } from './judgement.js';
import { groundOf, type LayQuestion } from './question.js';
import type { Ground, Placed } from './rules/index.js';

export interface Arrangement extends Judgement {
  readonly placed: readonly Placed[];
  readonly ground: Ground;
}

/**
 * One walk may end in a dead end, and which will is seen early: some set out, and at each of these shares of their way only
 * part of them go on, those that cost least ("successive halving", Jamieson and Talwalkar 2016). House's own figures, by the
 * thirty orders of the bench.
 */
const [LEAST_CHAINS, MOST_CHAINS] = [2, 24];
const HALVINGS = [
  { at: 0.2, on: 1 / 2 },
  { at: 0.35, on: 1 / 4 },
  { at: 0.55, on: 1 / 8 },
  { at: 1, on: 0 },
] as const;
/** A shorter walk does not get far: where there are few steps, fewer set out. */
const SHORTEST_CHAIN = 44_000;
/** Rounds of halving in all, where the best of one is not good enough. */
const MOST_ROUNDS = 2;
const GOOD_ENOUGH = 92;
/** Moves between two words of how far it is. */
const REPORT_EVERY = 1000;

/** Walks that are on their way to each halt. */
const stretchesOf = (
  walks: number,
): { readonly from: number; readonly to: number; readonly many: number }[] =>
  HALVINGS.map(({ at }, i) => {
    const last = HALVINGS[i - 1];
    return {
      from: last?.at ?? 0,
      to: at,
      many: last ? Math.max(1, Math.ceil(last.on * walks)) : walks,
    };
  });
/** What a number of chains cost together, in whole chains. */
const costInChains = (walks: number): number =>
  stretchesOf(walks).reduce((sum, { from, to, many }) => sum + many * (to - from), 0);

function chainsFor(steps: number): number {
  let walks = MOST_CHAINS;
  while (walks > LEAST_CHAINS && steps / costInChains(walks) < SHORTEST_CHAIN) walks--;
  return walks;
}

/** A layout of one board: the best of a race of searches, seeded and limited by steps; where that is not good yet, of more. */
export function arrange(question: LayQuestion, onStep?: (share: number) => void): Arrangement {
  const { steps, seed } = question;
  const walks = chainsFor(steps);
  const races = walks < MOST_CHAINS ? 1 : MOST_ROUNDS;
  let best = halvingRound(question, walks, seed, (share) => onStep?.(share / races));
  for (let more = 1; more < races && best.score < GOOD_ENOUGH; more++) {
    const found = halvingRound(question, walks, seed + 7919 * walks * more, (share) =>
      onStep?.((more + share) / races),
    );
    if (found.score > best.score) best = found;
  }
  return best;
}

function halvingRound(
  question: LayQuestion,
  walks: number,
  seed: number,
  onStep: (share: number) => void,
): Arrangement {
  const ground = groundOf(question);
  const taken = costInChains(walks);
  const each = Math.floor(question.steps / taken);
  let field = Array.from(
    { length: walks },
    (_, walk) => new Annealing(question, ground, each, seed + 7919 * walk),
  );
  let done = 0;
  for (const { from, to, many } of stretchesOf(walks)) {
    field = [...field].sort((a, b) => a.now - b.now).slice(0, many);
    const reports = Math.max(1, Math.ceil(((to - from) * each) / REPORT_EVERY));
    for (const walk of field)
      for (let report = 1; report <= reports; report++) {
        walk.run(from + ((to - from) * report) / reports);
        done += (to - from) / reports;
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
