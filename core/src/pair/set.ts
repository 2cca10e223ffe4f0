/**
 * The exact choice of a small set: a few things of each slot that serve every good best for their money, and bring what is not there yet.
 * It knows nothing of cheese. Each slot's sets are enumerated with a bound; slots are put together by dynamic programming over
 * how many there are and what they bring, so that the best of every number comes out at once.
 */

export interface SlotQuestion {
  /** What each candidate is worth to each good: rows are goods. Already as it counts: a clash counts more than a match. */
  readonly worth: readonly Float64Array[];
  /** What each candidate costs, in points. */
  readonly cost: readonly number[];
  /** What each candidate brings, as bits. */
  readonly brings: readonly number[];
  readonly least: number;
  readonly most: number;
  /** Each is a group of candidates of which one at least must be there; a group that is empty asks nothing. */
  readonly oneOf: readonly ReadonlySet<number>[];
}

export interface SetQuestion {
  readonly slots: readonly SlotQuestion[];
  /** What is there already, as bits. */
  readonly has: number;
  /** Points for each bit that is there. */
  readonly perBit: number;
}

/** The best set of a given size. */
export interface SetPoint {
  readonly kinds: number;
  readonly value: number;
  /** For each slot the candidates, by number. */
  readonly chosen: readonly (readonly number[])[];
}

export interface BestSets {
  /** One point for each number of things that can be had, fewest first. */
  readonly curve: readonly SetPoint[];
  /** Sets looked at. */
  readonly nodes: number;
  /** How much better a set could at most be; 0: proven. */
  readonly gap: number;
}

interface Option {
  readonly chosen: readonly number[];
  readonly value: number;
  readonly bits: number;
}

/** @param limit sets that are looked at in each slot at the most */
export function bestSets({ slots, has, perBit }: SetQuestion, limit: number): BestSets {
  let nodes = 0;
  let gap = 0;
  const known = slots.reduce((bits, { brings }) => brings.reduce((all, b) => all | b, bits), has);
  const all = slots.map((slot) => {
    const found = openTo(slot, perBit * countBits(known & ~has), limit);
    nodes += found.nodes;
    gap += found.gap;
    return found.options;
  });
  return { curve: together(all, has, perBit), nodes, gap };
}

export function countBits(bits: number): number {
  let n = 0;
  for (let b = bits; b !== 0; b &= b - 1) n++;
  return n;
}

interface Options {
  /** By number of things. */
  readonly options: readonly (readonly Option[])[];
  readonly nodes: number;
  readonly gap: number;
}

/** The options of a slot; of what it asks the last goes first where it cannot have everything. */
function openTo(slot: SlotQuestion, mostBits: number, limit: number): Options {
  for (let groups = slot.oneOf.length; ; groups--) {
    const found = optionsOf({ ...slot, oneOf: slot.oneOf.slice(0, groups) }, mostBits, limit);
    if (found) return found;
  }
}

/** For every number of a slot the best set for each thing that it may bring; what another set beats in all is left out. Null: not all that is asked fits. */
function optionsOf(slot: SlotQuestion, mostBits: number, limit: number): Options | null {
  const { worth, cost, brings, most } = slot;
  const n = cost.length;
  const goods = worth.length;
  const filled = slot.oneOf.filter((group) => group.size > 0);
  // Fewer than the groups ask cannot be met.
  const least = Math.min(n, Math.max(slot.least, 0));
  const best: Map<number, Option>[] = Array.from({ length: most + 1 }, () => new Map());
  const floor = Float64Array.from({ length: most + 1 }, () => -Infinity);
  const alone = cost.map((c, i) => {
    let sum = 0;
    for (let m = 0; m < goods; m++) sum += worth[m]![i]!;
    return sum - c;
  });
  const order = [...cost.keys()].sort((a, b) => alone[b]! - alone[a]! || a - b);
  let nodes = 0;
  let gap = 0;
  const chosen: number[] = [];
  const visit = (value: number, bits: number) => {
    nodes++;
    const size = chosen.length;
    if (size < least) return;
    if (!filled.every((group) => chosen.some((c) => group.has(c)))) return;
    const at = best[size]!;
    const known = at.get(bits);
    if (!known || value > known.value + 1e-12) at.set(bits, { chosen: [...chosen], value, bits });
    if (value > floor[size]!) floor[size] = value;
  };
  /** What every good would have if all candidates were there. */
  const everything = worth.reduce(
    (sum, row) => sum + row.reduce((most, w) => Math.max(most, w), -Infinity),
    0,
  );
  const served: Float64Array[] = [new Float64Array(goods).fill(NaN)];
  /** Each candidate's worth to all goods. */
  const column = cost.map((_, c) => Float64Array.from(worth, (row) => row[c]!));
  /** What a candidate adds to goods that are served so; before anything is chosen, all that it is worth. */
  const addOf = (c: number, now: Float64Array, depth: number) => {
    const of = column[c]!;
    let add = -cost[c]!;
    if (depth === 0) for (let m = 0; m < goods; m++) add += of[m]!;
    else for (let m = 0; m < goods; m++) if (of[m]! > now[m]!) add += of[m]! - now[m]!;
    return add;
  };
  /** By depth and place; what a candidate adds never grows while others come to be chosen. */
  const adds = Array.from({ length: most }, () => new Float64Array(n));
  /** The last one: what it adds is all there is to know of it. */
  const growLast = (from: number, now: Float64Array, value: number, bits: number) => {
    const depth = most - 1;
    const above = adds[depth - 1]!;
    for (let place = from; place < n; place++) {
      const c = order[place]!;
      const wanted = floor[most]! - mostBits - value;
      if (depth > 1 && above[place]! < wanted - TINY) continue;
      const add = addOf(c, now, depth);
      if (!(add >= wanted)) continue;
      if (nodes >= limit) {
        gap = Math.max(gap, couldBe(value + add + mostBits - Math.max(floor[most]!, -1e9)));
        continue;
      }
      chosen.push(c);
      visit(value + add, bits | brings[c]!);
      chosen.pop();
    }
  };
  const grow = (from: number, spent: number, bits: number): void => {
    const depth = chosen.length;
    if (depth === most) return;
    const now = served[depth]!;
    const value = valueOf(now, depth) - spent;
    const own = adds[depth]!;
    if (depth > 0 && depth === most - 1) return growLast(from, now, value, bits);
    // What each further candidate would add to what is chosen; a set of such sums adds no more than its parts.
    for (let place = from; place < n; place++) own[place] = addOf(order[place]!, now, depth);
    const mostAdds = own.slice(from).sort().reverse();
    for (let place = from; place < n; place++) {
      const c = order[place]!;
      const add = own[place]!;
      // Could any set with this one still be wanted at any size?
      let hope = false;
      let could = 0;
      for (let more = 1; more <= most - depth && !hope; more++) {
        let bound = value + add;
        // Alone a clash counts, beside another it need not: before anything is chosen a sum of parts bounds nothing.
        if (depth === 0 && more > 1) bound = everything - cost[c]!;
        else for (let k = 0; k < more - 1; k++) bound += Math.max(0, mostAdds[k] ?? 0);
        hope = bound + mostBits >= floor[depth + more]!;
        could = Math.max(could, bound + mostBits - Math.max(floor[depth + more]!, -1e9));
      }
      if (!hope) continue;
      if (nodes >= limit) {
        gap = Math.max(gap, couldBe(could));
        continue;
      }
      const next = (served[depth + 1] ??= new Float64Array(goods));
      const of = column[c]!;
      for (let m = 0; m < goods; m++) next[m] = depth === 0 ? of[m]! : Math.max(now[m]!, of[m]!);
      chosen.push(c);
      visit(valueOf(next, depth + 1) - spent - cost[c]!, bits | brings[c]!);
      grow(place + 1, spent + cost[c]!, bits | brings[c]!);
      chosen.pop();
    }
  };
  if (least === 0) visit(0, 0);
  // Something that keeps what is asked is known before the limit can be reached.
  for (const group of filled)
    if (!chosen.some((c) => group.has(c))) chosen.push(order.find((c) => group.has(c))!);
  if (chosen.length > most) return null;
  if (chosen.length > 0) {
    const first = Float64Array.from(worth, (row) => Math.max(...chosen.map((c) => row[c]!)));
    visit(
      valueOf(first, chosen.length) - chosen.reduce((sum, c) => sum + cost[c]!, 0),
      chosen.reduce((bits, c) => bits | brings[c]!, 0),
    );
  }
  chosen.length = 0;
  grow(0, 0, 0);
  const options = best.map((of) => undominated([...of.values()]));
  return { options, nodes, gap };
}

/** More than a sum of worths loses in its last places. */
const TINY = 1e-9;
/** How much better a set could be; where nothing is known yet, that says nothing. */
const couldBe = (could: number) => (could < 1e8 ? could : 0);

function valueOf(served: Float64Array, depth: number): number {
  if (depth === 0) return 0;
  let sum = 0;
  for (const x of served) sum += x;
  return sum;
}

/** Without those that bring nothing more than another and are worth no more. */
const undominated = (all: readonly Option[]): Option[] => {
  const sorted = [...all].sort((a, b) => b.value - a.value);
  const kept: Option[] = [];
  for (const option of sorted) if (!kept.some(({ bits }) => (bits | option.bits) === bits)) kept.push(option);
  return kept;
};

/** Slots put together: the best of every number of things. */
function together(
  slots: readonly (readonly (readonly Option[])[])[],
  has: number,
  perBit: number,
): SetPoint[] {
  interface State {
    readonly value: number;
    readonly chosen: readonly (readonly number[])[];
  }
  let states = new Map<number, State>([[stateKey(0, has), { value: 0, chosen: [] }]]);
  for (const slot of slots) {
    const next = new Map<number, State>();
    const sizes = slot
      .map((options, size) => ({ options, size }))
      .filter(({ options }) => options.length > 0);
    // Nothing of it can be had: the slot stays empty.
    const open = sizes.length > 0 ? sizes : [{ options: [{ chosen: [], value: 0, bits: 0 }], size: 0 }];
    for (const [key, state] of states)
      for (const { options, size } of open)
        for (const option of options) {
          const to = stateKey((key >>> BITS) + size, (key & MASK) | option.bits);
          const value = state.value + option.value;
          const known = next.get(to);
          if (!known || value > known.value + 1e-12)
            next.set(to, { value, chosen: [...state.chosen, option.chosen] });
        }
    states = next;
  }
  const points = new Map<number, SetPoint>();
  for (const [key, { value, chosen }] of states) {
    const kinds = key >>> BITS;
    const whole = value + perBit * countBits(key & MASK);
    const known = points.get(kinds);
    if (!known || whole > known.value + 1e-12) points.set(kinds, { kinds, value: whole, chosen });
  }
  return [...points.values()].sort((a, b) => a.kinds - b.kinds);
}

const BITS = 20;
const MASK = (1 << BITS) - 1;
const stateKey = (kinds: number, bits: number): number => (kinds << BITS) | bits;

/** A curve whose points lie nearer to the line than this share of its rise bends nowhere. House's own figure. */
const BENDS = 0.1;

/**
 * The knee of a curve: the point that lies farthest above the line from its first to its best (Satopää and others, 2011). A curve that bends
 * nowhere has its knee at its best.
 */
export function kneeOf(curve: readonly SetPoint[]): SetPoint | null {
  const best = curve.reduce<SetPoint | null>((a, b) => (a && a.value >= b.value ? a : b), null);
  const first = curve[0];
  if (!best || !first || best.kinds <= first.kinds + 1) return best;
  const slope = (best.value - first.value) / (best.kinds - first.kinds);
  let knee = best;
  let most = BENDS * (best.value - first.value);
  for (const point of curve) {
    if (point.kinds > best.kinds) break;
    const above = point.value - (first.value + slope * (point.kinds - first.kinds));
    if (above > most) {
      most = above;
      knee = point;
    }
  }
  return knee;
}
