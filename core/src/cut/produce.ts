import { named, type Companion } from '../counter/index.js';

export type ProduceForm =
  | 'in clusters of 3 to 6'
  | 'halved, or stem on for grip'
  | 'in thin slices'
  | 'in crescents, peel off'
  | 'in short sticks, peel and core off'
  | 'in segments'
  | 'quartered'
  | 'whole, stem on'
  | 'whole, dry'
  | 'in sticks one dip long'
  | 'whole, tops on'
  | 'halved'
  | 'in leaves'
  | 'in slices a finger thick'
  | 'in squares'
  | 'snapped to a cracker’s width'
  | 'whole'
  | 'drained, in a bowl'
  | 'in a bowl, with its spoon'
  | 'broken into squares'
  | 'at room warmth, with its knife'
  | 'by the sprig';

/** How fast it suffers once it is cut: what browns and dries comes last. */
export type ProduceTime = 'ahead' | 'late' | 'last';

/** How a companion is cut, and when. */
export interface ProduceCut {
  readonly form: ProduceForm;
  readonly when: ProduceTime;
  /** Pieces, where the weight of one is known; null: by eye. */
  readonly pieces: number | null;
}

const FRUIT = ['fruit'];
const GREEN = ['vegetable'];
/** A piece for a cracker, and a cracker for a hand, is no wider than this. Common practice, no source. */
const CRACKER_MM = 50;
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
      (piece.length ?? 0) > CRACKER_MM && (role === 'cracker' || (piece.height ?? 9) < 6),
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

/** How a companion is cut, of so many net grams. */
export function produceCut(good: Companion, net: number): ProduceCut {
  const row = ROWS.find(
    ({ roles, stems, fits }) =>
      roles.includes(good.role) && (!stems || named(good, ...stems)) && (fits?.(good) ?? true),
  );
  const { grams } = good.piece;
  return {
    ...(row ? { form: row.form, when: row.when } : ELSE),
    pieces: grams ? Math.round(net / grams) : null,
  };
}
