import type { Good, Sense } from '../counter/index.js';

/**
 * Lenses: ways of looking at the whole board, all over one set of tags. A good may carry several tags (a seed cracker is
 * bready and crunchy) and counts once under each. Common practice, no source.
 */

/** What a drink tastes of is no taste of the board. */
const tastes = (test: (sense: Sense) => boolean) => (good: Good) =>
  'sense' in good && good.kind !== 'drink' && test(good.sense);
const role =
  (...roles: string[]) =>
  (good: Good) =>
    good.kind === 'companion' && roles.includes(good.role);
const paste =
  (...pastes: string[]) =>
  (good: Good) =>
    good.kind === 'cheese' && pastes.includes(good.paste);
const either =
  (...tests: ((good: Good) => boolean)[]) =>
  (good: Good) =>
    tests.some((test) => test(good));
const companion = (test: (good: Extract<Good, { kind: 'companion' }>) => boolean) => (good: Good) =>
  good.kind === 'companion' && test(good);

/** Every tag, and which goods carry it. Thresholds are points of the sensory scales (docs/formats.md). */
export const TAGS = {
  sweet: tastes((s) => s.sweet >= 5),
  sour: tastes((s) => s.sour >= 4),
  salty: tastes((s) => s.salty >= 5),
  bitter: tastes((s) => s.bitter >= 2),
  umami: tastes((s) => s.umami >= 5),
  savoury: tastes((s) => s.umami >= 4),
  meat: (good: Good) => good.kind === 'meat',
  cheese: (good: Good) => good.kind === 'cheese',
  bready: role('bread', 'cracker'),
  crunchy: companion((c) => c.crunch >= 6),
  briny: role('brine'),
  'something sweet': either(
    role('honey', 'preserve', 'dried fruit', 'chocolate'),
    companion((c) => c.sense.sweet >= 6),
  ),
  'fresh and colourful': role('fruit', 'vegetable'),
  garnish: role('garnish'),
  'honey and preserve': role('honey', 'preserve'),
  fruit: role('fruit', 'dried fruit'),
  nuts: role('nut'),
  'brine and savoury': role('brine', 'savoury spread', 'mustard', 'chutney', 'dip', 'oil'),
  spicy: companion((c) => c.sense.heat >= 3),
  creamy: either(paste('creamy', 'runny'), role('butter')),
  juicy: companion((c) => c.juice >= 6),
  chewy: either(role('dried fruit'), (good) => good.kind === 'meat' && good.process === 'air-dried'),
  crisp: either(
    role('cracker'),
    companion((c) => c.role === 'vegetable' && c.crunch >= 5),
  ),
} as const satisfies Record<string, (good: Good) => boolean>;
export type Tag = keyof typeof TAGS;

export type LensId = 'tastes' | 'families' | 'elements' | 'mouthfeels' | 'bite';
export interface Lens {
  readonly id: LensId;
  readonly tags: readonly Tag[];
}

export const LENSES: readonly Lens[] = [
  { id: 'tastes', tags: ['sweet', 'sour', 'salty', 'bitter', 'umami'] },
  {
    id: 'families',

    tags: ['honey and preserve', 'fruit', 'nuts', 'brine and savoury', 'spicy'],
  },
  {
    id: 'elements',

    tags: [
      'cheese',
      'meat',
      'bready',
      'crunchy',
      'briny',
      'something sweet',
      'fresh and colourful',
      'garnish',
    ],
  },
  { id: 'mouthfeels', tags: ['creamy', 'crunchy', 'juicy', 'chewy', 'crisp'] },
  { id: 'bite', tags: ['sweet', 'savoury', 'salty'] },
];

export const carries = (good: Good, tag: Tag): boolean => TAGS[tag](good);

/** The tags that a good carries, in the order of the table. */
export const tagsOf = (good: Good): Tag[] => (Object.keys(TAGS) as Tag[]).filter((tag) => carries(good, tag));
