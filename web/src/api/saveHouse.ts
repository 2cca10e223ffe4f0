import type { House, StoredHouse } from '@rotula/core';
import { mutate } from 'swr';
import { api, ApiError } from './client';

/** Both of us changed the same setting since the same version: the person says which stands. */
export interface HouseClash {
  readonly current: StoredHouse;
  readonly fields: readonly (keyof House)[];
  readonly mine: Partial<House>;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const TRIES = 3;

/**
 * Save part of the settings over the version they were made from. Somebody else's change of other settings is kept beside
 * it; a change of the same setting is given back, unsaved, for the person to choose. Resolves to null when it is saved.
 * @throws ApiError when it was refused, or the server is away
 */
export async function saveHouse(base: StoredHouse, part: Partial<House>): Promise<HouseClash | null> {
  let now = base;
  for (let i = 0; i < TRIES; i++) {
    try {
      const saved = await api.saveHouse(now.version, { ...now, ...part });
      await mutate('house', saved, { revalidate: false });
      return null;
    } catch (fault) {
      if (!(fault instanceof ApiError) || fault.status !== 409 || !fault.current) throw fault;
      const current = fault.current as StoredHouse;
      const fields = (Object.keys(part) as (keyof House)[]).filter(
        (key) => !same(current[key], base[key]) && !same(current[key], part[key]),
      );
      await mutate('house', current, { revalidate: false });
      if (fields.length > 0) return { current, fields, mine: part };
      now = current;
    }
  }
  throw new ApiError(409, 'The settings keep being changed elsewhere. Nothing was stored; try again.');
}
