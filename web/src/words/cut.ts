import { CUT_MM, type CutStyleId, type FoldId } from '@rotula/core';
import type { Format } from '../ui/format';
import type { WordsOf } from './words';

/** A cut or fold as it stands on a list, and why it is the usual one. */
interface CutWords {
  readonly label: string;
  readonly why: string;
}

const STYLES: Record<CutStyleId, CutWords> = {
  'lid off': { label: 'lid off, spooned; the band stays', why: 'it flows: a wedge would run away' },
  spooned: { label: 'from the tub, in spoonfuls', why: 'too soft to hold an edge' },
  'opened whole': { label: 'whole, opened at the table', why: 'the heart runs when it is opened' },
  pearls: { label: 'pearls, left whole', why: 'one pearl is one bite' },
  coins: { label: 'coins, {mm}', why: 'it crumbles under a thick blade' },
  'tip wedges': { label: 'wedges from the tip', why: 'heart and rind on every piece' },
  'first wedge out': {
    label: 'whole, a first wedge pulled',
    why: 'a started cheese is eaten; sticky paste wants holes in the blade',
  },
  'centre wedges': { label: 'wedges from the centre', why: 'every piece runs from heart to rind' },
  'nose to rind slices': {
    label: 'slices along the wedge, nose to rind',
    why: 'nobody gets all nose or all rind',
  },
  'diagonal triangles': { label: 'diagonals into triangles', why: 'every piece has rind' },
  'long triangles': {
    label: 'long thin triangles, rind to point',
    why: 'flavour changes from core to rind; each gets all of it',
  },
  cubes: { label: 'cubes, {mm}', why: 'easy finger food, perfect cubes from a block' },
  'fanned slices': { label: 'slices, fanned', why: 'supple paste slices clean and lies in a fan' },
  batons: { label: 'finger batons, stacked like a tent', why: 'height, and a new shape' },
  'rough chunks': {
    label: 'rough chunks, half broken, rest whole',
    why: 'it breaks along the grain and shows its crystals',
  },
  nuggets: { label: 'pried into nuggets', why: 'a knife skids on paste so hard' },
  'crumbled blue': { label: 'stabbed and twisted to a crumble', why: 'it smears and scents the others' },
  'small blue wedges': { label: 'small wedges', why: 'creamy blue is cut, not crumbled' },
  dice: { label: 'dice, {mm}, drained', why: 'brittle and wet: small dice hold' },
  broken: { label: 'broken by hand', why: 'nothing in the book suits it better' },
};

const FOLDS: Record<FoldId, CutWords> = {
  bowl: { label: 'in a bowl, with its own spreader', why: 'it spreads' },
  ribbon: { label: 'ribbons, gathered loosely', why: 'thin whole muscle stays airy' },
  rose: { label: 'a rose turned out of a glass', why: 'overlapped rounds make a flower; 8 to 14 slices' },
  river: { label: 'a river of folded slices', why: 'a winding line parts the board' },
  'quarter fold': { label: 'quarter folds, pinched to a ruffle', why: 'big slices stand up' },
  fan: { label: 'half folds in a fan', why: 'shows the marbling' },
  roll: { label: 'loose rolls', why: 'one roll, one bite' },
  shingles: { label: 'shingled along an edge', why: 'small slices overlap in a row' },
  'bias slices': {
    label: 'casing off, bias slices; the rest whole with a guide slice',
    why: 'the casing is tough; a started sausage is eaten',
  },
  mound: { label: 'a loose mound', why: 'nothing in the book suits it better' },
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
  'looks alike': ({ others }, { list }) => `looks like ${list(others)}: nothing else suits both`,
  'heavy piece': ({ piece }, { grams }) =>
    `${grams(piece)} a piece is two bites; halve it for standing guests`,
  'long piece': ({ longest }, { mm }) => `${mm(longest)} long: two bites, or snap it across`,
  'not its usual cut': ({ usual }, format) =>
    `not its usual cut (${cutLabel(usual, format)}), so that the board shows different shapes`,
};
