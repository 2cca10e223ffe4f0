import type { Meat } from '../counter/index.js';

/** How a meat is laid: always airy, one grab is one slice. Common practice, no source. */
export interface Fold {
  readonly id: string;
  readonly label: string;
  readonly why: string;
  readonly tool: string;
  readonly suits: (meat: Meat) => 0 | 1 | 2 | 3;
}

const sliced = (meat: Meat) => meat.build === 'coarse' || meat.build === 'fine';

export const FOLDS: readonly Fold[] = [
  {
    id: 'bowl',
    label: 'in a bowl, with its own spreader',
    why: 'it spreads',
    tool: 'spreader',
    suits: (m) => (m.build === 'spreadable' ? 3 : 0),
  },
  {
    id: 'ribbon',
    label: 'ribbons, gathered loosely',
    why: 'thin whole muscle stays airy',
    tool: 'fingers or tongs',
    suits: (m) => (m.build === 'whole muscle' && m.calibre === 'large' ? 3 : 0),
  },
  {
    id: 'rose',
    label: 'a rose turned out of a glass',
    why: 'overlapped rounds make a flower; 8 to 14 slices',
    tool: 'tongs',
    suits: (m) => (sliced(m) && m.calibre === 'medium' ? 2 : 0),
  },
  {
    id: 'river',
    label: 'a river of folded slices',
    why: 'a winding line parts the board',
    tool: 'tongs',
    suits: (m) =>
      sliced(m) && m.calibre === 'medium' ? 3 : m.build === 'whole muscle' && m.calibre === 'medium' ? 2 : 0,
  },
  {
    id: 'quarter fold',
    label: 'quarter folds, pinched to a ruffle',
    why: 'big slices stand up',
    tool: 'tongs',
    suits: (m) => (sliced(m) && m.calibre === 'large' ? 3 : sliced(m) && m.calibre === 'medium' ? 2 : 0),
  },
  {
    id: 'fan',
    label: 'half folds in a fan',
    why: 'shows the marbling',
    tool: 'tongs',
    suits: (m) => (m.calibre !== 'small' && m.build !== 'spreadable' ? 1 : 0),
  },
  {
    id: 'roll',
    label: 'loose rolls',
    why: 'one roll, one bite',
    tool: 'tongs',
    suits: (m) => (m.build === 'whole muscle' ? (m.process === 'air-dried' ? 1 : 3) : 0),
  },
  {
    id: 'shingles',
    label: 'shingled along an edge',
    why: 'small slices overlap in a row',
    tool: 'pick or fingers',
    suits: (m) => (m.calibre === 'small' && m.build !== 'spreadable' ? 2 : 0),
  },
  {
    id: 'bias slices',
    label: 'casing off, bias slices; the rest whole with a guide slice',
    why: 'the casing is tough; a started sausage is eaten',
    tool: 'slicer',
    suits: (m) => (m.calibre === 'small' && sliced(m) ? 3 : 0),
  },
  {
    id: 'mound',
    label: 'a loose mound',
    why: 'nothing in the book suits it better',
    tool: 'tongs',
    suits: () => 1,
  },
];
