import { BESIDE_OF, besideTotal, drinkPortions, purchase } from '../amount/index.js';
import { headsThatEat, type Brief, type PairWord } from '../brief/index.js';
import { allergenOf, GLUTEN_CEREALS, isAlcoholic, type Main } from '../counter/index.js';
import { LENSES, TAGS, tagsOf, type Tag } from '../sense/index.js';
import { grams, memoisedBy } from '../units/index.js';
import type { Beside } from './facts.js';
import { feels, keepsToTheme } from './felt.js';
import type { Weights } from './learnt.js';
import { scoresBeside } from './rank.js';
import { bestSets, kneeOf, type BestSets, type SetPoint, type SlotQuestion } from './set.js';
import { SET_SIZE, shelfOf, SMALL_TABLE, type Slot } from './slots.js';
import { counted, shortlist } from './shortlist.js';
import { standsBy, wordOn } from './word.js';

/** Points for each taste, mouthfeel and element that is on the board. House's own figure. */
const PRESENT = 1;
/** An open jar is taken before a new one: it costs half. House's own figure. */
const OPEN = 0.5;
/** Of what all pours of a drink cost, what counts against it, so that a dear bottle must be better; and of a bottle, what stays. House's own figures. */
const DEARER = 0.25;
const NOT_DRUNK_OUT = 0.5;
/** From this many goods on one bottle cannot serve them all. House's own figure. */
const MANY = 4;
/** What a timid table likes less, for each point of strength or heat above this. House's own figures. */
const BOLD_FROM = 5;
const BOLD = 0.3;
/** What keeps to the theme of the board suits each of its goods better by these points. House's own figure. */
const THEME = 1;
/** Sets that are looked at in each slot; a counter of thousands is cut short, and says by how much. */
const NODE_LIMIT = 40_000;

/** What the set should show, and bit by bit where it stands. */
const WANTED: readonly Tag[] = [
  ...new Set(
    LENSES.filter(({ id }) => ['tastes', 'mouthfeels', 'elements'].includes(id)).flatMap(({ tags }) => tags),
  ),
].filter((tag) => tag !== 'cheese' && tag !== 'meat' && tag !== 'garnish' && tag in TAGS);
const bitsOf = memoisedBy((good: Main | Beside): number =>
  tagsOf(good).reduce((bits, tag) => (WANTED.includes(tag) ? bits | (1 << WANTED.indexOf(tag)) : bits), 0),
);

export const isGlutenFree = (beside: Beside): boolean =>
  GLUTEN_CEREALS.every((cereal) => allergenOf(beside, cereal) === 'free');

/** A carrier that says nothing itself. */
export const isPlain = (beside: Beside): boolean =>
  beside.kind === 'companion' &&
  beside.scented <= 1 &&
  beside.sense.intensity <= 2.5 &&
  beside.sense.sweet <= 3;
const crunchOf = (beside: Beside): number => (beside.kind === 'companion' ? beside.crunch : 0);
const isWine = (beside: Beside): boolean => shelfOf(beside) === 'wine';
/** What weak teeth can bite. */
const SOFT_NUT = 6;
const SOFT_BREAD = 4;

export interface SetInput {
  readonly mains: readonly Main[];
  readonly candidates: Readonly<Record<Slot, readonly Beside[]>>;
  readonly brief: Brief;
  readonly slots: readonly Slot[];
  readonly words: readonly PairWord[];
  readonly weights: Weights;
  /** What a point is worth for each guest, smallest unit of money. */
  readonly point: number;
  readonly licensed: boolean;
  /** Things at the most; null: as many as the knee of the curve says. */
  readonly kinds: number | null;
}

export interface BoardSet {
  readonly chosen: Readonly<Partial<Record<Slot, readonly Beside[]>>>;
  /** Value against number of things. */
  readonly curve: readonly SetPoint[];
  readonly kinds: number;
  readonly knee: number;
  readonly gap: number;
  readonly nodes: number;
  /** The counter has more than can all be looked at: the set was chosen among the best of each slot. */
  readonly among: boolean;
}

/** What the usual share of a good costs the table, in points. */
function costOf(beside: Beside, { brief, point, licensed }: SetInput, sharing: number): number {
  const heads = Math.max(1, headsThatEat(brief));
  if (beside.kind === 'drink') {
    if (isAlcoholic(beside) && !licensed) return 0;
    // Drinks share the pours: one more costs little but the bottle that is not drunk out.
    const [portion] = drinkPortions([beside], brief);
    return (portion!.price * DEARER + beside.price.amount * NOT_DRUNK_OUT) / sharing / heads / point;
  }
  const share = grams(Math.round(besideTotal(brief, BESIDE_OF[beside.role]) / sharing));
  const { price } = purchase(beside, share, brief.practice);
  const isOpen = beside.lots.some((lot) => lot.opened && lot.grams > 0);
  return ((isOpen ? OPEN : 1) * price) / heads / point;
}

/**
 * Without what another does as well in all: for every good, for its money, for what it brings and for what must be there. A set that has the
 * other gains nothing by it.
 */
function withoutTwins(question: SlotQuestion): {
  readonly question: SlotQuestion;
  readonly kept: readonly number[];
} {
  const { worth, cost, brings, oneOf } = question;
  const groups = cost.map((_, c) =>
    oneOf.reduce((bits, group, g) => (group.has(c) ? bits | (1 << (g % 30)) : bits), 0),
  );
  const beats = (a: number, b: number) =>
    cost[a]! <= cost[b]! &&
    (brings[a]! | brings[b]!) === brings[a]! &&
    (groups[a]! | groups[b]!) === groups[a]! &&
    worth.every((row) => row[a]! >= row[b]!);
  const kept: number[] = [];
  const sum = cost.map((money, c) => worth.reduce((total, row) => total + row[c]!, 0) - money);
  for (const c of [...cost.keys()].sort((a, b) => sum[b]! - sum[a]! || a - b))
    if (!kept.some((other) => beats(other, c))) kept.push(c);
  // As many as may be chosen stay, whatever they are.
  for (const c of cost.keys()) if (kept.length < question.most && !kept.includes(c)) kept.push(c);
  kept.sort((a, b) => a - b);
  return {
    kept,
    question: {
      ...question,
      worth: worth.map((row) => Float64Array.from(kept, (c) => row[c]!)),
      cost: kept.map((c) => cost[c]!),
      brings: kept.map((c) => brings[c]!),
      oneOf: oneOf.map((group) => new Set([...kept.keys()].filter((k) => group.has(kept[k]!)))),
    },
  };
}

type SlotTest = (beside: Beside) => boolean;

/** Of what a slot must have one at the least, the most needful first: what does not fit is let go from the end. */
export function mustsOf(
  slot: Slot,
  { mains, brief, words }: Pick<SetInput, 'mains' | 'brief' | 'words'>,
  most: number,
): SlotTest[] {
  const always = words
    .filter(({ says }) => says === 'always')
    .map(
      (word): SlotTest =>
        (beside) =>
          mains.some((main) => wordOn([word], main, beside) !== null),
    );
  const frail = feels(brief, 'frail');
  if (slot === 'bread')
    return [
      isGlutenFree,
      ...always,
      isPlain,
      ...(frail ? [(beside: Beside) => crunchOf(beside) <= SOFT_BREAD] : []),
      ...(most >= 3 ? [(beside: Beside) => !isPlain(beside)] : []),
    ];
  return [
    ...always,
    // A wine at the least, whatever a beer saves: nobody should have to ask for it (common practice, no source).
    ...(slot === 'drink' ? [isWine] : []),
    ...(slot === 'crunchy' && frail ? [(beside: Beside) => crunchOf(beside) <= SOFT_NUT] : []),
  ];
}

function questionOf(
  slot: Slot,
  candidates: readonly Beside[],
  input: SetInput,
  size: 'small' | 'large',
): SlotQuestion {
  const { mains, brief, words, weights } = input;
  const most = Math.min(candidates.length, mostOf(slot, brief, size));
  const bold = feels(brief, 'timid') && slot !== 'bread' ? BOLD : 0;
  // What the table thinks of each, whatever it stands beside.
  const felt = candidates.map((beside) => {
    const { intensity, heat } = beside.sense;
    const shy = bold * (Math.max(0, intensity - BOLD_FROM) + heat);
    return (keepsToTheme(beside, brief) ? THEME : 0) - shy;
  });
  const worth = mains.map((main) => {
    const worths = scoresBeside(main, candidates, weights).map((score, c) => counted(score + felt[c]!));
    if (words.length > 0)
      candidates.forEach((beside, c) => (worths[c]! += standsBy(wordOn(words, main, beside))));
    return worths;
  });
  return {
    worth,
    cost: candidates.map((beside) => costOf(beside, input, Math.max(1, most))),
    brings: candidates.map((beside) => (beside.kind === 'drink' ? 0 : bitsOf(beside))),
    // Two drinks at the least, where there is much to drink them with.
    least: Math.min(slot === 'drink' && mains.length >= MANY ? 2 : 1, most),
    most,
    oneOf: mustsOf(slot, input, most).map(
      (test) => new Set([...candidates.keys()].filter((c) => test(candidates[c]!))),
    ),
  };
}

/** A sweet tooth has one more sweet thing to choose from, a savoury table one less. */
function mostOf(slot: Slot, brief: Brief, size: 'small' | 'large'): number {
  const usual = SET_SIZE[slot][size];
  if (slot !== 'sweet') return usual;
  return Math.max(1, usual + (feels(brief, 'sweet tooth') ? 1 : feels(brief, 'savoury') ? -1 : 0));
}

/**
 * The companions and bottles that serve the whole board best for their money, exactly (docs/rooms/pair.md): pairing value less money, under few
 * jars, with what the board lacks of tastes, mouthfeels and elements. How many is the knee of value against number, unless a person says.
 */
export function boardSet(input: SetInput): BoardSet {
  const { mains, brief, slots, kinds } = input;
  const size = headsThatEat(brief) <= SMALL_TABLE ? 'small' : 'large';
  const lists = slots.map((slot) =>
    shortlist(mains, input.candidates[slot], input.weights, mustsOf(slot, input, mostOf(slot, brief, size))),
  );
  const has = mains.reduce((bits, main) => bits | bitsOf(main), 0);
  const questions = slots.map((slot, s) => withoutTwins(questionOf(slot, lists[s]!, input, size)));
  const { curve, gap, nodes }: BestSets = bestSets(
    { slots: questions.map(({ question }) => question), has, perBit: PRESENT },
    NODE_LIMIT,
  );
  const knee = kneeOf(curve);
  const point =
    kinds === null ? knee : ([...curve].reverse().find((other) => other.kinds <= kinds) ?? curve[0]);
  const chosen: Partial<Record<Slot, readonly Beside[]>> = {};
  slots.forEach((slot, s) => {
    chosen[slot] = (point?.chosen[s] ?? []).map((c) => lists[s]![questions[s]!.kept[c]!]!);
  });
  const among = slots.some((slot, s) => lists[s]!.length < input.candidates[slot].length);
  return { chosen, curve, kinds: point?.kinds ?? 0, knee: knee?.kinds ?? 0, gap, nodes, among };
}
