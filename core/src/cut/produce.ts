import { named, type Companion } from '../counter/index.js';
import { millimetres, reason, memoisedBy, type Millimetres, type Reason } from '../units/index.js';
import { biteReasons, TWO_BITES } from './bite.js';
import { breadOf, producePiece, type Parts, type ProduceForm, type ProducePiece } from './producePiece.js';

declare module '../units/reason.js' {
  interface Rules {
    'parted-for-a-bite': { across: Millimetres; into: number };
  }
}

/** How fast it suffers once it is cut: what browns and dries comes last. */
export type ProduceTime = 'ahead' | 'late' | 'last';

/** How a companion is cut, and when. */
export interface ProduceCut {
  readonly form: ProduceForm;
  readonly when: ProduceTime;
  /** How many whole ones, where the weight of one is known; null: by eye. */
  readonly wholes: number | null;
  /** Pieces in all, where that is known. */
  readonly pieces: number | null;
  /** One piece as it lies; null: it lies in a bowl. */
  readonly piece: ProducePiece | null;
  /** Each slice or cracker is cut or snapped into this many. */
  readonly parts: number;
  /** Washing, cutting and filling, by practised hands, s. */
  readonly seconds: number;
  /** What is too much for one or two bites, and what is done about it. */
  readonly reasons: readonly Reason[];
}

const FRUIT = ['fruit'];
const GREEN = ['vegetable'];
/** A piece for a cracker, and a cracker for a hand, is no wider than this. Common practice, no source. */
const CRACKER_MM = 50;
/** A hair over is what a hand cuts. House's own figure. */
const HAIR = 1.1;
const CRUST = ['bread'];

/** The first row that fits counts. Common practice, no source. */
const ROWS: readonly {
  readonly roles: readonly string[];
  readonly stems?: readonly string[];
  readonly when: ProduceTime;
  readonly form: ProduceForm;
  readonly fits?: (good: Companion) => boolean;
}[] = [
  { roles: FRUIT, stems: ['grape'], form: 'in clusters of 3 to 6', when: 'ahead' },
  { roles: FRUIT, stems: ['strawberr'], form: 'halved, or stem on for grip', when: 'late' },
  { roles: FRUIT, stems: ['pear', 'apple', 'persimmon', 'quince'], form: 'in thin slices', when: 'late' },
  { roles: FRUIT, stems: ['pineapple'], form: 'in short sticks, peel and core off', when: 'ahead' },
  { roles: FRUIT, stems: ['melon'], form: 'in crescents, peel off', when: 'late' },
  { roles: FRUIT, stems: ['tangerine', 'orange', 'clementine'], form: 'in segments', when: 'late' },
  { roles: FRUIT, stems: ['fig'], form: 'quartered', when: 'late' },
  { roles: FRUIT, stems: ['cherr'], form: 'whole, stem on', when: 'ahead' },
  { roles: FRUIT, form: 'whole, dry', when: 'ahead' },
  {
    roles: GREEN,
    stems: ['celery', 'cucumber', 'carrot', 'fennel', 'pepper'],
    form: 'in sticks one dip long',
    when: 'ahead',
  },
  { roles: GREEN, stems: ['radish'], form: 'whole, tops on', when: 'ahead' },
  { roles: GREEN, stems: ['tomato'], form: 'halved', when: 'late' },
  { roles: GREEN, form: 'in leaves', when: 'late' },
  { roles: CRUST, stems: ['square', 'rye'], form: 'in squares', when: 'last' },
  {
    roles: ['bread', 'cracker'],
    fits: ({ role, piece }) =>
      (piece.length ?? piece.diameter ?? 0) > CRACKER_MM * HAIR &&
      (role === 'cracker' || (piece.height ?? 9) < 6),
    form: 'snapped to a cracker’s width',
    when: 'last',
  },
  { roles: CRUST, form: 'in slices a finger thick', when: 'last' },
  { roles: ['cracker'], form: 'whole', when: 'last' },
  { roles: ['brine'], form: 'drained, in a bowl', when: 'ahead' },
  { roles: ['chocolate'], form: 'broken into squares', when: 'ahead' },
  { roles: ['butter'], form: 'at room warmth, with its knife', when: 'late' },
  { roles: ['garnish'], form: 'by the sprig', when: 'last' },
  { roles: ['nut', 'dried fruit'], form: 'whole', when: 'ahead' },
];
const ELSE = { form: 'in a bowl, with its spoon', when: 'ahead' } as const;

/**
 * Into how many parts a slice of bread is cut, or a cracker snapped, to be taken in one motion: bread within two bites, a
 * cracker within its usual width.
 */
function partsOf(good: Companion, form: ProduceForm): Parts {
  const whole = breadOf(good, form);
  if (!whole) return { along: 1, across: 1 };
  const snapped = form === 'snapped to a cracker’s width';
  const [most, other] = snapped ? [CRACKER_MM, CRACKER_MM] : [TWO_BITES.long, TWO_BITES.other];
  const into = (mm: number, limit: number) => Math.max(1, Math.ceil(mm / (limit * HAIR)));
  const [along, across] = [into(whole.long, most), into(whole.wide, other)];
  // A round one breaks in half.
  return whole.round ? { along: 1, across: Math.max(along, across) } : { along, across };
}

/** What is put into the mouth as it lies there; a cracker is snapped by its own rule, and a cluster is eaten berry by berry. */
const HANDLED: readonly Companion['role'][] = ['fruit', 'dried fruit', 'bread', 'chocolate', 'nut'];

/** What of the cut is the same however much there is of it; memoised by good. */
const formOf = memoisedBy((good: Companion) => {
  const row =
    ROWS.find(
      ({ roles, stems, fits }) =>
        roles.includes(good.role) && (!stems || named(good, ...stems)) && (fits?.(good) ?? true),
    ) ?? ELSE;
  const parts = partsOf(good, row.form);
  const into = parts.along * parts.across;
  const piece = producePiece(good, row.form, parts);
  const whole = breadOf(good, row.form);
  const reasons = [
    ...(whole && into > 1
      ? [
          reason(
            'parted-for-a-bite',
            { across: millimetres(Math.max(whole.long, whole.wide)), into },
            { subject: good.id },
          ),
        ]
      : []),
    ...(piece && HANDLED.includes(good.role) && row.form !== 'in clusters of 3 to 6'
      ? biteReasons('slice', piece.grams ?? 0, piece.measures, good.id)
      : []),
  ];
  return { form: row.form, when: row.when, parts: into, piece, reasons };
});

/** How a companion is cut, for its net grams. */
export function produceCut(good: Companion, net: number): ProduceCut {
  const known = formOf(good);
  const { grams } = good.piece;
  const wholes = grams ? Math.round(net / grams) : null;
  const pieces = grams && known.piece?.grams ? Math.round(net / known.piece.grams) : null;
  return { ...known, wholes, pieces, seconds: net > 0 ? secondsOf(good, known.form, wholes, pieces) : 0 };
}

/** Minutes of the trade: wash and dry a fruit 3, into clusters 1.5, slice a fruit 2, slice bread 2, a stick 1.5 s, fill a vessel 45 s. */
const PRODUCE_SECONDS = { wash: 180, clusters: 90, aFruit: 120, bread: 120, stick: 1.5, vessel: 45 };
const SLICED: readonly ProduceForm[] = [
  'in thin slices',
  'in crescents, peel off',
  'in short sticks, peel and core off',
  'quartered',
  'in segments',
];

function secondsOf(
  { role }: Companion,
  form: ProduceForm,
  wholes: number | null,
  pieces: number | null,
): number {
  if (role === 'bread') return PRODUCE_SECONDS.bread;
  if (!['fruit', 'vegetable'].includes(role)) return PRODUCE_SECONDS.vessel;
  if (form === 'in clusters of 3 to 6') return PRODUCE_SECONDS.wash + PRODUCE_SECONDS.clusters;
  if (SLICED.includes(form)) return PRODUCE_SECONDS.wash + PRODUCE_SECONDS.aFruit * Math.max(1, wholes ?? 1);
  return (
    PRODUCE_SECONDS.wash + (form === 'in sticks one dip long' ? PRODUCE_SECONDS.stick * (pieces ?? 0) : 0)
  );
}
