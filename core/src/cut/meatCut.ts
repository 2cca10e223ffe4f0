import { meatLosses } from '../amount/index.js';
import type { Meat } from '../counter/index.js';
import { millimetres, reason, wholesFor, type Millimetres } from '../units/index.js';
import { fewReasons, START_SECONDS, type CutRequest, type Cut, type Frame } from './cut.js';
import { foldOf, type Fold } from './folds.js';

declare module '../units/reason.js' {
  interface Rules {
    'slices-halved': { across: Millimetres };
  }
}

/** Casing off; the slicer set up; a slice on the slicer, seconds (docs/trade.md `cut/meatCut MEAT_SECONDS`). */
const MEAT_SECONDS = { casing: 60, slicer: 180, slice: 2 };

export function meatCut(meat: Meat, request: CutRequest, fold: Fold, frame: Frame): Cut {
  const plan = foldOf(fold, meat);
  const slice = plan.grams / plan.slices;
  const pieces = Math.max(request.net > 0 ? 1 : 0, Math.round(request.net / slice));
  const grabs = Math.max(1, wholesFor(pieces / plan.slices));
  const { casing, slicing } = meatLosses(meat);
  const gross = request.net / ((1 - casing) * (1 - slicing));
  const long = [...[plan.length, plan.width, plan.height]].sort(
    (a, b) => b - a,
  ) as unknown as Cut['measures'];
  const subject = meat.id;
  return {
    goodId: meat.id,
    styleId: fold.id,
    look: fold.id,
    knife: fold.knife,
    serving: fold.serving,
    net: request.net,
    gross,
    taken: gross,
    trim: gross * casing,
    offcuts: 0,
    handle: 0,
    loss: gross * (1 - casing) * slicing,
    pieces,
    pieceGrams: slice,
    range: { low: slice, high: slice },
    estimated: plan.sliceMm === null,
    measures: plan.slices > 1 ? [plan.across, plan.across / 2, plan.sliceMm ?? 10] : long,
    rind: { low: 0, mean: 0, high: 0 },
    heartToRind: false,
    outline: plan.outline,
    height: plan.height,
    sliceMm: plan.sliceMm,
    fold: plan,
    answer: null,
    wheel: null,
    seconds:
      START_SECONDS +
      (fold.knife === 'slicer' ? MEAT_SECONDS.slicer : 0) +
      (casing > 0 ? MEAT_SECONDS.casing : 0) +
      fold.seconds * (fold.id === 'rose' ? grabs : pieces) +
      (fold.knife === 'slicer' ? MEAT_SECONDS.slice * pieces : 0),
    whole: false,
    ...frame,
    reasons: [
      ...frame.reasons,
      ...(plan.halved
        ? [reason('slices-halved', { across: millimetres(plan.across) }, { subject, effect: 0 })]
        : []),
      ...fewReasons(pieces, request, slice, subject),
    ],
  };
}
