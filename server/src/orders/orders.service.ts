import { randomUUID } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { defaultTitle, heads, type NewOrder, type Order, type OrderBody } from '@rotula/core';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import type { Unreadable } from '../database/documents.js';
import { VersionedDocuments } from '../database/versioned.js';
import { ORDERS, type OrderRow } from './rows.js';

@Injectable()
export class OrdersService {
  private readonly documents: VersionedDocuments<Order, OrderRow>;

  constructor(@Inject(DATABASE) db: Database) {
    this.documents = new VersionedDocuments(db, ORDERS);
  }

  /** All orders, the earliest serving first; those that cannot be read apart, each with its reason. */
  async list(): Promise<{ orders: Order[]; unreadable: Unreadable[] }> {
    const { documents, unreadable } = await this.documents.all();
    return { orders: documents, unreadable };
  }

  read(id: string): Promise<Order> {
    return this.documents.read(id);
  }

  stored(id: string): Promise<string> {
    return this.documents.stored(id);
  }

  create({ id = randomUUID(), ...order }: NewOrder & { id?: string }): Promise<Order> {
    const title = order.title ?? defaultTitle(heads(order.brief));
    return this.documents.create({ ...order, title, id, version: 1, updatedAt: new Date().toISOString() });
  }

  save(id: string, version: number, body: OrderBody): Promise<Order> {
    return this.documents.save({ ...body, id, version: version + 1, updatedAt: new Date().toISOString() });
  }

  remove(id: string): Promise<void> {
    return this.documents.remove(id);
  }

  restore(id: string): Promise<Order> {
    return this.documents.restore(id);
  }
}
