import { afterEach, expect, test } from '@jest/globals';
import { resolve } from 'node:path';
import { TooMuch } from '../http/tooMuch.js';
import { Pool, type Bounds } from './pool.js';

const pools: Pool[] = [];
afterEach(async () => {
  for (const pool of pools.splice(0)) await pool.stop();
});
const poolOf = (bounds: Partial<Bounds> = {}) => {
  const pool = new Pool(resolve('server/src/testing/odd.worker.mjs'), 'nowhere', {
    threads: 1,
    mostWaiting: 1,
    mostSeconds: 60,
    mostMegabytes: 64,
    stays: false,
    ...bounds,
  });
  pools.push(pool);
  return (does: string, hungUp = new AbortController().signal) => pool.run('plan', { does } as never, hungUp);
};

test('when the queue is full the next is told when to come back', async () => {
  const ask = poolOf();
  const gone = new AbortController();
  const [first, second] = [ask('waits', gone.signal), ask('waits', gone.signal)];
  const refused = await ask('answers').catch((fault: unknown) => fault);
  expect(refused).toBeInstanceOf(TooMuch);
  expect((refused as TooMuch).getStatus()).toBe(429);
  expect((refused as TooMuch).retryAfterSeconds).toBeGreaterThanOrEqual(1);
  gone.abort();
  await expect(first).rejects.toMatchObject({ status: 503 });
  await expect(second).rejects.toMatchObject({ status: 503 });
  // Whoever hung up holds no place.
  expect(await ask('answers')).toBe('answered');
});

test('what takes too long ends with 503 and no answer; the next is answered', async () => {
  const ask = poolOf({ mostSeconds: 0.3 });
  await expect(ask('waits')).rejects.toMatchObject({
    status: 503,
    message: expect.stringContaining('no shorter answer'),
  });
  const patient = poolOf();
  expect(await patient('answers')).toBe('answered');
});

test('what needs too much memory is ended alone', async () => {
  const ask = poolOf();
  await expect(ask('grows')).rejects.toMatchObject({
    status: 503,
    message: expect.stringContaining('memory'),
  });
  expect(await ask('answers')).toBe('answered');
});
