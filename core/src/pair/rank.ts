import { NONE, reason, memoisedBy, memoisedByBoth, type Reason, type Rules } from '../units/index.js';
import { companyFacts, hostFacts, type Company, type Host, type HostFacts } from './facts.js';
import { RULES, type CompanyKind, type PairRule } from './rules/index.js';
import { WEIGHTS } from './weights.js';
import type { Weights } from './learnt.js';

export interface Match<C extends Company = Company> {
  readonly beside: C;
  readonly score: number;
  /** Every rule that has an effect, the strongest first. */
  readonly reasons: readonly Reason[];
}

/** A rule with what one unit of it is worth, signed. */
interface Weighed {
  readonly rule: PairRule;
  readonly points: number;
}

/** The rules of each kind with what they weigh; one that weighs nothing is left out. */
const weighedBy = memoisedBy(
  (weights: Weights) =>
    Object.fromEntries(
      (Object.keys(RULES) as CompanyKind[]).map((kind) => [
        kind,
        RULES[kind]
          .map((rule) => ({ rule, points: rule.sign * (weights[kind][rule.id] ?? rule.prior) }))
          .filter(({ points }) => points !== 0),
      ]),
    ) as unknown as Readonly<Record<CompanyKind, readonly Weighed[]>>,
);

/** Those of them that have something to say of a good. */
const speakingOf = (weighed: readonly Weighed[], h: HostFacts): readonly Weighed[] =>
  weighed.filter(({ rule: { when } }) => when === undefined || h[when] > 0);
/** Of each kind of company; memoised by good. */
const speaking = (all: ReturnType<typeof weighedBy>, h: HostFacts): ReturnType<typeof weighedBy> => ({
  companion: speakingOf(all.companion, h),
  drink: speakingOf(all.drink, h),
  meat: speakingOf(all.meat, h),
});

/** Scores by weights, remembered for each two goods and for each shelf: an edit asks for the same. */
const scoresBy = memoisedBy((weights: Weights) => {
  const weighed = weighedBy(weights);
  const one = memoisedBy((host: Host) => {
    const h = hostFacts(host);
    const rules = speaking(weighed, h);
    return memoisedBy((beside: Company): number => {
      const b = companyFacts(beside);
      let sum = 0;
      for (const { rule, points } of rules[beside.kind]) sum += points * rule.of(h, b);
      return sum;
    });
  });
  const shelf = memoisedByBoth((host: Host, all: readonly Company[]): Float64Array => {
    const ofHost = one(host);
    const scores = new Float64Array(all.length);
    all.forEach((beside, c) => (scores[c] = ofHost(beside)));
    return scores;
  });
  return { one, shelf };
});

/** How well company sits beside a good, in points: by the fitted weights, or by what a house has learnt. */
export const scoreOf = (host: Host, beside: Company, weights: Weights = WEIGHTS): number =>
  scoresBy(weights).one(host)(beside);

/** The scores of a whole shelf beside a good, in its order; worked out once for each shelf. */
export const scoresBeside = (
  host: Host,
  shelf: readonly Company[],
  weights: Weights = WEIGHTS,
): Float64Array => scoresBy(weights).shelf(host, shelf);

const strongestFirst = (a: Reason, b: Reason): number =>
  Math.abs(b.effect) - Math.abs(a.effect) || (a.rule < b.rule ? -1 : 1);

/** Puts a reason where it belongs among the few that there are: quicker than to sort them. */
function insert(reasons: Reason[], one: Reason): void {
  let at = reasons.length;
  for (; at > 0 && strongestFirst(one, reasons[at - 1]!) < 0; at--) reasons[at] = reasons[at - 1]!;
  reasons[at] = one;
}

/** The same with its signed reasons, which add up to the score. */
export const matchOf = <C extends Company>(host: Host, beside: C, weights: Weights = WEIGHTS): Match<C> =>
  matchFor(hostFacts(host), beside, weighedBy(weights)[beside.kind]);

function matchFor<C extends Company>(h: HostFacts, beside: C, rules: readonly Weighed[]): Match<C> {
  const b = companyFacts(beside);
  const reasons: Reason[] = [];
  let score = 0;
  for (const { rule, points } of rules) {
    const effect = points * rule.of(h, b);
    if (effect === 0) continue;
    score += effect;
    const figures = (rule.figures?.(h, b) ?? NONE) as Rules[typeof rule.id];
    insert(reasons, reason(rule.id, figures, { subject: beside.id, effect }));
  }
  return { beside, score, reasons };
}

const byId = (a: { readonly id: string }, b: { readonly id: string }) => (a.id < b.id ? -1 : 1);

/** Company for one good, the best first; ties by id. */
export function rankBeside<C extends Company>(
  host: Host,
  candidates: readonly C[],
  weights: Weights = WEIGHTS,
): Match<C>[] {
  const h = hostFacts(host);
  const rules = speaking(weighedBy(weights), h);
  return candidates
    .map((beside) => matchFor(h, beside, rules[beside.kind]))
    .sort((a, b) => b.score - a.score || byId(a.beside, b.beside));
}

/** The other way round: goods for one companion, drink or meat, the best first; ties by id. */
export function rankGoods<H extends Host>(
  beside: Company,
  hosts: readonly H[],
  weights: Weights = WEIGHTS,
): { readonly main: H; readonly match: Match }[] {
  return hosts
    .map((main) => ({ main, match: matchOf(main, beside, weights) }))
    .sort((a, b) => b.match.score - a.match.score || byId(a.main, b.main));
}

/** The one sentence for a match: what weighs most, praise or blame. */
export const leadReason = ({ reasons, beside }: Match): Reason =>
  reasons[0] ?? reason('plain-company', NONE, { subject: beside.id });
