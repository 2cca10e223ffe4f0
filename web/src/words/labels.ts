import {
  ageIn,
  ALLERGENS,
  MILKS,
  type Age,
  type AllergenId,
  type AxisId,
  type Face,
  type LensId,
  type HeadKind,
  type PlateGuests,
  type Reach,
  type Main,
  type Milk,
  type RiskId,
  type Tag,
} from '@rotula/core';
import { capital, count } from '../ui/format';
import { say, word } from '../language/say';

const ALLERGEN_LABELS: Partial<Record<AllergenId, string>> = {
  kamut: say`kamut (khorasan)`,
  'brazil nut': say`Brazil nut`,
};
/** Most allergens are called by the word of the table. */
export const allergenLabel = (id: AllergenId): string => ALLERGEN_LABELS[id] ?? word(id);

const RISK_LABELS: Record<RiskId, string> = {
  pregnant: say`pregnant guest`,
  frail: say`older or frail guest`,
  immunity: say`weakened immunity`,
  young: say`child under 5 or infant`,
  maoi: say`MAO-inhibitor medicine`,
  histamine: say`histamine intolerance`,
  kidney: say`kidney disease`,
};

const keyed = (prefix: string, labels: Readonly<Record<string, string>>): [string, string][] =>
  Object.entries(labels).map(([id, label]) => [`${prefix}:${id}`, label]);

const LIMIT_LABELS: ReadonlyMap<string, string> = new Map([
  ...ALLERGENS.map(({ id }): [string, string] => [`allergen:${id}`, allergenLabel(id)]),
  ...keyed('allergen', {
    milk: say`milk allergy: no milk of any animal`,
    gluten: say`gluten (all cereals)`,
    wheat: say`wheat, spelt and kamut`,
    'tree nuts': say`tree nuts, all of them`,
  }),
  ...keyed('risk', RISK_LABELS),
  ...keyed('diet', { lactose: say`lactose (by ripening, not by animal)` }),
  ...MILKS.map((animal: Milk): [string, string] => [
    `milk:${animal}`,
    say`no ${word(animal)}’s milk (a taste, not an allergy)`,
  ]),
  ...keyed('taste', { blue: say`no blue cheese`, pungent: say`nothing pungent`, hot: say`nothing hot` }),
]);

/** A limit by the id of its row ("diet:vegan"); diets are mostly called by the word of the table. */
export const limitLabel = (what: string): string => LIMIT_LABELS.get(what) ?? word(what.replace(/^\w+:/, ''));

/** What has to be known beside the limit itself. */
export const LIMIT_NOTES: Readonly<Record<string, string>> = {
  'allergen:milk': say`Every cheese and butter is out for this guest, and meat with milk powder.`,
  ...Object.fromEntries(
    MILKS.map((animal) => [
      `milk:${animal}`,
      say`Never the route for a milk allergy: goat’s, sheep’s and buffalo’s milk usually cross-react.`,
    ]),
  ),
};

/** How far the limits of a guest reach. */
export const REACH_WORDS: Record<Reach, string> = {
  undecided: say`Not decided`,
  board: say`Whole board`,
  'not loose': say`Nothing loose`,
  'own plate': say`Separate plate`,
  card: say`Card`,
};
export const REACH_HINTS: Record<Reach, string> = {
  undecided: say`somebody has to choose`,
  board: say`nothing of it on the board`,
  'not loose': say`no open nuts, seeds or crumbs of it at this table; what has it inside is marked`,
  'own plate': say`cut first, with its own knife`,
  card: say`the cards say which; for dislikes and diets only`,
};

export const HEAD_WORDS: Record<HeadKind, string> = {
  adult: say`adult`,
  child: say`child 5 to 11`,
  under5: say`child under 5`,
  infant: say`infant`,
};

/** An own plate: whose, and every limit that it meets. */
export function plateLabel({
  who,
  seat,
  limits,
  small,
}: Pick<PlateGuests, 'who' | 'seat' | 'limits' | 'small'>): string {
  const label = [small && say`child under 5`, ...limits.map((limit) => limitLabel(limit.what))]
    .filter(Boolean)
    .join(' · ');
  const whose = [who, seat && say`seat ${seat}`].filter(Boolean).join(', ');
  return whose ? `${whose}: ${label}` : label;
}

export const AXIS_LABELS: Record<AxisId, string> = {
  texture: say`texture`,
  firmness: say`soft to hard`,
  milk: say`milk`,
  intensity: say`strength`,
  age: say`age`,
  flavour: say`flavour`,
  sight: say`sight`,
  origin: say`origin`,
  company: say`safe bet and surprise`,
  build: say`whole or minced`,
  animal: say`animal`,
  calibre: say`format`,
  heat: say`heat`,
  smoke: say`smoke`,
};

/** What a lens asks for. Its nuts may be seeds: a table without nuts is not told to bring some. */
export const tagWord = (tag: Tag): string => (tag === 'nuts' ? say`nuts or seeds` : word(tag));

export const LENS_LABELS: Record<LensId, string> = {
  tastes: say`Five tastes`,
  families: say`Companions by family`,
  elements: say`Elements`,
  mouthfeels: say`Mouthfeels`,
  bite: say`One bite`,
};

/** What a guest may eat of rind, wrapping or casing; null: nothing of it is on the board. */
const GUEST_FACES: Record<Face['is'], (face: Face) => string | null> = {
  eaten: ({ face }) => (face === 'casing' ? say`casing is eaten` : say`rind is eaten`),
  'as you like': () => say`rind: as you like`,
  off: ({ face }) => (face === 'all round' ? say`rind is not eaten` : null),
  handle: () => say`the rim is a handle, not eaten`,
  collar: () => say`the band of bark is not eaten`,
  'show face': () => say`wrapping is not eaten`,
};
export const guestFaces = (faces: readonly Face[]): string[] =>
  faces.flatMap((face) => GUEST_FACES[face.is](face) ?? []);

export const rindName = (main: Main): string =>
  main.kind === 'cheese' ? say`${capital(word(main.rind.kind))} rind.` : say`Casing.`;

/** The same for whoever cuts. */
const CUTTER_FACES: Record<Face['is'], string> = {
  eaten: say`eaten, stays on`,
  'as you like': say`stays on, as the guest likes`,
  off: say`off`,
  handle: say`left on as a handle, not eaten`,
  collar: say`left as a collar, not eaten`,
  'show face': say`opened, left under it as its show face, not eaten`,
};
export const cutterFaces = (faces: readonly Face[]): string =>
  capital(faces.map(({ face, is }) => say`${word(face)}: ${CUTTER_FACES[is]}`).join('; '));

export const ageWord = ({ n, unit }: Age): string => count(n, unit);

/** Days as a monger says them: 9 days, 6 weeks, 7 months, 3 years. */
export const ageWords = (days: number): string => ageWord(ageIn(days));
