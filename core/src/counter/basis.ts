/** Where what is stored of a good comes from, field by field. Its own small file: pages load it without the schema. */

/** What may be a guess: the milk or the animal; family, process, role or kind; and so on. */
export const BASIS_FIELDS = [
  'animal',
  'making',
  'age',
  'treatment',
  'rind',
  'shape',
  'price',
  'pack',
] as const;
export type BasisField = (typeof BASIS_FIELDS)[number];

/** `name`: told by the good's name. `typical`: usual for goods of that name. `not known`: a place holder. A field without a mark was stated by a person or a list. */
export const BASES = ['name', 'typical', 'not known'] as const;
export type Basis = (typeof BASES)[number];
export type Marks = Partial<Record<BasisField, Basis>>;

interface Marked {
  readonly from: Marks;
}

/** Whether a field was stated, and is no guess. Limits, cards and labels go by stated fields only. */
export const isSaid = ({ from }: Marked, field: BasisField): boolean => from[field] === undefined;

/** Is the making of a cheese or meat settled, so that rules may go by its family and age? */
export const isDescribed = (good: Marked & { readonly kind: string }): boolean =>
  isSaid(good, 'making') && isSaid(good, 'age') && (good.kind !== 'meat' || isSaid(good, 'animal'));

/** Without these no good is proposed: nothing can be reckoned by a place holder. */
const NEEDED: readonly BasisField[] = ['animal', 'making', 'shape', 'price'];
/** Fields that must be stated or told by the name before a good is proposed; empty: it is ready. */
export const lacksOf = ({ from }: Marked): BasisField[] =>
  NEEDED.filter((field) => from[field] === 'not known');
export const isReady = (good: Marked): boolean => lacksOf(good).length === 0;

/** The good with the marks of these fields removed, since somebody stated them. */
export const saidOf = <G extends Marked>(good: G, ...fields: readonly BasisField[]): G => ({
  ...good,
  from: Object.fromEntries(
    Object.entries(good.from).filter(([field]) => !fields.includes(field as BasisField)),
  ),
});

/** The field of the basis that a path of the open format belongs to; null: it is never a guess. */
export function basisFieldOf(path: string): BasisField | null {
  const [head] = path.split('.');
  return PATHS[head!] ?? null;
}
const PATHS: Readonly<Record<string, BasisField>> = {
  milk: 'animal',
  animals: 'animal',
  texture: 'making',
  build: 'making',
  process: 'making',
  calibre: 'making',
  role: 'making',
  type: 'making',
  use: 'making',
  ageDays: 'age',
  treatment: 'treatment',
  rind: 'rind',
  form: 'shape',
  length: 'shape',
  width: 'shape',
  diameter: 'shape',
  price: 'price',
  pack: 'pack',
};
