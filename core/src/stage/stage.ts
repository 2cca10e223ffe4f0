import type { Caution, Danger } from '../care/index.js';
import type { Counted, Good, Served } from '../counter/index.js';
import type { Grams, Money, Reason } from '../units/index.js';
import type { Fields } from './fields.js';

/**
 * The order and its shop on the serving day: what every stage may read beside the stages that it names. `brief/` adds the house by
 * declaration merging.
 */
export interface Ground {
  readonly order: Fields;
  /** The counter as it is today, with the ages of a cheese as goods of their own where the order distinguishes them. */
  readonly shelf: Counted;
  /** The same as the order holds it: kept goods as they were kept, with all their lots. */
  readonly held: Counted;
  /** The same as it will be served: with the lots that the order takes, aged to the day. */
  readonly counter: Served;
  readonly goods: ReadonlyMap<string, Good>;
  /** May this good come in by itself? A finished order takes nothing new. */
  readonly stands: ((good: Good) => boolean) | null;
}

/** What each stage derives, by its id; a stage adds its own by declaration merging, beside its row. */
export interface Parts extends Record<never, never> {}
export type StageId = keyof Parts;
/** Who decides a field of an order: a stage, or the document itself. */
export type OwnerId = StageId | 'order';

/** Something that is bought, fetched, offered or done; money and shopping are summed over these after the last stage. */
export interface Line {
  readonly stage: StageId;
  /** The good's id, or the service that is charged. */
  readonly subject: string;
  /** null: work, hire or wear. */
  readonly good: Good | null;
  readonly for: 'board' | 'beside' | 'own plate' | 'drinks' | 'suggested' | 'service';
  /** null: in another measure, or suggested. */
  readonly amount: Grams | null;
  /** What the customer pays; null: not in the sum. */
  readonly price: Money | null;
  /** What it costs the shop. */
  readonly cost: Money | null;
}

/**
 * What a stage keeps of an order and where it stands, without what it derives: strip, merge of two versions, and the moves of an
 * order are built from it, and they must not load what a stage derives: that stands beside it, in the room's stage.ts.
 */
export interface Row<I extends OwnerId = OwnerId, R extends StageId = StageId> {
  readonly id: I;
  /** Where it stands in the strip, which is its key too; null: it has no screen. */
  readonly place: number | null;
  readonly reads: readonly R[];
  /** The fields of the order that it decides; every field belongs to one stage. */
  readonly fields: readonly (keyof Fields)[];
  /** The order without what was set by hand for goods that left. */
  readonly tidy?: (order: Fields, left: ReadonlySet<string>) => Fields;
  /** What a person decided here, in ids and words of tables, for the slate and for comparing two versions. */
  readonly summary: (order: Fields) => Summary;
}

/** A stage in a line: goods by id and words; empty when all is as computed. */
export interface Summary {
  readonly goods: readonly string[];
  readonly words: readonly string[];
  readonly guests?: number;
  readonly servingAt?: string;
  readonly limits?: number;
}

/** What a stage derives, advises and adds to the sum. */
export interface Derives<I extends StageId, R extends StageId> {
  readonly derive: (ground: Ground, parts: Pick<Parts, R>) => Parts[I];
  readonly advise?: (parts: Pick<Parts, R | I>, ground: Ground) => readonly Reason[];
  readonly cautions?: (parts: Pick<Parts, R | I>, ground: Ground) => readonly Caution[];
  readonly dangers?: (parts: Pick<Parts, R | I>, ground: Ground) => readonly Danger[];
  readonly lines?: (parts: Pick<Parts, R | I>, ground: Ground) => readonly Omit<Line, 'stage'>[];
}
/**
 * One stage of an order: its row, and what it derives. The strip sorts by `place`, the plan by `reads`; the types of what it is
 * handed follow from them. To add a stage: a folder with its fields, row and stage, and a line each in order/fields.ts, order/rows.ts and
 * order/stages.ts (docs/architecture.md).
 */
export type Stage<I extends StageId, R extends StageId> = Row<I, R> & Derives<I, R>;

/** A stage whose own types are only known to itself. */
export interface AnyStage extends Row<StageId> {
  readonly derive: (ground: Ground, parts: never) => Parts[StageId];
  readonly advise?: (parts: never, ground: Ground) => readonly Reason[];
  readonly cautions?: (parts: never, ground: Ground) => readonly Caution[];
  readonly dangers?: (parts: never, ground: Ground) => readonly Danger[];
  readonly lines?: (parts: never, ground: Ground) => readonly Omit<Line, 'stage'>[];
}

export const stage = <I extends StageId, R extends StageId>(
  row: Row<I, R>,
  derives: Derives<I, R>,
): Stage<I, R> => ({ ...row, ...derives });

/** A row as written, with its own types. */
export const row = <I extends OwnerId, R extends StageId>(of: Row<I, R>): Row<I, R> => of;

/** A record without the entries of goods that left. */
export const without = <V>(
  record: Readonly<Record<string, V>>,
  left: ReadonlySet<string>,
): Record<string, V> => Object.fromEntries(Object.entries(record).filter(([key]) => !left.has(key)));
