import { ageSaid } from './age.js';
import { FAMILY_WORDS } from './kinds/cheeses.js';
import { MEAT_WORDS } from './kinds/meats.js';
import {
  FAMILY_USUAL,
  linesOf,
  namesOf,
  PROCESS_USUAL,
  STYLES,
  type StyleKind,
  type StyleRow,
} from './kinds/rows.js';
import {
  AGE_WORDS,
  ANIMAL_WORDS,
  KIND_WORDS,
  LINKS,
  MILK_WORDS,
  OF,
  RIND_WORDS,
  TREATMENT_WORDS,
} from './kinds/words.js';
import { hitAt, hitsIn, phraseTable, type PhraseHit, type PhraseTable } from './phraseTable.js';
import { PAUSE, STOP, wordsOf } from './plain.js';

/**
 * What a name tells: the style that it names, by the dictionary, and what the words beside it say. A field is told by the `name`
 * (a reserved name, or a word that says it) or is only `typical` of what is so called; what neither tells is not there.
 */

export type TellsBy = 'name' | 'typical';
export interface Told {
  readonly kind: StyleKind;
  /** The style of the dictionary; '' where only words told it. */
  readonly style: string;
  readonly values: Readonly<Record<string, string | number>>;
  readonly by: Readonly<Record<string, TellsBy>>;
  /** Animals of the milk or meat, where the text names several. */
  readonly animals: readonly string[];
  /** Allergens that it holds by definition. */
  readonly contains: readonly string[];
}

const byWord = (table: string): PhraseTable<string> =>
  phraseTable(
    linesOf(table).flatMap(([names, value]) => namesOf(names).map((words) => [words, value] as const)),
  );

const STYLE_TABLE: Readonly<Record<StyleKind | 'any', PhraseTable<StyleRow>>> = (() => {
  const tableOf = (kind: StyleKind | 'any') =>
    phraseTable(
      STYLES.filter((row) => kind === 'any' || row.kind === kind).flatMap((row) =>
        row.names.map((words) => [words, row] as const),
      ),
    );
  return {
    any: tableOf('any'),
    cheese: tableOf('cheese'),
    meat: tableOf('meat'),
    companion: tableOf('companion'),
    drink: tableOf('drink'),
    ware: tableOf('ware'),
  };
})();
/** The shortest style that a German word may end with. */
const TAIL = 4;
/** Styles of one word by their last letters, the longest first: feigensenf is a senf. */
const ENDS: ReadonlyMap<string, readonly (readonly [end: string, row: StyleRow])[]> = (() => {
  const byTail = new Map<string, (readonly [string, StyleRow])[]>();
  for (const row of STYLES)
    for (const [word, ...more] of row.names)
      if (more.length === 0 && word!.length >= TAIL) {
        const tail = word!.slice(-TAIL);
        byTail.set(tail, [...(byTail.get(tail) ?? []), [word!, row]]);
      }
  for (const list of byTail.values()) list.sort(([a], [b]) => b.length - a.length);
  return byTail;
})();

const MILK = byWord(MILK_WORDS);
const ANIMALS = byWord(ANIMAL_WORDS);
const TREATMENT = byWord(TREATMENT_WORDS);
const RIND = byWord(RIND_WORDS);
const AGES = byWord(AGE_WORDS);
const KINDS = byWord(KIND_WORDS);
const FAMILY = byWord(FAMILY_WORDS);
const PROCESS = byWord(MEAT_WORDS);

const VERY_HARD = 'very-hard';
const familyOf = (word: string): string => (word === VERY_HARD ? 'very hard' : word);

/** What grows on plants names no dish that it is in: walnut bread is a bread. */
const PLAIN_ROLES: ReadonlySet<unknown> = new Set(['fruit', 'nut', 'vegetable', 'dried fruit', 'garnish']);
const rankOf = ({ kind, typical, generic }: StyleRow): number =>
  kind === 'companion' && PLAIN_ROLES.has(typical.family) ? 0 : kind === 'ware' ? 0 : generic ? 1 : 2;

const singular = (word: string): string => (word.length > 4 && word.endsWith('s') ? word.slice(0, -1) : word);

/** Every style that a text names, left to right: as it is written, in the singular, or as the end of a German word. */
function styleHits(words: readonly string[], kind: StyleKind | 'any'): PhraseHit<StyleRow>[] {
  const table = STYLE_TABLE[kind];
  const singulars = words.map(singular);
  const hits: PhraseHit<StyleRow>[] = [];
  for (let at = 0; at < words.length;) {
    const hit = hitAt(table, words, at) ?? hitAt(table, singulars, at);
    const end = hit ? null : endOf(words[at]!, kind);
    if (hit) hits.push(hit);
    else if (end) hits.push({ value: end, from: at, to: at + 1 });
    at = hit ? hit.to : at + 1;
  }
  return hits;
}

/** What a German word ends with must leave this much of a beginning. */
const BEGINNING = 3;
const endOf = (word: string, kind: StyleKind | 'any'): StyleRow | null =>
  word.length < TAIL + BEGINNING || /\d/.test(word)
    ? null
    : (ENDS.get(word.slice(-TAIL))?.find(
        ([end, row]) =>
          word.endsWith(end) &&
          word.length >= end.length + BEGINNING &&
          (kind === 'any' || row.kind === kind),
      )?.[1] ?? null);

/** The hit that is what the thing is: before "with", the highest rank, the most words; then the last, or the first of "jus de pomme". */
function headOf(hits: readonly PhraseHit<StyleRow>[], words: readonly string[]): PhraseHit<StyleRow> | null {
  if (hits.length === 0) return null;
  const link = words.findIndex(
    (word, at) => at > 0 && LINKS.has(word) && !hits.some(({ from, to }) => from <= at && at < to),
  );
  const before = hits.filter(({ from }) => link < 0 || from < link);
  const best = (before.length > 0 ? before : hits).reduce((now, next) => {
    const [a, b] = [now, next].map((hit) => rankOf(hit.value) * 10 + (hit.to - hit.from));
    if (a !== b) return a! > b! ? now : next;
    // A pause ends the name: what stands before it is what it is.
    const between = words.slice(now.to, next.from);
    const isFirst = between.some((word) => OF.has(word) || word === PAUSE || word === STOP);
    return isFirst || now.value.kind === 'cheese' ? now : next;
  });
  return best;
}

/** Years, months: the families that a cheese goes through as it dries. Common practice, no source. */
const FAMILY_BY_AGE: readonly (readonly [family: string, underDays: number])[] = [
  ['semi-soft', 60],
  ['firm', 240],
  ['hard', 540],
  ['very hard', Infinity],
];

interface AgeSaid {
  readonly days: number | null;
  readonly times: number;
}
function ageOf(text: string, words: readonly string[]): AgeSaid | null {
  const days = ageSaid(text);
  if (days !== null) return { days, times: 1 };
  const hit = hitsIn(AGES, words).at(-1);
  if (!hit) return null;
  const [ofAges, times] = hit.value.split(' ').map(Number);
  return { days: -ofAges!, times: times! };
}

/** Values that words say beside the style: each is told by the name. */
function wordsSay(words: readonly string[], kind: StyleKind): Readonly<Record<string, string>> {
  const said: Record<string, string> = {};
  const put = (field: string, table: PhraseTable<string>) => {
    const [hit] = hitsIn(table, words);
    if (hit) said[field] = familyOf(hit.value);
  };
  if (kind === 'cheese') {
    put('treatment', TREATMENT);
    put('rind', RIND);
    put('family', FAMILY);
  } else if (kind === 'meat') {
    put('family', PROCESS);
  }
  return said;
}

const animalsSaid = (words: readonly string[], kind: StyleKind): string[] =>
  kind === 'cheese' || kind === 'meat'
    ? [...new Set(hitsIn(kind === 'cheese' ? MILK : ANIMALS, words).map(({ value }) => value))]
    : [];

/** The kind that words name where no style does: "cheese", "Käse"; milk makes a cheese, an animal a meat. */
function kindSaid(words: readonly string[]): StyleKind | null {
  const [named] = hitsIn(KINDS, words);
  if (named) return named.value as StyleKind;
  const ends = words.find((word) => word.length > 6 && /(?:kase|cheese)$/.test(word));
  if (ends || (hitsIn(MILK, words).length > 0 && hitsIn(FAMILY, words).length > 0)) return 'cheese';
  return null;
}

/** Words of a name that say nothing of what it is: the registers of designations. */
const withoutMarks = (words: readonly string[]): string[] =>
  words.filter(
    (word) => !['aop', 'dop', 'pdo', 'igp', 'ggu', 'gu', 'igt', 'doc', 'docg', 'bio', 'aoc'].includes(word),
  );

/** The kind of good that a word or heading of a list names ("Hartkäse", "Meats"); null: it names none. */
export function kindNamed(text: string): StyleKind | null {
  const words = wordsOf(text);
  const said = kindSaid(words);
  if (said) return said;
  const rest = words.filter((word) => word !== PAUSE && word !== STOP);
  const whole = (table: PhraseTable<string>) => hitAt(table, rest, 0)?.to === rest.length;
  if (whole(FAMILY)) return 'cheese';
  return whole(PROCESS) ? 'meat' : null;
}

/**
 * @param text a name with whatever stands beside it: "Comté 18 Monate, Rohmilch"
 * @param kind what it is known to be; null: the name has to tell
 * @returns null where the text names nothing that is known
 */
export function tellName(text: string, kind: StyleKind | null = null): Told | null {
  const words = withoutMarks(wordsOf(text));
  const hit = headOf(styleHits(words, kind ?? 'any'), words);
  const row = hit?.value ?? null;
  const is = kind ?? row?.kind ?? kindSaid(words);
  if (!is) return null;
  const values: Record<string, string | number> = {};
  const by: Record<string, TellsBy> = {};
  const put = (field: string, value: string | number | null | undefined, how: TellsBy) => {
    if (value === null || value === undefined) return;
    values[field] = value;
    by[field] = how;
  };
  if (row) putStyle(row, put);
  const animals = putBeside(text, words, hit, is, values, put);
  return {
    kind: is,
    style: row?.name ?? '',
    values,
    by,
    animals: animals.length > 0 ? animals : values.animal ? [String(values.animal)] : [],
    contains: row?.contains ?? [],
  };
}

type Put = (field: string, value: string | number | null | undefined, how: TellsBy) => void;

/** What the words beside a style say, and what is usual where no style is named. @returns the animals that the words name */
function putBeside(
  text: string,
  words: readonly string[],
  hit: PhraseHit<StyleRow> | null,
  kind: StyleKind,
  values: Record<string, string | number>,
  put: Put,
): string[] {
  const row = hit?.value ?? null;
  const isStyle = row !== null && !row.generic;
  // What the style's own name says is not said beside it: "Appenzeller", "Queso fresco".
  const beside = hit ? words.map((word, at) => (at >= hit.from && at < hit.to ? PAUSE : word)) : words;
  const around = isStyle ? beside : words;
  for (const [field, value] of Object.entries(wordsSay(around, kind)))
    if (field !== 'family' || !isStyle) put(field, value, 'name');
  const animals = animalsSaid(around, kind);
  if (animals[0]) put('animal', animals[0], 'name');
  if (!isStyle) putUsual(kind, values, put);
  if (kind === 'meat') put('ageDays', ageSaid(text), 'name');
  const age = kind === 'cheese' ? ageOf(text, beside) : null;
  if (age) putAge(age, row, values, put);
  return animals;
}

/** What is fixed by a name: its family and animal; its treatment where a register says so. */
function putStyle(row: StyleRow, put: Put): void {
  for (const [field, value] of Object.entries(row.typical)) {
    const isFixed =
      !row.generic &&
      ((field === 'family' && !row.ages) ||
        field === 'animal' ||
        (field === 'treatment' && row.source === 'pdo'));
    put(field, value, isFixed ? 'name' : 'typical');
  }
  if (row.kind === 'cheese') put('usualAge', row.typical.ageDays, 'typical');
}

/** What a family or process usually is, where nothing better is known. */
function putUsual(kind: StyleKind, values: Record<string, string | number>, put: Put): void {
  const usual = (kind === 'cheese' ? FAMILY_USUAL : kind === 'meat' ? PROCESS_USUAL : null)?.get(
    String(values.family),
  );
  if (!usual) return;
  for (const [field, value] of Object.entries(usual))
    if (values[field] === undefined) put(field, value, 'typical');
  if (kind === 'cheese') put('usualAge', values.ageDays, 'typical');
}

/** The age that is said; a cheese that goes through families as it dries is of the family of that age. */
function putAge(age: AgeSaid, row: StyleRow | null, values: Record<string, string | number>, put: Put): void {
  const isWord = age.days !== null && age.days < 0;
  const usual = Number(values.ageDays ?? 0);
  const days = !isWord ? age.days! : row?.ages ? -age.days! : Math.round(usual * age.times);
  if (days <= 0) return;
  put('ageDays', days, isWord ? 'typical' : 'name');
  if (row?.ages)
    put('family', FAMILY_BY_AGE.find(([, under]) => days < under)![0], isWord ? 'typical' : 'name');
}
