/** A possible treatment of a good and how well it suits. */
export interface Option {
  readonly id: string;
  readonly look: string;
  readonly suits: number;
}

/** What two goods that look alike cost, in steps of suiting: a cut one step less usual is taken to avoid it. */
export const ALIKE_COST = 1.5;
/** Options beyond the best few of a good are not tried. */
const OPTIONS_TRIED = 3;

/**
 * Choose one option for each good so that the sum of suiting, less ALIKE_COST for every good whose look stands on the
 * board already, is largest. Exact over the best three options of each good; ties go to the earlier option.
 */
export function assignLooks(options: readonly (readonly Option[])[]): Option[] {
  const tried = options.map((all) => [...all].sort((a, b) => b.suits - a.suits).slice(0, OPTIONS_TRIED));
  let best: Option[] = [];
  let most = -Infinity;
  const ceiling = tried.map((all) => all[0]?.suits ?? 0);
  const rest = tried.map((_, i) => ceiling.slice(i).reduce((a, b) => a + b, 0)).concat(0);
  const choose = (i: number, chosen: Option[], value: number) => {
    if (value + rest[i]! <= most + 1e-9) return;
    if (i === tried.length) {
      most = value;
      best = chosen;
      return;
    }
    for (const option of tried[i]!) {
      const alike = chosen.some((c) => c.look === option.look) ? ALIKE_COST : 0;
      choose(i + 1, [...chosen, option], value + option.suits - alike);
    }
  };
  choose(0, [], 0);
  return best;
}
