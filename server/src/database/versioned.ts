import { ConflictException, NotFoundException, UnprocessableEntityException } from '@nestjs/common';
import type { Read } from '@rotula/core';
import { and, asc, eq, isNull } from 'drizzle-orm';
import type { Database } from './database.js';
import { readable } from './storedText.js';
import { storedFile, type DocumentRow, type Unreadable } from './documents.js';
import type { orders, tastings } from './schema.js';

/** What every document has that is saved over the version it was made from. */
export interface Versioned {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
}

/** A row of a table of such documents. */
export interface VersionedRow extends DocumentRow, Versioned {
  readonly deletedAt: string | null;
}

/** One kind of document: how it is called, read and written. */
export interface VersionedKind<D extends Versioned, R extends VersionedRow> {
  /** "order", as it stands in a sentence and as the key of its file. */
  readonly name: string;
  readonly key: string;
  readonly file: string;
  readonly table: typeof orders | typeof tastings;
  readonly order: (table: never) => readonly unknown[];
  readonly read: (row: R) => Read<D>;
  readonly write: (document: D) => unknown;
  /** How one is called that cannot be read. */
  readonly label: (row: R) => string;
}

/** The tables differ in the columns that are asked by; what is done here needs none of those. */
type Table = typeof orders;

/** Documents that are saved over the version they were made from, and can be taken back when they were deleted. */
export class VersionedDocuments<D extends Versioned, R extends VersionedRow> {
  private readonly table: Table;
  /** What was read, by its text: a list of hundreds is not checked anew for one that changed. */
  private readonly known = new Map<string, { readonly text: string; readonly read: Read<D> }>();

  constructor(
    private readonly db: Database,
    private readonly kind: VersionedKind<D, R>,
  ) {
    this.table = kind.table as Table;
  }

  /** All that stand, in the order of their kind; those that cannot be read apart, each with its reason. */
  async all(): Promise<{ documents: D[]; unreadable: Unreadable[] }> {
    const rows = (await this.db.read
      .select(readable(this.table))
      .from(this.table)
      .where(isNull(this.table.deletedAt))
      .orderBy(...(this.kind.order(this.table as never) as never[]), asc(this.table.id))) as unknown as R[];
    const all = rows.map((row) => ({ row, read: this.readOf(row) }));
    const there = new Set(rows.map(({ id }) => id));
    for (const id of this.known.keys()) if (!there.has(id)) this.known.delete(id);
    return {
      documents: all.flatMap(({ read }) => ('document' in read ? [read.document] : [])),
      unreadable: all.flatMap(({ row, read }) =>
        'says' in read ? [{ id: row.id, name: this.kind.label(row), says: read.says }] : [],
      ),
    };
  }

  async read(id: string): Promise<D> {
    return this.readable(id, await this.standing(this.db.read, id));
  }

  /** The document as it is stored, as a file. */
  async stored(id: string): Promise<string> {
    const row = await this.standing(this.db.read, id);
    if (!row) throw this.gone(id);
    return storedFile(this.kind.file, this.kind.key, row);
  }

  /** A new one. Whoever asks may name its id, so that asking twice makes one: the second time it is there already. */
  create(document: D): Promise<D> {
    return this.db.write(async (tx) => {
      const there = await this.row(tx, document.id);
      if (there && there.deletedAt === null) return this.readable(document.id, there);
      if (there)
        throw new ConflictException(
          `${capital(this.kind.name)} ${document.id} was deleted; take that one back instead.`,
        );
      await tx.insert(this.table).values(this.kind.write(document) as never);
      return document;
    });
  }

  /** Save over the version that the person had; if somebody saved since, 409 with the current document. */
  save(next: D): Promise<D> {
    const { id } = next;
    const version = next.version - 1;
    return this.db.write(async (tx) => {
      const row = await this.standing(tx, id);
      if (!row) throw this.gone(id);
      if (row.version !== version)
        throw new ConflictException({
          message: `This ${this.kind.name} was saved elsewhere since (version ${row.version}; yours is ${version}). Choose which to keep.`,
          current: this.readable(id, row),
        });
      await tx
        .update(this.table)
        .set(this.kind.write(next) as never)
        .where(eq(this.table.id, id));
      return next;
    });
  }

  /** Delete it; it can be taken back. Deleting twice is deleting once. */
  remove(id: string): Promise<void> {
    return this.db.write(async (tx) => {
      const row = await this.row(tx, id);
      if (!row) throw this.gone(id);
      if (row.deletedAt === null)
        await tx.update(this.table).set({ deletedAt: new Date().toISOString() }).where(eq(this.table.id, id));
    });
  }

  /** Take a deleted one back, under its own id. Taking it back twice is taking it back once. */
  restore(id: string): Promise<D> {
    return this.db.write(async (tx) => {
      const row = await this.row(tx, id);
      if (!row) throw this.gone(id);
      if (row.deletedAt !== null)
        await tx.update(this.table).set({ deletedAt: null }).where(eq(this.table.id, id));
      return this.readable(id, row);
    });
  }

  private async row(from: Pick<Database['read'], 'select'>, id: string): Promise<R | undefined> {
    const [row] = await from.select(readable(this.table)).from(this.table).where(eq(this.table.id, id));
    return row as unknown as R | undefined;
  }

  private async standing(from: Pick<Database['read'], 'select'>, id: string): Promise<R | undefined> {
    const [row] = await from
      .select(readable(this.table))
      .from(this.table)
      .where(and(eq(this.table.id, id), isNull(this.table.deletedAt)));
    return row as unknown as R | undefined;
  }

  private readOf(row: R): Read<D> {
    const text = `${row.version} ${row.format} ${row.updatedAt} ${row.doc}`;
    const before = this.known.get(row.id);
    if (before?.text === text) return before.read;
    const read = this.kind.read(row);
    this.known.set(row.id, { text, read });
    return read;
  }

  private gone(id: string) {
    return new NotFoundException(`There is no ${this.kind.name} ${id}; it may have been deleted.`);
  }

  private readable(id: string, row: R | undefined): D {
    if (!row) throw this.gone(id);
    const read = this.readOf(row);
    if ('document' in read) return read.document;
    throw new UnprocessableEntityException({
      message: `This ${this.kind.name} is stored, but cannot be read: ${read.says}. Save it as a file; the others are untouched.`,
      unreadable: { id, says: read.says },
    });
  }
}

const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);
