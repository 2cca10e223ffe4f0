import { expect, test } from '@jest/globals';
import { reference } from '../testing/reference.js';
import { SAFE_TIMES } from './safeTime.js';

// Source: the reference table of times and temperatures (FDA Food Code 3-501.19, USDA FSIS, England 2013 schedule 4).
test('every rule of time says what the reference table says, by the same source', () => {
  const rows = reference('time-temperature');
  const found = (source: string) =>
    rows.find((row) => row.unit!.startsWith('minutes') && row.source === source)!;
  for (const rule of SAFE_TIMES) {
    const row = found(rule.source);
    expect([rule.id, Number(row.limit)]).toEqual([rule.id, rule.most]);
    expect(rule.fromMemory).toBe(row.status === 'memory');
    const heat = rows.find((one) => one.rule === 'one-hour advice')!;
    expect(rule.mostInHeat).toBe(Number(heat.limit));
  }
});
