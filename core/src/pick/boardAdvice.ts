import { isSameness, type Balance } from '../balance/index.js';
import { isTimid, type Brief, type Targets } from '../brief/index.js';
import { isCheese, mainMilk, MILKS, type Main, type Milk, type Served } from '../counter/index.js';
import { bridgeFor, otherMilkFor, reliefFor } from './offers.js';
import { NONE, reason, subjectOf, type Reason } from '../units/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'number-of-kinds': { kind: Main['kind']; have: number; wanted: number };
    'no-safe-bet': NoFigures;
    'one-milk': { animal: Milk; cheeses: number; of: number; instead: string | null };
    'strength-jumps': { from: string; to: string; points: number; between: string | null };
  }
}

/** A board of cheeses and meats, and the counter that could mend it. */
interface Board {
  /** Settled. */
  readonly brief: Brief;
  readonly targets: Targets;
  readonly mains: readonly Main[];
  readonly balance: Balance;
  readonly counter: Served;
}

/** What a careful eye would say of a board, each with the good that would mend it. Common practice, no source. */
export const boardAdvice = (board: Board): Reason[] => CHECKS.flatMap((check) => check(board));

/** A good that suits this table badly, or goods that say the same, weigh at least this much before it is said. */
const HEARD_FROM = { fit: 0.75, alike: 1 };

function kindsAdvice({ mains, targets }: Board): Reason[] {
  return (['cheese', 'meat'] as const).flatMap((kind) => {
    const have = mains.filter((m) => m.kind === kind).length;
    const wanted = (kind === 'cheese' ? targets.cheeses : targets.meats).kinds;
    return have === wanted ? [] : [reason('number-of-kinds', { kind, have, wanted }, { subject: kind })];
  });
}

const safeBetAdvice = ({ mains }: Board): Reason[] =>
  mains.length > 0 && !mains.some((m) => m.known === 'safe bet') ? [reason('no-safe-bet', NONE)] : [];

/** Goods that suit the table badly, each named; goods that say the same, with what would give relief. */
function remarkAdvice({ balance, counter, mains, brief }: Board): Reason[] {
  return balance.remarks.flatMap((remark): Reason[] => {
    if (!isSameness(remark.rule)) return remark.effect <= -HEARD_FROM.fit ? [remark] : [];
    if (remark.effect > -HEARD_FROM.alike) return [];
    const { names } = remark.figures as { names: readonly string[] };
    const relief = reliefFor(remark.rule, counter, mains, brief)?.name ?? null;
    const { subject, effect, source } = remark;
    return [reason(remark.rule, { names, relief }, { subject, effect, source })];
  });
}

/** So large a share of the cheeses is one milk's board, and so few cheeses are no sign of anything. */
const ONE_MILK = { share: 0.75, cheeses: 3 };

/** One milk on most of the board, where nobody asked for it: no theme, no flight, and no table that wants cow's milk. */
function milkAdvice({ mains, brief, counter }: Board): Reason[] {
  const cheeses = mains.filter(isCheese);
  if (brief.theme || brief.flight || cheeses.length < ONE_MILK.cheeses) return [];
  const [most] = MILKS.map((animal) => ({
    animal,
    share: cheeses.reduce((sum, { milk }) => sum + (milk.find((m) => m.animal === animal)?.share ?? 0), 0),
    cheeses: cheeses.filter((cheese) => mainMilk(cheese) === animal).length,
  })).sort((a, b) => b.share - a.share);
  const { animal, share, cheeses: ofIt } = most!;
  if (share / cheeses.length < ONE_MILK.share || (animal === 'cow' && isTimid(brief))) return [];
  const instead = otherMilkFor(animal, counter, mains, brief)?.name ?? null;
  return [reason('one-milk', { animal, cheeses: ofIt, of: cheeses.length, instead }, { subject: animal })];
}

/** From a gap of this many points on the next cheese comes as a shock. */
const JUMP = 3;

/** Cheeses in order of strength with nothing between two that lie far apart. */
function jumpAdvice({ mains, brief, counter }: Board): Reason[] {
  if (brief.flight) return [];
  const rising = mains
    .filter(isCheese)
    .sort((a, b) => a.sense.intensity - b.sense.intensity || (a.id < b.id ? -1 : 1));
  return rising.slice(1).flatMap((to, i) => {
    const from = rising[i]!;
    const [low, high] = [from.sense.intensity, to.sense.intensity];
    if (high - low < JUMP) return [];
    const between = bridgeFor([low, high], counter, mains, brief)?.name ?? null;
    const figures = { from: from.name, to: to.name, points: high - low, between };
    return [reason('strength-jumps', figures, { subject: subjectOf([from.id, to.id]) })];
  });
}

/** Checks, in the order of their advice. */
const CHECKS: readonly ((board: Board) => readonly Reason[])[] = [
  kindsAdvice,
  safeBetAdvice,
  remarkAdvice,
  milkAdvice,
  jumpAdvice,
];
