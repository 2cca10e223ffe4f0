import { afterEach, expect, jest, test } from '@jest/globals';
import { DEFAULT_HOUSE, type House, type StoredHouse } from '@rotula/core';
import { api, ApiError } from './client';
import { saveHouse } from './saveHouse';

const stored = (version: number, more: Partial<House> = {}): StoredHouse => ({
  ...DEFAULT_HOUSE,
  ...more,
  version,
  unreadable: null,
});
afterEach(() => void jest.restoreAllMocks());

/** A server whose settings were changed elsewhere to `more`. */
function serverWith(more: Partial<House>) {
  let now = stored(2, more);
  jest.spyOn(api, 'saveHouse').mockImplementation(async (version, house) => {
    if (version !== now.version) throw new ApiError(409, 'changed elsewhere', now);
    now = { ...stored(version + 1), ...house, version: version + 1 };
    return now;
  });
  return () => now;
}

test('a change of another setting made elsewhere is kept beside mine', async () => {
  const now = serverWith({ paper: 'US Letter' });
  expect(await saveHouse(stored(1), { units: 'US customary' })).toBeNull();
  expect(now()).toMatchObject({ paper: 'US Letter', units: 'US customary' });
});

test('the same setting changed to something else is given back, and nothing is stored', async () => {
  const now = serverWith({ currency: 'GBP' });
  const clash = await saveHouse(stored(1), { currency: 'USD' });
  expect(clash).toMatchObject({
    fields: ['currency'],
    current: { currency: 'GBP' },
    mine: { currency: 'USD' },
  });
  expect(now().currency).toBe('GBP');
  expect(await saveHouse(clash!.current, clash!.mine)).toBeNull();
  expect(now().currency).toBe('USD');
});

test('the same change made elsewhere is no clash', async () => {
  serverWith({ currency: 'USD' });
  expect(await saveHouse(stored(1), { currency: 'USD' })).toBeNull();
});
