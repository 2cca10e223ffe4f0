import type { CutStyleId, FoldId, MeatKeeping, ProduceCut, ProduceTime, TableRule } from '@rotula/core';
import { capital, count } from '../ui/format';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

/** A cut or fold as it stands on a list, and why it is the usual one. */
interface CutWords {
  readonly label: string;
  readonly why: string;
}

const STYLES: Record<CutStyleId, CutWords> = {
  'lid off': { label: say`lid off, spooned; the band stays`, why: say`it flows: a wedge would run away` },
  spooned: { label: say`from the tub, in spoonfuls`, why: say`too soft to hold an edge` },
  'opened whole': { label: say`whole, opened at the table`, why: say`the heart runs when it is opened` },
  'baked whole': {
    label: say`whole, halved flat, for the oven`,
    why: say`it comes hot: half of the filling goes inside, half on top`,
  },
  pearls: { label: say`pearls, left whole`, why: say`one pearl is one bite` },
  coins: { label: say`coins`, why: say`it crumbles under a thick blade` },
  'tip wedges': { label: say`wedges from the tip`, why: say`heart and rind on every piece` },
  'first wedge out': {
    label: say`whole, a first wedge pulled`,
    why: say`a started cheese is eaten; sticky paste wants holes in the blade`,
  },
  'centre wedges': { label: say`wedges from the centre`, why: say`every piece runs from heart to rind` },
  'nose to rind slices': {
    label: say`slices along the wedge, nose to rind`,
    why: say`nobody gets all nose or all rind`,
  },
  'diagonal triangles': { label: say`diagonals into triangles`, why: say`every piece has rind` },
  'long triangles': {
    label: say`long thin triangles, rind to point`,
    why: say`flavour changes from core to rind; each gets all of it`,
  },
  'zig-zag slices': {
    label: say`triangles, cut to and fro`,
    why: say`a slab gives triangles with no offcut`,
  },
  cubes: { label: say`cubes`, why: say`easy finger food, perfect cubes from a block` },
  'fanned slices': { label: say`slices, fanned`, why: say`supple paste slices clean and lies in a fan` },
  batons: { label: say`finger batons, stacked like a tent`, why: say`height, and a new shape` },
  'rough chunks': {
    label: say`rough chunks, half broken, rest whole`,
    why: say`it breaks along the grain and shows its crystals`,
  },
  nuggets: { label: say`pried into nuggets`, why: say`a knife skids on paste so hard` },
  'crumbled blue': {
    label: say`stabbed and twisted to a crumble`,
    why: say`it smears and scents the others`,
  },
  'small blue wedges': { label: say`small wedges`, why: say`creamy blue is cut, not crumbled` },
  'spread blue': { label: say`whole, to spread`, why: say`creamy blue is spread near the bread` },
  slabs: { label: say`slabs, drained`, why: say`brittle and wet: a slab holds together` },
  dice: { label: say`dice, drained`, why: say`brittle and wet: small dice hold` },
  broken: { label: say`broken by hand`, why: say`nothing in the book suits it better` },
};

const FOLDS: Record<FoldId, CutWords> = {
  bowl: { label: say`in a bowl, with its own spreader`, why: say`it spreads` },
  ribbon: { label: say`ribbons, gathered loosely`, why: say`thin whole muscle stays airy` },
  rose: {
    label: say`a rose turned out of a glass`,
    why: say`overlapped rounds make a flower; 8 to 14 slices`,
  },
  river: { label: say`a river of folded slices`, why: say`a winding line parts the board` },
  'quarter fold': { label: say`quarter folds, pinched to a ruffle`, why: say`big slices stand up` },
  fan: { label: say`half folds in a fan`, why: say`shows the marbling` },
  roll: { label: say`loose rolls`, why: say`one roll, one bite` },
  shingles: {
    label: say`shingled along an edge`,
    why: say`slices too small or too thick to fold overlap in a row`,
  },
  flakes: { label: say`in flakes`, why: say`a smoked fillet parts along its flakes` },
  'bias slices': {
    label: say`casing off, bias slices; the rest whole with a guide slice`,
    why: say`the casing is tough; a started sausage is eaten`,
  },
  mound: { label: say`a loose mound`, why: say`nothing in the book suits it better` },
};

/** The name of a cut or fold. */
export const cutLabel = (id: CutStyleId | FoldId): string =>
  (id in STYLES ? STYLES[id as CutStyleId] : FOLDS[id as FoldId]).label;

const KEEPING: Record<MeatKeeping, string> = {
  'dry-cured': say`Covered and cold until an hour before; paper between, apart from cheese`,
  cooked: say`Cold until it goes out; never against raw meat or an unwashed hand`,
  fish: say`Cold until it goes out; its own plate and tongs, away from cheese`,
  raw: say`Cold until it goes out; its own knife and bowl, against nothing that is eaten as it is`,
};

type Step =
  | 'face-the-dry-side'
  | 'halve-the-height'
  | 'disc-by-wire'
  | 'mark-the-rim'
  | 'take-the-rest'
  | 'slab-off-the-end'
  | 'take-whole'
  | 'bake-whole'
  | 'cut-cold'
  | 'rind-off'
  | 'handle-left'
  | 'show-face'
  | 'casing-off'
  | 'set-the-slicer'
  | 'halve-the-slices'
  | 'divide'
  | 'fold-in-grabs'
  | 'keep-meat'
  | 'offcuts-aside'
  | 'keep-whole'
  | 'hold-back';

export const cutWords: WordsOf<
  | 'suits-the-cheese'
  | 'suits-the-meat'
  | 'looks-alike'
  | 'heavy-piece'
  | 'long-piece'
  | 'thick-piece'
  | 'not-its-usual-cut'
  | 'too-few-pieces'
  | 'measure-anew'
  | 'weighed-not-measured'
  | 'slices-halved'
  | 'parted-for-a-bite'
  | TableRule
  | Step
> = {
  'suits-the-cheese': ({ style }) => STYLES[style].why,
  'suits-the-meat': ({ fold }) => FOLDS[fold].why,
  'looks-alike': ({ others }, { list }) => say`looks like ${list(others)}: nothing else suits both`,
  'heavy-piece': ({ piece }, { grams }) => say`${grams(piece)} is more than two bites: halve it`,
  'long-piece': ({ longest }, { mm }) => say`${mm(longest)} long is more than two bites: snap it across`,
  'thick-piece': ({ across }, { mm }) => say`${mm(across)} across is a mouthful: cut it narrower`,
  'not-its-usual-cut': ({ usual }) =>
    say`not its usual cut (${cutLabel(usual)}), so that the board shows different shapes`,
  'too-few-pieces': ({ pieces, eaters, piece }, { grams }) =>
    say`${count(pieces, 'piece')} of ${grams(piece)} for ${eaters} who eat of it: a kind less, or more of it`,
  'measure-anew': ({ by }) =>
    say`by its measures it is ${Math.round(100 * Math.abs(by))} % ${by > 0 ? say`heavier` : say`lighter`} than such paste can be: measure the piece anew`,
  'weighed-not-measured': () => say`its paste holds air: the scale says its weight, no measure does`,
  'slices-halved': ({ across }, { mm }) => say`${mm(across)} is too long for one grab: slices are halved`,
  'parted-for-a-bite': ({ across, into }, { mm }) =>
    say`${mm(across)} is too much to take in one motion: each into ${into}`,
  'cut-for-a-box': () => say`in a box nothing is cut at the table`,
  'house-cuts-all': () => say`the house cuts everything ahead`,
  'house-leaves-whole': () => say`the house leaves whole what can stand whole`,
  'one-hand': () => say`standing guests have one hand: more than ten to a knife is a queue`,
  seated: () => say`seated guests may cut for themselves`,
  'hard-to-bite': () => say`hard chunks are too much for small children and old teeth`,
  'dries-out': () => say`thin and crumbled pieces dry over such a long party`,
  'face-the-dry-side': ({ off }, { grams }) => say`Face the dry side: ${grams(off)} off`,
  'halve-the-height': ({ at }, { mm }) => say`Halve the wheel in height, ${mm(at)} each`,
  'disc-by-wire': ({ high }, { mm }) => say`A disc of ${mm(high)} off the top, by wire`,
  'mark-the-rim': ({ chord, arc, degrees, tolerance }, { mm, grams }) =>
    say`Mark ${mm(chord)} straight across the rim (${mm(arc)} along it, ${degrees.toFixed(0)}°), cut to the heart; within ${grams(tolerance)} is on target`,
  'take-the-rest': ({ grams: all }, { grams }) =>
    say`Take all that is left, ${grams(all)}: what would stay is too thin to sell`,
  'slab-off-the-end': ({ long }, { mm }) => say`A slab of ${mm(long)} off the end`,
  'take-whole': ({ pieces, used }, { grams }) =>
    pieces === 1
      ? say`Take one whole: ${grams(used)} of it are cut`
      : say`Take ${pieces} whole: ${grams(used)} are cut`,
  'bake-whole': ({ pieces }) =>
    pieces === 1
      ? say`Halve one flat: half of the filling inside, half on top, and into its dish`
      : say`Halve ${pieces} flat: half of the filling inside, half on top, and into their dishes`,
  'cut-cold': () => say`Cut it cold, from the chill: warm paste sticks`,
  'rind-off': ({ rind, mm: thick, grams: off, faces }, { mm, grams }) =>
    say`${capital(word(rind))} rind off, ${mm(thick)} ${word(faces)} (hatched): ${grams(off)}`,
  'handle-left': ({ grams: left }, { grams }) =>
    say`The rim stays on as a handle: ${grams(left)}, charged and not eaten`,
  'show-face': ({ face }) => say`${capital(word(face))} to the guests`,
  'casing-off': () => say`Casing off`,
  'set-the-slicer': ({ mm: thick }, { mm }) => say`Slicer at ${mm(thick)}, paper between`,
  'halve-the-slices': ({ across }, { mm }) => say`Halve the slices of ${mm(across)} crosswise`,
  divide: ({ style, strokes, copies, pieces, piece, estimated, whole }, { grams }) => {
    if (whole)
      return say`${capital(cutLabel(style))}: guests cut ${count(pieces, 'piece')} of ${grams(piece)} of it`;
    const all = say`${estimated ? say`About ` : ''}${count(pieces, 'piece')} of ${grams(piece)}: ${cutLabel(style)}`;
    if (strokes === 0) return all;
    return copies > 1
      ? say`${all}, ${count(strokes, 'stroke')} each`
      : say`${all}, ${count(strokes, 'stroke')}`;
  },
  'fold-in-grabs': ({ grabs, slices, grams: each }, { grams }) =>
    say`${grabs} of ${slices} slices, ${grams(each)} each`,
  'keep-meat': ({ how }) => KEEPING[how],
  'offcuts-aside': ({ grams: off }, { grams }) => say`${grams(off)} of offcuts aside, to cook or to taste`,
  'keep-whole': ({ grams: kept, guideCuts }, { grams }) =>
    guideCuts > 0
      ? say`Keep ${grams(kept)} whole beside, ${guideCuts} guide cuts in it just before guests come`
      : say`Keep ${grams(kept)} whole beside`,
  'hold-back': ({ grams: held }, { grams }) => say`Hold ${grams(held)} back, cold and covered`,
};

const PRODUCE_WHEN: Record<ProduceTime, string> = {
  ahead: say`ahead: it keeps`,
  late: say`late: it browns or dries`,
  last: say`last of all`,
};
export const produceWhen = (when: ProduceTime): string => PRODUCE_WHEN[when];

/** How a companion is cut, and of how many: whole fruit, or the slices, crackers and nuts themselves. */
export function produceWords({ form, piece, wholes, pieces, parts }: ProduceCut): string {
  if (!piece) return word(form);
  if (wholes === null || wholes === 0) return say`${word(form)}, by eye`;
  if (parts > 1) return say`${word(form)}: about ${wholes}, each into ${parts}`;
  return pieces === wholes ? say`${word(form)}: about ${wholes}` : say`${word(form)}, of about ${wholes}`;
}
