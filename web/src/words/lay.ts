import type {
  BoardRuleId,
  BuildLine,
  BuildSchool,
  BuildStep,
  ColourSchool,
  GarnishRefusal,
  GroupSchool,
  LookRuleId,
  MeatSchool,
  OwnPlate,
  PairRuleId,
  PlaceRuleId,
  PlateKit,
  PlaceSchool,
  Praise,
  SurfaceFact,
  Third,
  VesselFrom,
} from '@rotula/core';
import type { Format } from '../ui/format';
import { plateLabel } from './labels';
import { alsoSay } from './sentence';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

const THIRD_WORDS: Readonly<Record<Third, string>> = {
  left: say`the left third`,
  middle: say`the middle third`,
  right: say`the right third`,
};

/** Where a thing lies, and what a careful eye would mend. */
const layWords: WordsOf<'no-room-apart' | PairRuleId | PlaceRuleId | BoardRuleId | LookRuleId> = {
  overlaps: ({ one, other }) => say`${one} and ${other} lie on each other`,
  'strong-beside-delicate': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} are only ${mm(gap)} apart: one smells, the other is delicate. A bell, or further away`,
  'wet-beside-crisp': ({ one, other }) => say`${one} beside ${other}: what is wet softens what is crisp`,
  'hot-beside-cold': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} are only ${mm(gap)} apart: one comes hot from the oven, the other must stay cold`,
  'juice-on-pale': ({ one, other }) => say`the juice of one would stain the other: ${one}, ${other}`,
  'apart-from-its-company': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} belong together and lie ${mm(gap)} apart`,
  'avoided-beside-suited': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} are only ${mm(gap)} apart: a guest must not eat one of them. A bowl, a divider, or further away`,
  'no-room-apart': ({ good, short }) =>
    say`${short} % of ${good} finds no room apart from what some guests must not eat: a bowl, a divider, or another board`,
  'kinds-touch': ({ one, other }) => say`${one} touches ${other}, and a guest dislikes food that touches`,
  'knife-away-from-its-cheese': ({ one, other }) =>
    say`the knife lies away from its cheese: ${word(one)}, ${word(other)}`,
  'wall-of-bowls': ({ one, other }) => say`the bowls of ${one} and ${other} stand in a wall`,
  'repeated-side-by-side': ({ one }) => say`${one} lies twice in one place; apart it serves more hands`,
  'jam-far-from-the-rim': ({ good }) => say`${good} drips on its way: nearer to the edge is better`,
  'no-bread-in-reach': ({ good, gap }, { mm }) => say`no bread within an arm of ${good}: ${mm(gap)}`,
  'leans-on-nothing': ({ good }) => say`${good} is folded to stand, and leans on nothing`,
  'nothing-tall-in-a-third': ({ third }) => say`nothing stands up in ${THIRD_WORDS[third]}`,
  'heavy-on-one-side': ({ hour }) =>
    say`most of it lies at ${hour} o’clock, and the board is bare across from there`,
  'gap-without-filler': ({ hour, across, filler, grams: more }, { mm, grams }) =>
    say`an empty place of ${mm(across)} ${hour === null ? say`in the middle` : say`at ${hour} o’clock`}: ${grams(more)} of ${filler} would fill it`,
  'pale-side': ({ third }) => say`${THIRD_WORDS[third]} is all pale: something green or dark wakes it`,
  'all-of-one-colour': () => say`all of it is of one colour: something green or dark wakes it`,
  'nothing-opened': ({ good }) =>
    say`nothing is opened: guests hesitate before an untouched board. Cut into ${good}`,
  'soft-beside-soft': ({ one, other }) => say`${one} beside ${other}: soft cheeses run into each other`,
  'anchors-crowd': ({ one, other }) => say`${one} and ${other} crowd; cheeses far apart draw the eye round`,
  'one-colour': ({ one, other }) => say`${one} and ${other} are of one colour, side by side`,
  'colours-break': ({ one, other }) => say`${one} and ${other} break the run of colours`,
  'over-the-rim': ({ good }) => say`${good} hangs over the rim`,
  'rolls-near-the-rim': ({ good }) => say`${good} rolls, and lies near the rim`,
  'bowl-at-the-rim': ({ good }) => say`the bowl of ${good} stands too near the rim`,
  'against-the-walk': ({ good }) => say`${good} is off the clockwise walk`,
  'face-turned-away': ({ good }) => say`the cut face of ${good} looks away from the guests`,
  'no-room-for-the-knife': ({ good, gap }, { mm }) =>
    say`no side of ${good} has room for its knife: ${mm(gap)} are missing`,
  'meat-away-from-the-patch': ({ good }) => say`${good} lies away from the other meats`,
  'meat-not-mirrored': ({ good }) => say`nothing mirrors ${good} on the other side`,
  'meat-out-of-three-areas': ({ good }) => say`${good} lies outside the three areas of meat`,
  'meat-off-the-diagonal': ({ good, gap }, { mm }) => say`${good} lies ${mm(gap)} off the diagonal of meat`,
  'nothing-answers-it': ({ good }) => say`nothing answers ${good} on the other side`,
  'an-even-group': ({ good }) => say`the bowls about ${good} stand in an even group`,
  'out-of-reach': ({ good }) => say`${good} is too far from a guest’s hand`,
};

alsoSay(layWords);

export const BUILD_WORDS: Readonly<Record<BuildStep, string>> = {
  vessels: say`Vessels`,
  cheeses: say`Cheeses`,
  meats: say`Meats`,
  'fruit and vegetables': say`Fruit and vegetables`,
  'bread and crackers': say`Bread and crackers`,
  'the rest': say`Nuts and what rolls`,
  knives: say`Knives`,
  garnish: say`Garnish`,
};

export const LAY_SCHOOL_WORDS: Readonly<Record<BuildSchool, string>> = {
  'anchors first': say`Vessels, cheeses, meats`,
  'crackers early': say`Cheeses, vessels, crackers`,
  'meats first': say`Meats first`,
};

export const COLOUR_SCHOOL_WORDS: Readonly<Record<ColourSchool, string>> = {
  contrast: say`Neighbours differ in colour`,
  echo: say`Colours go on from place to place`,
};

export const PLACE_SCHOOL_WORDS: Readonly<Record<PlaceSchool, string>> = {
  'as the table asks': say`As the table asks`,
  clustered: say`Each in one place`,
  scattered: say`In two or three places`,
};

export const MEAT_SCHOOL_WORDS: Readonly<Record<MeatSchool, string>> = {
  'as they go': say`Each beside what it goes with`,
  'one patch': say`All in one patch`,
  mirrored: say`Mirrored left and right`,
  'three areas': say`In three areas`,
  diagonal: say`Along a diagonal`,
};

export const GROUP_SCHOOL_WORDS: Readonly<Record<GroupSchool, string>> = {
  free: say`Free`,
  symmetry: say`Left and right answer each other`,
  'odd groups': say`In odd groups`,
};

export const PRAISE_WORDS: Readonly<Record<Praise, string>> = {
  'what must hold, holds': say`what must hold, holds`,
  'what belongs together touches': say`what belongs together touches`,
  'the walk runs clockwise': say`the walk runs clockwise`,
  'bread is near what is soft': say`bread is near what is soft`,
  'every hand reaches all of it': say`every hand reaches all of it`,
  'nothing rolls': say`nothing rolls away`,
  'as full as it should be': say`as full as it should be`,
};

export const SURFACE_WORDS: Readonly<Record<SurfaceFact, string>> = {
  'oil it, then let it dry': say`Oil it with a food-grade oil and let it dry before food lies on it.`,
  'wood is warm and soft under a knife': say`Wood neither chills nor warms, and is kind to a blade.`,
  'a damp cloth under it keeps it from slipping': say`A damp cloth under it keeps it from slipping.`,
  'from the cold it keeps the food cooler for half an hour': say`From the cold it keeps food some degrees cooler for half an hour; it extends no safe time.`,
  'sour food dulls it': say`What is sour dulls it: pickles and lemon stay in their bowls.`,
  'metal cools and warms fast': say`Metal cools fast and warms fast; never sour food on bare copper.`,
  'it salts what touches it': say`It salts what touches it: little food, for a short time.`,
  'wet food never touches it': say`Wet food never touches it.`,
  'set it down level: glass and glaze chip': say`Set it down level; where it chips near food, discard all.`,
  'turn it with even weight': say`Load it evenly, or it tips; below lies what is heavy.`,
  'a clean cloth or paper below the food': say`A clean cloth or paper for food lies under everything.`,
  'line it, and let nothing leak': say`Line it; what is wet travels in a lidded cup.`,
};

export const REFUSAL_WORDS: Readonly<Record<GarnishRefusal, (name: string) => string>> = {
  poisonous: (name) =>
    say`${name} is among the poisonous plants: it never lies on a board, not even as a rim.`,
  'not for these guests': (name) =>
    say`${name} is not surely without what a guest of this board must not have: it stays off, by hand too.`,
  'not on the list': (name) =>
    say`${name} is not on the list of what may lie beside food. Herbs, seeds, zest and petals from a food supplier are; florist’s flowers and household greens may be sprayed or poisonous.`,
  'no food supplier': (name) =>
    say`${name} may lie on a board when it comes from a food supplier: none is on the Counter. Take it in there first, as a companion that is a garnish.`,
};

/** The plates of guests who eat apart, and what belongs to them. */
export const plateKitWords = (
  { plates, boxed, across, spoon }: PlateKit,
  plate: OwnPlate,
  { mm }: Pick<Format, 'mm'>,
): string =>
  boxed
    ? say`${plates} × box of its own, closed and labelled: ${plateLabel(plate)}`
    : spoon
      ? say`${plates} × plate of ${mm(across)}: ${plateLabel(plate)}, with its own knife and spoon`
      : say`${plates} × plate of ${mm(across)}: ${plateLabel(plate)}, with its own knife`;

/** Whose a vessel is. */
export const VESSEL_FROM: Readonly<Record<VesselFrom, string>> = {
  shop: say`of the shop`,
  household: say`a household one stands in`,
  box: say`stays in the box`,
};

/** Where a thing lies, by landmarks that hands can follow. */
export function whereWords({ hour, atRim, against }: BuildLine): string {
  const at =
    hour === null
      ? say`in the middle`
      : say`at ${hour} o’clock, ${atRim ? say`near the rim` : say`half way in`}`;
  return against ? say`${at}, against ${against}` : at;
}
