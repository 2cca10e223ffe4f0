import { randomUUID } from 'node:crypto';
import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { defaultTitle, heads, type NewOrder, type Order, type OrderBody } from '@rotula/core';
import { and, asc, eq } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import { orders } from '../database/schema.js';
import { orderOf, orderRow } from './rows.js';

@Injectable()
export class OrdersService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** All orders, the earliest serving first. */
  async list(): Promise<Order[]> {
    const rows = await this.db.select().from(orders).orderBy(asc(orders.servingAt), asc(orders.id));
    return rows.map(orderOf);
  }

  async read(id: string): Promise<Order> {
    const [row] = await this.db.select().from(orders).where(eq(orders.id, id));
    if (!row) throw new NotFoundException(`There is no order ${id}; it may have been deleted.`);
    return orderOf(row);
  }

  async create(order: NewOrder): Promise<Order> {
    const title = order.title ?? defaultTitle(heads(order.brief));
    const full: Order = {
      ...order,
      title,
      id: randomUUID(),
      version: 1,
      updatedAt: new Date().toISOString(),
    };
    await this.db.insert(orders).values(orderRow(full));
    return full;
  }

  /** Save over the version that the person had; if somebody saved since, 409 with the current document. */
  async save(id: string, version: number, body: OrderBody): Promise<Order> {
    const next: Order = { ...body, id, version: version + 1, updatedAt: new Date().toISOString() };
    const saved = await this.db
      .update(orders)
      .set(orderRow(next))
      .where(and(eq(orders.id, id), eq(orders.version, version)))
      .returning({ id: orders.id });
    if (saved.length > 0) return next;
    const current = await this.read(id);
    throw new ConflictException({
      message: `This order was saved elsewhere since (version ${current.version}; yours is ${version}). Choose which to keep.`,
      current,
    });
  }

  async remove(id: string): Promise<void> {
    const gone = await this.db.delete(orders).where(eq(orders.id, id)).returning({ id: orders.id });
    if (gone.length === 0) throw new NotFoundException(`There is no order ${id}; it may have been deleted.`);
  }
}
