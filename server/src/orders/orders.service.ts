import { randomUUID } from 'node:crypto';
import {
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
  UnprocessableEntityException,
} from '@nestjs/common';
import { defaultTitle, heads, type NewOrder, type Order, type OrderBody } from '@rotula/core';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import { storedFile, type Unreadable } from '../database/documents.js';
import { orders } from '../database/schema.js';
import { orderOf, orderRow } from './rows.js';

const gone = (id: string) => new NotFoundException(`There is no order ${id}; it may have been deleted.`);
const is = (id: string) => and(eq(orders.id, id), isNull(orders.deletedAt));

@Injectable()
export class OrdersService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** All orders, the earliest serving first; those that cannot be read apart, each with its reason. */
  async list(): Promise<{ orders: Order[]; unreadable: Unreadable[] }> {
    const rows = await this.db.read
      .select()
      .from(orders)
      .where(isNull(orders.deletedAt))
      .orderBy(asc(orders.servingAt), asc(orders.id));
    const all = rows.map((row) => ({ row, read: orderOf(row) }));
    return {
      orders: all.flatMap(({ read }) => ('document' in read ? [read.document] : [])),
      unreadable: all.flatMap(({ row, read }) =>
        'says' in read
          ? [{ id: row.id, name: `order of ${row.servingAt.slice(0, 10)}`, says: read.says }]
          : [],
      ),
    };
  }

  async read(id: string): Promise<Order> {
    const [row] = await this.db.read.select().from(orders).where(is(id));
    return this.readable(id, row);
  }

  /** The document as it is stored, as a file. */
  async stored(id: string): Promise<string> {
    const [row] = await this.db.read.select().from(orders).where(is(id));
    if (!row) throw gone(id);
    return storedFile('rotula.order', 'order', row);
  }

  /**
   * A new order. Whoever asks may name its id, so that asking twice makes one order: the second time it is there already.
   */
  create({ id = randomUUID(), ...order }: NewOrder & { id?: string }): Promise<Order> {
    const title = order.title ?? defaultTitle(heads(order.brief));
    const full: Order = { ...order, title, id, version: 1, updatedAt: new Date().toISOString() };
    return this.db.write(async (tx) => {
      const [there] = await tx.select().from(orders).where(eq(orders.id, id));
      if (there && there.deletedAt === null) return this.readable(id, there);
      if (there) throw new ConflictException(`An order ${id} was deleted; take that one back instead.`);
      await tx.insert(orders).values(orderRow(full));
      return full;
    });
  }

  /** Save over the version that the person had; if somebody saved since, 409 with the current document. */
  save(id: string, version: number, body: OrderBody): Promise<Order> {
    const next: Order = { ...body, id, version: version + 1, updatedAt: new Date().toISOString() };
    return this.db.write(async (tx) => {
      const [row] = await tx.select().from(orders).where(is(id));
      if (!row) throw gone(id);
      if (row.version !== version)
        throw new ConflictException({
          message: `This order was saved elsewhere since (version ${row.version}; yours is ${version}). Choose which to keep.`,
          current: this.readable(id, row),
        });
      await tx.update(orders).set(orderRow(next)).where(eq(orders.id, id));
      return next;
    });
  }

  /** Delete it; it can be taken back. Deleting twice is deleting once. */
  remove(id: string): Promise<void> {
    return this.db.write(async (tx) => {
      const [row] = await tx.select({ deletedAt: orders.deletedAt }).from(orders).where(eq(orders.id, id));
      if (!row) throw gone(id);
      if (row.deletedAt === null)
        await tx.update(orders).set({ deletedAt: new Date().toISOString() }).where(eq(orders.id, id));
    });
  }

  /** Take a deleted order back, under its own id. Taking it back twice is taking it back once. */
  restore(id: string): Promise<Order> {
    return this.db.write(async (tx) => {
      const [row] = await tx.select().from(orders).where(eq(orders.id, id));
      if (!row) throw gone(id);
      if (row.deletedAt !== null) await tx.update(orders).set({ deletedAt: null }).where(eq(orders.id, id));
      return this.readable(id, row);
    });
  }

  private readable(id: string, row: typeof orders.$inferSelect | undefined): Order {
    if (!row) throw gone(id);
    const read = orderOf(row);
    if ('document' in read) return read.document;
    throw new UnprocessableEntityException({
      message: `This order is stored, but cannot be read: ${read.says}. Save it as a file; the other orders are untouched.`,
      unreadable: { id, says: read.says },
    });
  }
}
