import { lab } from 'd3-color';
import type { Brief } from '../brief/index.js';
import {
  grams,
  millimetres,
  NONE,
  reason,
  type Grams,
  type Millimetres,
  type Reason,
} from '../units/index.js';
import { BANDS, type Board } from './boards.js';
import { onClock } from './clock.js';
import type { Layout } from './layout.js';
import { colourGap, SEEN_APART, THIRDS, type Third } from './rules/index.js';
import type { ColourSchool } from './schools.js';
import { baseOf, type Thing } from './thing.js';

declare module '../units/reason.js' {
  interface Rules {
    'gap-without-filler': {
      hour: number | null;
      across: Millimetres;
      filler: string;
      fillerId: string;
      grams: Grams;
    };
    'pale-side': { third: Third };
    'all-of-one-colour': NoFigures;
    'nothing-opened': { good: string };
  }
}

export type LookRuleId = 'gap-without-filler' | 'pale-side' | 'all-of-one-colour' | 'nothing-opened';

/** What a careful eye would mend beyond the rules of the layout, and by which act. */
export interface Look {
  readonly reason: Reason;
  readonly by: 'fill' | 'garnish' | 'open';
}

/** What is good about it, briefly. */
export type Praise =
  | 'what must hold, holds'
  | 'what belongs together touches'
  | 'the walk runs clockwise'
  | 'bread is near what is soft'
  | 'every hand reaches all of it'
  | 'nothing rolls'
  | 'as full as it should be';

/** A gap so wide is seen, mm across; and a side so light on the average is pale (CIE L*). House's own figures. */
const GAP = 90;
const PALE = 82;

interface Seen {
  readonly layout: Layout;
  /** What is eaten of what lies there, and where each lies. */
  readonly food: readonly Thing[];
  readonly at: ReadonlyMap<string, Layout['placed'][number]>;
  readonly board: Board;
  readonly brief: Brief;
  readonly school: ColourSchool;
}

/** A last look at a board that is laid: what to mend with a button, and what is good. */
export function lastLook(
  layout: Layout,
  things: readonly Thing[],
  board: Board,
  brief: Brief,
  school: ColourSchool,
): { readonly looks: Look[]; readonly praise: Praise[] } {
  const at = new Map(layout.placed.map((place) => [place.id, place]));
  const food = things.filter(({ traits, id }) => traits.kind !== 'tool' && at.has(id));
  const seen: Seen = { layout, food, at, board, brief, school };
  return {
    looks: [...gaps(seen), ...pale(seen), ...oneColour(seen), ...unopened(seen)],
    praise: praises(seen),
  };
}

function praises({ layout, food, brief }: Seen): Praise[] {
  const violated = new Set(layout.violations.map(({ reason: { rule } }) => rule));
  const [low, high] = BANDS[brief.manner];
  const some = (trait: 'soft' | 'carrier' | 'rolls') => food.some(({ traits }) => traits[trait]);
  const holds: readonly (readonly [Praise, boolean])[] = [
    ['what must hold, holds', layout.violations.every(({ hard }) => !hard)],
    ['what belongs together touches', !violated.has('apart-from-its-company')],
    [
      'the walk runs clockwise',
      food.some(({ traits }) => traits.step !== null) && !violated.has('against-the-walk'),
    ],
    ['bread is near what is soft', some('soft') && some('carrier') && !violated.has('no-bread-in-reach')],
    ['every hand reaches all of it', !violated.has('out-of-reach')],
    ['nothing rolls', some('rolls') && !violated.has('rolls-near-the-rim')],
    ['as full as it should be', layout.covered >= low && layout.covered <= high],
  ];
  return holds.flatMap(([praise, is]) => (is ? [praise] : []));
}

function gaps({ layout, food, board, brief }: Seen): Look[] {
  const { x, y, r } = layout.gap;
  const [, high] = BANDS[brief.manner];
  if (brief.manner === 'plain' || 2 * r < GAP || layout.covered >= high) return [];
  const area = Math.PI * r * r;
  const fillers = food
    .filter(({ lies, traits, area: own }) => lies === 'patch' && traits.kind === 'companion' && own > 0)
    .sort((a, b) => a.grams / a.area - b.grams / b.area || (a.id < b.id ? -1 : 1));
  const [filler] = fillers;
  if (!filler) return [];
  const half = { x: board.length / 2, y: (board.round ? board.length : board.width) / 2 };
  return [
    {
      by: 'fill',
      reason: reason('gap-without-filler', {
        hour: onClock({ x, y }, half).hour,
        across: millimetres(Math.round(2 * r)),
        filler: filler.name,
        fillerId: baseOf(filler),
        grams: grams(Math.ceil((area * filler.grams) / filler.area)),
      }),
    },
  ];
}

function pale({ food, at, board }: Seen): Look[] {
  if (food.length < 2 * THIRDS.length) return [];
  return THIRDS.flatMap((third, i): Look[] => {
    const here = food.filter(({ id }) => Math.floor(3 * (at.get(id)!.x / board.length + 0.5)) === i);
    const area = here.reduce((sum, one) => sum + one.area, 0);
    const light = here.reduce((sum, one) => sum + one.area * lab(one.traits.colour).l, 0);
    return area > 0 && light / area > PALE ? [{ by: 'garnish', reason: reason('pale-side', { third }) }] : [];
  });
}

function oneColour({ food, school }: Seen): Look[] {
  const colours = [...new Set(food.flatMap(({ colours: own }) => own.slice(0, 1)))];
  const apart = colours.some((a, i) => colours.slice(i + 1).some((b) => colourGap(a, b) >= SEEN_APART));
  return school === 'echo' || food.length < 3 || apart
    ? []
    : [{ by: 'garnish', reason: reason('all-of-one-colour', NONE) }];
}

/** Guests hesitate before an untouched board; common practice, no source. */
function unopened({ food }: Seen): Look[] {
  const cheeses = food.filter(({ traits }) => traits.kind === 'cheese');
  if (cheeses.length === 0 || cheeses.some(({ lies }) => lies !== 'whole')) return [];
  const largest = [...cheeses].sort((a, b) => b.grams - a.grams)[0]!;
  return [{ by: 'open', reason: reason('nothing-opened', { good: largest.name }, { subject: largest.id }) }];
}
