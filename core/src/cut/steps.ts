import type { Main, Meat } from '../counter/index.js';
import { grams, millimetres, reason, type Grams, type Millimetres, type Reason } from '../units/index.js';
import type { Ahead } from './ahead.js';
import type { Cut } from './cut.js';
import type { CutStyleId } from './style.js';
import type { FoldId } from './folds.js';

declare module '../units/reason.js' {
  interface Rules {
    'face the dry side': { off: Grams };
    'halve the height': { at: Millimetres };
    'disc by wire': { high: Millimetres };
    'mark the rim': { chord: Millimetres; arc: Millimetres; degrees: number; tolerance: Grams };
    'take the rest': { grams: Grams };
    'slab off the end': { long: Millimetres };
    'take whole': { pieces: number; used: Grams };
    'rind off': { rind: string; mm: Millimetres; grams: Grams };
    'casing off': NoFigures;
    'set the slicer': { mm: Millimetres };
    'halve the slices': { across: Millimetres };
    divide: { style: CutStyleId | FoldId; strokes: number; pieces: number; piece: Grams; estimated: boolean };
    'fold in grabs': { grabs: number; slices: number; grams: Grams };
    'keep meat': { how: MeatKeeping };
    'offcuts aside': { grams: Grams };
    'keep whole': { grams: Grams; guideCuts: number };
    'hold back': { grams: Grams };
  }
}

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
  const steps: Reason[] =
    main.kind === 'cheese' ? cheeseSteps(main.rind.kind, cut, subject) : meatSteps(cut, subject);
  if (main.kind === 'meat' && main.contents.casing !== 'none' && !main.casingEaten)
    steps.unshift(reason('casing off', {}, { subject }));
  if (main.kind === 'meat') steps.push(reason('keep meat', { how: keepingOf(main) }, { subject }));
  if (cut.offcuts >= WORTH_SAYING)
    steps.push(reason('offcuts aside', { grams: grams(cut.offcuts) }, { subject }));
  if (ahead.whole >= WORTH_SAYING)
    steps.push(reason('keep whole', { grams: grams(ahead.whole), guideCuts: ahead.guideCuts }, { subject }));
  if (ahead.held >= WORTH_SAYING) steps.push(reason('hold back', { grams: grams(ahead.held) }, { subject }));
  return steps;
}

function cheeseSteps(rind: string, cut: Cut, subject: string): Reason[] {
  const { wheel, answer } = cut;
  const about = { subject };
  const steps: Reason[] = [];
  if (wheel) {
    if (wheel.facing >= 1) steps.push(reason('face the dry side', { off: grams(wheel.facing) }, about));
    const stock = answer!.stock;
    const part = millimetres(stock.height);
    if (wheel.way === 'halved in height') steps.push(reason('halve the height', { at: part }, about));
    if (wheel.way === 'disc, then wedge') steps.push(reason('disc by wire', { high: part }, about));
    steps.push(
      wheel.way === 'the rest of it'
        ? reason('take the rest', { grams: grams(wheel.grams) }, about)
        : reason(
            'mark the rim',
            {
              chord: millimetres(wheel.chordMm),
              arc: millimetres(wheel.arcMm),
              degrees: wheel.angle,
              tolerance: grams(wheel.tolerance.grams),
            },
            about,
          ),
    );
  } else if (answer && answer.stock.kind === 'box' && answer.stock.ends < 2)
    steps.push(reason('slab off the end', { long: millimetres(answer.stock.length) }, about));
  else if (answer && cut.styleId !== 'pearls')
    steps.push(
      reason(
        'take whole',
        { pieces: Math.max(1, Math.ceil(answer.copies - 1e-9)), used: grams(cut.gross) },
        about,
      ),
    );
  if (cut.trim >= 1)
    steps.push(
      reason('rind off', { rind, mm: millimetres(answer!.stock.trim), grams: grams(cut.trim) }, about),
    );
  steps.push(
    reason(
      'divide',
      {
        style: cut.styleId,
        strokes: cut.whole ? 0 : (answer?.division.strokes.length ?? 0),
        pieces: cut.pieces,
        piece: grams(cut.pieceGrams),
        estimated: cut.estimated,
      },
      about,
    ),
  );
  return steps;
}

function meatSteps(cut: Cut, subject: string): Reason[] {
  const { fold } = cut;
  const about = { subject };
  const steps: Reason[] = [];
  if (cut.sliceMm !== null && cut.knife === 'slicer')
    steps.push(reason('set the slicer', { mm: millimetres(cut.sliceMm) }, about));
  if (fold?.halved) steps.push(reason('halve the slices', { across: millimetres(fold.across) }, about));
  steps.push(
    reason(
      'divide',
      {
        style: cut.styleId,
        strokes: 0,
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
        'fold in grabs',
        { grabs: Math.ceil(cut.pieces / fold.slices), slices: fold.slices, grams: grams(fold.grams) },
        about,
      ),
    );
  return steps;
}
