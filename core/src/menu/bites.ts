import { isCompanion, type Companion, type Good, type Main } from '../counter/index.js';
import { scoreOf } from '../pair/index.js';

/** A bite to announce: a good with what goes with it, on what carries it best. */
export interface Bite {
  readonly main: Main;
  readonly beside: Companion;
  /** null: it carries itself, or nothing on the board carries it. */
  readonly on: Companion | null;
  readonly points: number;
}

/** How many are announced, and among how many of the best they are chosen. House's own figures. */
const ANNOUNCED = 3;
const BITES_AMONG = 14;

const carries = ({ role }: Companion): boolean => role === 'bread' || role === 'cracker';
/** What is set beside a bite, not in it: a person does not eat a spoon of seasoning. */
const IN_A_BITE: readonly Companion['role'][] = [
  'honey',
  'preserve',
  'savoury spread',
  'mustard',
  'chutney',
  'fruit',
  'dried fruit',
  'nut',
  'brine',
];

/**
 * The bites to announce: of different goods with different things, the most points together; exact among the best of the board. What clashes is
 * never announced.
 */
export function bitesFor(mains: readonly Main[], onBoard: readonly Good[]): Bite[] {
  const beside = onBoard.filter(isCompanion);
  const carriers = beside.filter(carries);
  const all = mains
    .flatMap((main) => {
      const [carrier] = carriers
        .map((on) => ({ on, points: scoreOf(main, on) }))
        .sort((a, b) => b.points - a.points || (a.on.id < b.on.id ? -1 : 1));
      const on = carrier && carrier.points > 0 ? carrier : null;
      return beside
        .filter(({ role }) => IN_A_BITE.includes(role))
        .map((good): Bite => ({
          main,
          beside: good,
          on: on?.on ?? null,
          points: scoreOf(main, good) + (on?.points ?? 0) / 2,
        }))
        .filter(({ main: of, beside: with_ }) => scoreOf(of, with_) > 0);
    })
    .sort((a, b) => b.points - a.points || (biteKey(a) < biteKey(b) ? -1 : 1));
  return bestOf(all.slice(0, BITES_AMONG), ANNOUNCED);
}

const biteKey = ({ main, beside }: Bite): string => `${main.id} ${beside.id}`;

/** The most points with no good and no companion twice; more bites before fewer. */
function bestOf(bites: readonly Bite[], many: number): Bite[] {
  if (many === 0) return [];
  let best: Bite[] = [];
  for (const [i, bite] of bites.entries()) {
    const rest = bites
      .slice(i + 1)
      .filter(({ main, beside }) => main !== bite.main && beside !== bite.beside);
    const tried = [bite, ...bestOf(rest, many - 1)];
    if (tried.length > best.length || (tried.length === best.length && sum(tried) > sum(best) + 1e-9))
      best = tried;
  }
  return best;
}
const sum = (bites: readonly Bite[]): number => bites.reduce((total, { points }) => total + points, 0);
