import { CUT_MM, type CutStyleId, type FoldId } from '@rotula/core';
import type { Format } from '../ui/format';
import type { WordsOf } from './words';
import { say } from '../language/say';

/** A cut or fold as it stands on a list, and why it is the usual one. */
interface CutWords {
  readonly label: string;
  readonly why: string;
}

const STYLES: Record<CutStyleId, CutWords> = {
  'lid off': { label: say`lid off, spooned; the band stays`, why: say`it flows: a wedge would run away` },
  spooned: { label: say`from the tub, in spoonfuls`, why: say`too soft to hold an edge` },
  'opened whole': { label: say`whole, opened at the table`, why: say`the heart runs when it is opened` },
  pearls: { label: say`pearls, left whole`, why: say`one pearl is one bite` },
  coins: { label: say`coins, {mm}`, why: say`it crumbles under a thick blade` },
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
  cubes: { label: say`cubes, {mm}`, why: say`easy finger food, perfect cubes from a block` },
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
  dice: { label: say`dice, {mm}, drained`, why: say`brittle and wet: small dice hold` },
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
  'bias slices': {
    label: say`casing off, bias slices; the rest whole with a guide slice`,
    why: say`the casing is tough; a started sausage is eaten`,
  },
  mound: { label: say`a loose mound`, why: say`nothing in the book suits it better` },
};

const SIZES: Partial<Record<string, number>> = CUT_MM;

/** The name of a cut or fold, with its size where it has one. */
export function cutLabel(id: CutStyleId | FoldId, { mm }: Format): string {
  const { label } = id in STYLES ? STYLES[id as CutStyleId] : FOLDS[id as FoldId];
  const size = SIZES[id];
  return size === undefined ? label : label.replace('{mm}', mm(size));
}

export const cutWords: WordsOf<
  'suits the cheese' | 'suits the meat' | 'looks alike' | 'heavy piece' | 'long piece' | 'not its usual cut'
> = {
  'suits the cheese': ({ style }) => STYLES[style].why,
  'suits the meat': ({ fold }) => FOLDS[fold].why,
  'looks alike': ({ others }, { list }) => say`looks like ${list(others)}: nothing else suits both`,
  'heavy piece': ({ piece }, { grams }) =>
    say`${grams(piece)} a piece is two bites; halve it for standing guests`,
  'long piece': ({ longest }, { mm }) => say`${mm(longest)} long: two bites, or snap it across`,
  'not its usual cut': ({ usual }, format) =>
    say`not its usual cut (${cutLabel(usual, format)}), so that the board shows different shapes`,
};
