import type { Cheese, Main, Meat } from '../counter/index.js';
import { grams, millimetres, reason, type Grams, type Millimetres, type Reason } from '../units/index.js';
import type { Ahead } from './ahead.js';
import { isBaked, type Cut } from './cut.js';
import type { CutStyleId } from './style.js';
import type { FoldId } from './folds.js';

declare module '../units/reason.js' {
  interface Rules {
    'face-the-dry-side': { off: Grams };
    'halve-the-height': { at: Millimetres };
    'disc-by-wire': { high: Millimetres };
    'mark-the-rim': { chord: Millimetres; arc: Millimetres; degrees: number; tolerance: Grams };
    'take-the-rest': { grams: Grams };
    'slab-off-the-end': { long: Millimetres };
    'take-whole': { pieces: number; used: Grams };
    'bake-whole': { pieces: number };
    'cut-cold': NoFigures;
    'rind-off': { rind: string; mm: Millimetres; grams: Grams; faces: 'all round' | 'above and below' };
    'handle-left': { grams: Grams };
    'show-face': { face: ShowFace };
    'casing-off': NoFigures;
    'set-the-slicer': { mm: Millimetres };
    'halve-the-slices': { across: Millimetres };
    divide: {
      style: CutStyleId | FoldId;
      /** Of each of those that are cut alike. */
      strokes: number;
      copies: number;
      pieces: number;
      piece: Grams;
      estimated: boolean;
      /** Guests cut it. */
      whole: boolean;
    };
    'fold-in-grabs': { grabs: number; slices: number; grams: Grams };
    'keep-meat': { how: MeatKeeping };
    'offcuts-aside': { grams: Grams };
    'keep-whole': { grams: Grams; guideCuts: number };
    'hold-back': { grams: Grams };
  }
}

/** Which side looks at the guests. */
export type ShowFace = 'the cut heart' | 'the veins' | 'the rind' | 'the rim';
/** What is cut small shows its rind where it is eaten, a blue its veins, and all that stands open its heart. Common practice, no source. */
function showFaceOf({ texture, rind }: Cheese, cut: Cut): ShowFace {
  if (texture === 'blue') return 'the veins';
  if (cut.handle > 0) return 'the rim';
  return cut.whole || rind.verdict !== 'eaten' ? 'the cut heart' : 'the rind';
}

/** What lies in a heap has no face. */
const LOOSE: readonly string[] = ['pearl', 'spoonful', 'crumble', 'nugget', 'chunk', 'cube'];

/** Soft paste sticks to a blade when it is warm. Common practice, no source. */
const CUT_COLD = ['fresh', 'soft', 'bloomy', 'washed', 'blue'];

export type MeatKeeping = 'dry-cured' | 'cooked' | 'fish' | 'raw';
/** How a protein is kept until it is needed, and what it may not touch, by how it was made. Common practice, no source. */
function keepingOf({ process, animals }: Meat): MeatKeeping {
  if (process === 'raw spreadable') return 'raw';
  if (animals.some(({ animal }) => animal === 'fish')) return 'fish';
  return process === 'air-dried' || process === 'fermented' ? 'dry-cured' : 'cooked';
}

/** Steps that are less than this are not worth a line, g. */
const WORTH_SAYING = 3;

/** What hands do with a good, in order: from the wheel to what is held back. Each is data; the words are made at the edge. */
export function stepsOf(main: Main, cut: Cut, ahead: Ahead): Reason[] {
  const subject = main.id;
  const steps: Reason[] = main.kind === 'cheese' ? cheeseSteps(main, cut) : meatSteps(cut, subject);
  if (main.kind === 'meat' && main.contents.casing !== 'none' && !main.casingEaten)
    steps.unshift(reason('casing-off', {}, { subject }));
  if (main.kind === 'meat') steps.push(reason('keep-meat', { how: keepingOf(main) }, { subject }));
  if (cut.offcuts >= WORTH_SAYING)
    steps.push(reason('offcuts-aside', { grams: grams(cut.offcuts) }, { subject }));
  if (ahead.whole >= WORTH_SAYING)
    steps.push(reason('keep-whole', { grams: grams(ahead.whole), guideCuts: ahead.guideCuts }, { subject }));
  if (ahead.held >= WORTH_SAYING) steps.push(reason('hold-back', { grams: grams(ahead.held) }, { subject }));
  return steps;
}

/** How what is cut comes off the wheel, the block or the shelf. */
function takingSteps(cheese: Cheese, { wheel, answer, styleId, gross }: Cut, copies: number): Reason[] {
  const about = { subject: cheese.id };
  if (wheel) return [...facing(wheel, answer!.stock.height, about), fromTheWheel(wheel, about)];
  if (!answer) return [];
  if (answer.stock.kind === 'box' && answer.stock.ends < 2)
    return [reason('slab-off-the-end', { long: millimetres(answer.stock.length) }, about)];
  return styleId === 'pearls' ? [] : [reason('take-whole', { pieces: copies, used: grams(gross) }, about)];
}

type About = { readonly subject: string };
type Wheel = NonNullable<Cut['wheel']>;

/** The dry side off, and the wheel made lower where only a disc of it is cut. @param height of what is cut, mm */
const facing = ({ facing: off, way }: Wheel, height: number, about: About): Reason[] => [
  ...(off >= 1 ? [reason('face-the-dry-side', { off: grams(off) }, about)] : []),
  ...(way === 'halved in height' ? [reason('halve-the-height', { at: millimetres(height) }, about)] : []),
  ...(way === 'disc, then wedge' ? [reason('disc-by-wire', { high: millimetres(height) }, about)] : []),
];

const fromTheWheel = (wheel: Wheel, about: About): Reason =>
  wheel.way === 'the rest of it'
    ? reason('take-the-rest', { grams: grams(wheel.grams) }, about)
    : reason(
        'mark-the-rim',
        {
          chord: millimetres(wheel.chordMm),
          arc: millimetres(wheel.arcMm),
          degrees: wheel.angle,
          tolerance: grams(wheel.tolerance.grams),
        },
        about,
      );

/** What of its rind comes off, and where a handle of it is left. */
const rindSteps = ({ rind, id }: Cheese, { trim, handle, answer }: Cut): Reason[] => [
  ...(trim >= 1
    ? [
        reason(
          'rind-off',
          {
            rind: rind.kind,
            mm: millimetres(answer!.stock.trim),
            grams: grams(trim),
            faces: handle > 0 ? 'above and below' : 'all round',
          },
          { subject: id },
        ),
      ]
    : []),
  ...(handle >= 1 ? [reason('handle-left', { grams: grams(handle) }, { subject: id })] : []),
];

function cheeseSteps(cheese: Cheese, cut: Cut): Reason[] {
  const { answer } = cut;
  const about = { subject: cheese.id };
  const copies = Math.max(1, Math.ceil((answer?.copies ?? 1) - 1e-9));
  if (isBaked(cut)) return [reason('bake-whole', { pieces: copies }, about)];
  const isCutCold = CUT_COLD.includes(cheese.texture) && cut.knife !== 'none';
  return [
    ...(isCutCold ? [reason('cut-cold', {}, about)] : []),
    ...takingSteps(cheese, cut, copies),
    ...rindSteps(cheese, cut),
    reason(
      'divide',
      {
        style: cut.styleId,
        strokes: cut.whole ? 0 : (answer?.division.strokes.length ?? 0),
        copies,
        whole: cut.whole,
        pieces: cut.pieces,
        piece: grams(cut.pieceGrams),
        estimated: cut.estimated,
      },
      about,
    ),
    ...(LOOSE.includes(cut.look) ? [] : [reason('show-face', { face: showFaceOf(cheese, cut) }, about)]),
  ];
}

function meatSteps(cut: Cut, subject: string): Reason[] {
  const { fold } = cut;
  const about = { subject };
  const steps: Reason[] = [];
  if (cut.sliceMm !== null && cut.knife === 'slicer')
    steps.push(reason('set-the-slicer', { mm: millimetres(cut.sliceMm) }, about));
  if (fold?.halved) steps.push(reason('halve-the-slices', { across: millimetres(fold.across) }, about));
  steps.push(
    reason(
      'divide',
      {
        style: cut.styleId,
        strokes: 0,
        copies: 1,
        whole: false,
        pieces: cut.pieces,
        piece: grams(cut.pieceGrams),
        estimated: cut.estimated,
      },
      about,
    ),
  );
  if (fold && fold.slices > 1)
    steps.push(
      reason(
        'fold-in-grabs',
        { grabs: Math.ceil(cut.pieces / fold.slices), slices: fold.slices, grams: grams(fold.grams) },
        about,
      ),
    );
  return steps;
}
