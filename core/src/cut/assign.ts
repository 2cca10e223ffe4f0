/** A possible treatment of a good and how well it suits. */
export interface Option {
  readonly id: string;
  readonly look: string;
  readonly suits: number;
}

/** What two goods that look alike cost, in steps of suiting: a cut one step less usual is taken to avoid it. */
export const ALIKE_COST = 1.5;
/** Of two answers that are worth the same the one with earlier options is taken. */
const TIE = 1e-7;

/** One good's best option of each look. */
interface Choice {
  readonly option: Option;
  readonly worth: number;
}

/**
 * Choose one option for each good so that the sum of suiting, less ALIKE_COST for every good whose look stands on the board
 * already, is greatest. Exact: goods flow to looks, the first of a look free and each further one at ALIKE_COST, by longest
 * augmenting paths (a flow of convex costs; Ahuja, Magnanti and Orlin 1993), in time that grows with the cube of the goods.
 */
export function assignLooks(options: readonly (readonly Option[])[]): Option[] {
  const looks = [...new Set(options.flat().map(({ look }) => look))];
  const choices = options.map((all): (Choice | null)[] =>
    looks.map((look) =>
      all.reduce<Choice | null>((best, option, i) => {
        const worth = option.suits - TIE * i;
        return option.look === look && (!best || worth > best.worth) ? { option, worth } : best;
      }, null),
    ),
  );
  const taken: (number | null)[] = options.map(() => null);
  for (let good = 0; good < options.length; good++) augment(good, choices, taken, looks.length);
  return options.map((all, good) => (taken[good] === null ? all[0]! : choices[good]![taken[good]!]!.option));
}

/** Bring one more good in: the best way to a free place, others moving over where that is worth it (Bellman and Ford). */
function augment(
  start: number,
  choices: readonly (readonly (Choice | null)[])[],
  taken: (number | null)[],
  looks: number,
): void {
  /** Best worth of a way that ends at a look, and which good comes to it last. */
  const worth = Array.from({ length: looks }, (_, l) => choices[start]![l]?.worth ?? -Infinity);
  const by = Array.from({ length: looks }, () => start);
  for (let round = 0; round < looks; round++) {
    let changed = false;
    for (let good = 0; good < start; good++) {
      const from = taken[good]!;
      if (worth[from] === -Infinity) continue;
      for (let to = 0; to < looks; to++) {
        const there = choices[good]![to];
        if (!there || to === from) continue;
        const way = worth[from]! - choices[good]![from]!.worth + there.worth;
        if (way > worth[to]! + 1e-12) {
          worth[to] = way;
          by[to] = good;
          changed = true;
        }
      }
    }
    if (!changed) break;
  }
  const standing = (look: number) => taken.some((t) => t === look);
  let end = -1;
  let most = -Infinity;
  for (let look = 0; look < looks; look++) {
    const value = worth[look]! - (standing(look) ? ALIKE_COST : 0);
    if (value > most + 1e-12) [end, most] = [look, value];
  }
  for (let look = end; look >= 0;) {
    const good = by[look]!;
    const from = taken[good];
    taken[good] = look;
    if (good === start) break;
    look = from!;
  }
}
