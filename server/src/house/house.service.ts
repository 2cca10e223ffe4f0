import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { DEFAULT_HOUSE, House, HOUSE_FORMAT, versionOf, type StoredHouse } from '@rotula/core';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import { documentOf, storedFile } from '../database/documents.js';
import { house } from '../database/schema.js';
import { readable } from '../database/storedText.js';

/** Before anybody saved one. */
const NONE: StoredHouse = { ...DEFAULT_HOUSE, version: 0, unreadable: null };

function storedOf(row: typeof house.$inferSelect | undefined): StoredHouse {
  if (!row) return NONE;
  const read = documentOf(HOUSE_FORMAT, House, row);
  return 'document' in read
    ? { ...read.document, version: row.version, unreadable: null }
    : { ...DEFAULT_HOUSE, version: row.version, unreadable: read.says };
}

@Injectable()
export class HouseService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** The shop's settings; the defaults until somebody saves their own, or where they cannot be read (and why). */
  async read(): Promise<StoredHouse> {
    const [row] = await this.db.read.select(readable(house)).from(house);
    return storedOf(row);
  }

  /** The document as it is stored, as a file. */
  async stored(): Promise<string> {
    const [row] = await this.db.read.select(readable(house)).from(house);
    if (!row) throw new NotFoundException('No settings were saved yet; the defaults stand.');
    return storedFile('rotula.house', 'house', row);
  }

  /** Save over the version that the person had; 409 with the current settings when somebody saved since. */
  save(version: number, doc: House): Promise<StoredHouse> {
    return this.db.write(async (tx) => {
      const [row] = await tx.select(readable(house)).from(house);
      if (row && row.version !== version)
        throw new ConflictException({
          message: 'The settings were changed elsewhere since. Nothing was stored; look at both.',
          current: storedOf(row),
        });
      const next = {
        version: (row?.version ?? 0) + 1,
        format: versionOf(HOUSE_FORMAT),
        doc: JSON.stringify(doc),
      };
      await tx
        .insert(house)
        .values({ id: 1, ...next })
        .onConflictDoUpdate({ target: house.id, set: next });
      return { ...doc, version: next.version, unreadable: null };
    });
  }
}
