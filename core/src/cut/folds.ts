import { densityOf, type Meat } from '../counter/index.js';
import { sector, type Polygon } from './plane.js';
import type { KnifeId, ToolId } from './knives.js';

export type FoldId =
  | 'bowl'
  | 'ribbon'
  | 'rose'
  | 'river'
  | 'quarter fold'
  | 'fan'
  | 'roll'
  | 'shingles'
  | 'bias slices'
  | 'flakes'
  | 'mound';

/** One grab: how many slices it holds, its weight, and how it lies. mm, g. */
export interface Folded {
  readonly slices: number;
  readonly grams: number;
  readonly length: number;
  readonly width: number;
  readonly height: number;
}

/** How a meat is laid: always airy, one grab is one slice. Common practice, no source. */
export interface Fold {
  readonly id: FoldId;
  readonly knife: KnifeId;
  readonly serving: ToolId;
  readonly suits: (meat: Meat) => 0 | 1 | 2 | 3;
  /** Thickness that the slicer is set to, mm; the good's own where it lies within. */
  readonly slicer: readonly [low: number, high: number];
  /** Work of one slice, or of one rose, seconds (docs/trade.md `cut/folds FOLDS`). */
  readonly seconds: number;
  /** How a slice so wide and so heavy lies once it is folded. */
  readonly folded: (across: number, grams: number) => Folded;
}

/** Thicker than this a slice breaks when it is rolled or folded. Common practice, no source. */
const BENDS_MM = 3;
const bends = (meat: Meat) => meat.slice.mm <= BENDS_MM;
const sliced = (meat: Meat) => meat.build === 'coarse' || meat.build === 'fine';
/** A smoked fillet parts along its flakes. */
const flakes = ({ process, build, animals }: Meat) =>
  process === 'hot-smoked' && build === 'whole muscle' && animals.some(({ animal }) => animal === 'fish');

/** A slice longer than this is halved across before it is folded. Common practice, no source. */
const HALVED_FROM_MM = 120;
/** The rim over which a rose is laid: a small glass for small slices, a wine glass for larger ones. */
const RIM = { small: 45, wine: 70, upTo: 60 };
/** Overlap of the slices of a rose, and its rounds. */
const ROSE = { overlap: 0.6, rounds: 1.4, height: 45, least: 5 };
/** Share of a shingled slice that is seen; how far on each lies in a river, mm. */
const SEEN = 0.42;
const RIVER_STEP_MM = 15;

const one = (grams: number, length: number, width: number, height: number): Folded => ({
  slices: 1,
  grams,
  length,
  width,
  height,
});

function rose(across: number, grams: number): Folded {
  const rim = across <= RIM.upTo ? RIM.small : RIM.wine;
  const slices = Math.max(
    ROSE.least,
    Math.ceil((ROSE.rounds * Math.PI * rim) / (across * (1 - ROSE.overlap)) - 1e-9),
  );
  const wide = rim + 10;
  return { slices, grams: slices * grams, length: wide, width: wide, height: ROSE.height };
}

const THIN = [0.6, 1] as const;
const FOLDED = [1, 1.5] as const;
const COIN = [3, 5] as const;
const AS_IT_IS = [0.5, 12] as const;

export const FOLDS: readonly Fold[] = [
  {
    id: 'bowl',
    knife: 'none',
    serving: 'spreader',
    suits: (m) => (m.build === 'spreadable' ? 3 : 0),
    slicer: AS_IT_IS,
    seconds: 3,
    folded: (_, grams) => one(grams, 25, 25, 12),
  },
  {
    id: 'ribbon',
    knife: 'slicer',
    serving: 'tongs',
    suits: (m) => (m.build === 'whole muscle' && m.calibre === 'large' ? 3 : 0),
    slicer: THIN,
    seconds: 4,
    folded: (across, grams) => one(grams, across / 2, 35, 35),
  },
  {
    id: 'rose',
    knife: 'slicer',
    serving: 'tongs',
    suits: (m) => (sliced(m) && m.calibre === 'medium' ? 2 : 0),
    slicer: FOLDED,
    seconds: 90,
    folded: rose,
  },
  {
    id: 'river',
    knife: 'slicer',
    serving: 'tongs',
    suits: (m) =>
      sliced(m) && m.calibre === 'medium' ? 3 : m.build === 'whole muscle' && m.calibre === 'medium' ? 2 : 0,
    slicer: FOLDED,
    seconds: 3,
    folded: (across, grams) => one(grams, RIVER_STEP_MM, across / 2, across / 2),
  },
  {
    id: 'quarter fold',
    knife: 'slicer',
    serving: 'tongs',
    suits: (m) => (sliced(m) && m.calibre === 'large' ? 3 : sliced(m) && m.calibre === 'medium' ? 2 : 0),
    slicer: FOLDED,
    seconds: 5,
    folded: (across, grams) => one(grams, across / 2, across / 3, across / 2),
  },
  {
    id: 'fan',
    knife: 'slicer',
    serving: 'tongs',
    suits: (m) => (m.calibre !== 'small' && m.build !== 'spreadable' && bends(m) ? 1 : 0),
    slicer: FOLDED,
    seconds: 3,
    folded: (across, grams) => one(grams, across, (across / 2) * SEEN, 12),
  },
  {
    id: 'roll',
    knife: 'slicer',
    serving: 'tongs',
    suits: (m) => (m.build === 'whole muscle' && bends(m) ? (m.process === 'air-dried' ? 1 : 3) : 0),
    slicer: FOLDED,
    seconds: 6,
    folded: (across, grams) => one(grams, across, 22, 22),
  },
  {
    id: 'flakes',
    knife: 'none',
    serving: 'tongs',
    suits: (m) => (flakes(m) ? 2 : 0),
    slicer: AS_IT_IS,
    seconds: 5,
    folded: (_, grams) => one(grams, 35, 22, 12),
  },
  {
    id: 'shingles',
    knife: 'slicer',
    serving: 'pick',
    suits: (m) =>
      m.build === 'spreadable'
        ? 0
        : m.build === 'whole muscle' && !bends(m)
          ? 3
          : m.calibre === 'small'
            ? 2
            : 0,
    slicer: AS_IT_IS,
    seconds: 2,
    folded: (across, grams) => one(grams, across * SEEN, across, 8),
  },
  {
    id: 'bias slices',
    knife: 'slicer',
    serving: 'pick',
    suits: (m) => (m.calibre === 'small' && sliced(m) ? 3 : 0),
    slicer: COIN,
    seconds: 2,
    folded: (across, grams) => one(grams, across * 1.4, across * SEEN, 10),
  },
  {
    id: 'mound',
    knife: 'slicer',
    serving: 'tongs',
    suits: () => 1,
    slicer: FOLDED,
    seconds: 3,
    folded: (across, grams) => one(grams, across / 2, across / 2, 25),
  },
];

/** A spoonful of what is spread, and a flake of fish, g. */
const LOOSE_GRAMS = { bowl: 10, flakes: 8 };

/** A meat as one fold lays it: the slice that the slicer gives, and one grab of it. */
export interface FoldPlan extends Folded {
  readonly sliceMm: number | null;
  /** Slices are halved crosswise first. */
  readonly halved: boolean;
  readonly across: number;
  readonly outline: Polygon;
}

export function foldOf(fold: Fold, meat: Meat): FoldPlan {
  const loose = fold.id === 'bowl' || fold.id === 'flakes' ? LOOSE_GRAMS[fold.id] : null;
  const [low, high] = fold.slicer;
  const mm = Math.max(low, Math.min(high, meat.slice.mm));
  const across = meat.slice.diameter;
  // A slice too thick to be bent by hand stays as it is, whatever the fold asks.
  const sliceMm =
    loose === null ? (meat.slice.mm > BENDS_MM && fold.id !== 'bias slices' ? meat.slice.mm : mm) : null;
  const halved = loose === null && across > HALVED_FROM_MM;
  const slice = loose ?? (Math.PI / 4) * across ** 2 * (sliceMm ?? mm) * densityOf(meat.form);
  const folded = fold.folded(halved ? across / 2 : across, halved ? slice / 2 : slice);
  return {
    ...folded,
    sliceMm,
    halved,
    across,
    outline: sector(Math.max(folded.length, folded.width) / 2, 0, 360),
  };
}
