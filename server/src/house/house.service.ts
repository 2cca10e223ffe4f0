import { Inject, Injectable } from '@nestjs/common';
import { DEFAULT_HOUSE, House } from '@rotula/core';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import { house } from '../database/schema.js';

@Injectable()
export class HouseService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** The shop's settings; the defaults until somebody saves their own. */
  async read(): Promise<House> {
    const [row] = await this.db.select().from(house);
    return row ? House.parse(row.doc) : DEFAULT_HOUSE;
  }

  async save(doc: House): Promise<House> {
    await this.db.insert(house).values({ id: 1, doc }).onConflictDoUpdate({ target: house.id, set: { doc } });
    return doc;
  }
}
