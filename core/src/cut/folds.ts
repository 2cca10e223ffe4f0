import type { Meat } from '../counter/index.js';

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
  | 'mound';

/** How a meat is laid: always airy, one grab is one slice. Common practice, no source. */
export interface Fold {
  readonly id: FoldId;
  readonly tool: string;
  readonly suits: (meat: Meat) => 0 | 1 | 2 | 3;
}

/** Thicker than this a slice breaks when it is rolled or folded. Common practice, no source. */
const BENDS_MM = 3;
const bends = (meat: Meat) => meat.slice.mm <= BENDS_MM;
const sliced = (meat: Meat) => meat.build === 'coarse' || meat.build === 'fine';

export const FOLDS: readonly Fold[] = [
  {
    id: 'bowl',
    tool: 'spreader',
    suits: (m) => (m.build === 'spreadable' ? 3 : 0),
  },
  {
    id: 'ribbon',
    tool: 'fingers or tongs',
    suits: (m) => (m.build === 'whole muscle' && m.calibre === 'large' ? 3 : 0),
  },
  {
    id: 'rose',
    tool: 'tongs',
    suits: (m) => (sliced(m) && m.calibre === 'medium' ? 2 : 0),
  },
  {
    id: 'river',
    tool: 'tongs',
    suits: (m) =>
      sliced(m) && m.calibre === 'medium' ? 3 : m.build === 'whole muscle' && m.calibre === 'medium' ? 2 : 0,
  },
  {
    id: 'quarter fold',
    tool: 'tongs',
    suits: (m) => (sliced(m) && m.calibre === 'large' ? 3 : sliced(m) && m.calibre === 'medium' ? 2 : 0),
  },
  {
    id: 'fan',
    tool: 'tongs',
    suits: (m) => (m.calibre !== 'small' && m.build !== 'spreadable' ? 1 : 0),
  },
  {
    id: 'roll',
    tool: 'tongs',
    suits: (m) => (m.build === 'whole muscle' && bends(m) ? (m.process === 'air-dried' ? 1 : 3) : 0),
  },
  {
    id: 'shingles',
    tool: 'pick or fingers',
    suits: (m) =>
      m.build === 'spreadable'
        ? 0
        : m.build === 'whole muscle' && !bends(m)
          ? 3
          : m.calibre === 'small'
            ? 2
            : 0,
  },
  {
    id: 'bias slices',
    tool: 'slicer',
    suits: (m) => (m.calibre === 'small' && sliced(m) ? 3 : 0),
  },
  {
    id: 'mound',
    tool: 'tongs',
    suits: () => 1,
  },
];
