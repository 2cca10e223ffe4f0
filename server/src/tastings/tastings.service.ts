import { randomUUID } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { Session, SessionBody } from '@rotula/core';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import type { Unreadable } from '../database/documents.js';
import { VersionedDocuments } from '../database/versioned.js';
import { TASTINGS, type TastingRow } from './rows.js';

/** The tasting sessions of the shop: stored, never judged here. */
@Injectable()
export class TastingsService {
  private readonly documents: VersionedDocuments<Session, TastingRow>;

  constructor(@Inject(DATABASE) db: Database) {
    this.documents = new VersionedDocuments(db, TASTINGS);
  }

  /** All sessions, the latest first; those that cannot be read apart, each with its reason. */
  async list(): Promise<{ sessions: Session[]; unreadable: Unreadable[] }> {
    const { documents, unreadable } = await this.documents.all();
    return { sessions: documents, unreadable };
  }

  read(id: string): Promise<Session> {
    return this.documents.read(id);
  }

  stored(id: string): Promise<string> {
    return this.documents.stored(id);
  }

  create({ id = randomUUID(), ...session }: SessionBody & { id?: string }): Promise<Session> {
    return this.documents.create({ ...session, id, version: 1, updatedAt: new Date().toISOString() });
  }

  save(id: string, version: number, body: SessionBody): Promise<Session> {
    return this.documents.save({ ...body, id, version: version + 1, updatedAt: new Date().toISOString() });
  }

  remove(id: string): Promise<void> {
    return this.documents.remove(id);
  }

  restore(id: string): Promise<Session> {
    return this.documents.restore(id);
  }
}
