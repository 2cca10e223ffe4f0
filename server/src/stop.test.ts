import { expect, test } from '@jest/globals';
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { request } from 'node:http';
import { linesOf, changeTo, HIGHEST_NODE_LIMIT } from '@rotula/core';
import { seededMains } from '../../core/src/testing/counters.js';
import { freshFolder } from './testing/shop.js';

/** The built server in a process of its own; `npm test` builds it before (types). */
function startProcess(data: string) {
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    env: { ...process.env, ROTULA_DATA: data, ROTULA_PORT: '0' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (chunk) => (said += String(chunk)));
  const address = new Promise<string>((resolve) => {
    child.stdout.on('data', (chunk) => {
      const found = /http:\/\/[\d.:]+/.exec(String(chunk));
      if (found) resolve(found[0]);
    });
  });
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return { child, address, ended, said: () => said };
}

/** A question on a connection of its own: when it has left, and the status of its answer (null: cut off). */
function ask(url: string, body: string, signal?: AbortSignal) {
  const headers = { 'Content-Type': 'application/json' };
  const asked = request(url, { method: 'POST', headers, agent: false, signal });
  const sent = new Promise<void>((resolve) => asked.on('finish', resolve));
  const status = new Promise<number | null>((resolve) => {
    asked.on('response', (answer) => resolve(answer.resume().statusCode ?? null));
    asked.on('error', () => resolve(null));
  });
  asked.end(body);
  return { sent, status };
}

// The limit of five seconds for the stop is the test's own time-out after the signal.
test('under a long pick the server answers, and a stop ends it', async () => {
  const data = freshFolder();
  const server = startProcess(data);
  const address = await server.address;
  const goods = seededMains(3, 2400, 600);
  const lines = [...linesOf(changeTo('many', goods, new Map()))].join('\n');
  const taken = await fetch(`${address}/api/counter/changes/lines`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/x-ndjson' },
    body: lines,
  });
  expect(taken.status).toBe(200);
  const brief = {
    servingAt: '2027-01-09T19:00',
    guests: { adults: 30 },
    kinds: { cheeses: 9, meats: 5 },
    budget: { amount: 90_000, per: 'total' },
  };
  const question = JSON.stringify({ brief, search: { nodeLimit: HIGHEST_NODE_LIMIT } });
  // One asker hangs up: its pick ends. Others are still waiting when the server is stopped.
  const impatient = new AbortController();
  const hungUp = ask(`${address}/api/pick`, question, impatient.signal);
  const picks = [ask(`${address}/api/pick`, question), ask(`${address}/api/pick`, question)];
  await Promise.all([hungUp, ...picks].map((each) => each.sent));
  expect((await fetch(`${address}/api/orders/quiet-board-for-two`)).status).toBe(200);
  impatient.abort();
  expect(await hungUp.status).toBe(null);
  server.child.kill('SIGTERM');
  const late = setTimeout(() => server.child.kill('SIGKILL'), 5000);
  const code = await server.ended;
  clearTimeout(late);
  expect(code).toBe(0);
  for (const pick of picks) expect(await pick.status).toBe(503);
  rmSync(data, { recursive: true, force: true });
}, 40_000);

test('what a person can do something about is one sentence, without a trace', async () => {
  const data = freshFolder();
  const first = startProcess(data);
  await first.address;
  const second = startProcess(data);
  expect(await second.ended).toBe(1);
  expect(second.said().trim()).toMatch(/^Another Rotula .*another folder\.$/);
  first.child.kill('SIGTERM');
  expect(await first.ended).toBe(0);
  rmSync(data, { recursive: true, force: true });
}, 30_000);
