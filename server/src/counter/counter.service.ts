import { Inject, Injectable } from '@nestjs/common';
import type { Good } from '@rotula/core';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import { goods, lots } from '../database/schema.js';

@Injectable()
export class CounterService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Every good with its lots, by name. */
  async all(): Promise<Good[]> {
    const [goodRows, allLots] = await this.db.batch([
      this.db.select().from(goods).orderBy(goods.name),
      this.db.select().from(lots),
    ]);
    const byGood = lotsByGood(allLots);
    return goodRows.map((row) => ({ ...row.doc, lots: (byGood.get(row.id) ?? []).map((lot) => lot.doc) }));
  }
}

function lotsByGood<T extends { goodId: string }>(rows: readonly T[]): Map<string, T[]> {
  const out = new Map<string, T[]>();
  for (const row of rows) {
    const known = out.get(row.goodId);
    if (known) known.push(row);
    else out.set(row.goodId, [row]);
  }
  return out;
}
