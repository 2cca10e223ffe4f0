/**
 * The server is killed at any moment while several clients save orders, change the counter and make copies: whatever was
 * acknowledged must be there afterwards, and every copy whole. Prints a table, judges by its exit code: npm run bench:kills
 * (`-- 50`: the number of kills).
 */
import { readdirSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../lib/server.mjs';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const { createClient } = createRequire(join(ROOT, 'server/'))('@libsql/client');
const { chance } = await import(join(ROOT, 'core/dist/units/chance.js'));

const KILLS = Number(process.argv[2] ?? 500);
const CLIENTS = ['ash', 'birch', 'cedar', 'dogwood'];
const data = mkdtempSync(join(tmpdir(), 'rotula-kills-'));
const random = chance(31);
/** What each client was told is stored: the last title that was acknowledged, and the one after it, which may be. */
const told = new Map();
const counts = { kills: 0, acknowledged: 0, lost: 0, 'did not start': 0, 'copies damaged': 0 };

const send = async (address, method, path, body) => {
  const answer = await fetch(address + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: body && JSON.stringify(body),
  });
  return { status: answer.status, body: await answer.json() };
};

async function saves(address, id, isOver) {
  const path = `/api/orders/${id}`;
  const brief = { servingAt: '2031-01-09T19:00', guests: { adults: 6 } };
  let now = await send(address, 'GET', path);
  if (now.status === 404) now = await send(address, 'POST', '/api/orders', { id, title: `${id} 0`, brief });
  let { version, id: _i, updatedAt: _u, ...body } = now.body;
  while (!isOver()) {
    const title = `${id} ${version + 1}`;
    told.set(id, { ...told.get(id), asked: title });
    const saved = await send(address, 'PUT', path, { version, order: { ...body, title } });
    if (saved.status !== 200) return;
    version = saved.body.version;
    told.set(id, { title, asked: title });
    counts.acknowledged++;
  }
}

for (let i = 0; i < KILLS; i++) {
  const server = await startServer({ data }).catch(() => null);
  if (!server) {
    counts['did not start']++;
    break;
  }
  for (const id of told.keys()) {
    const { body } = await send(server.address, 'GET', `/api/orders/${id}`);
    const { title, asked } = told.get(id);
    // What was on its way when it was killed may be there or not; what was acknowledged must be.
    if (title !== undefined && body.title !== title && body.title !== asked) counts.lost++;
    // What is read is there, though nobody had acknowledged it: from here on it must stay.
    told.set(id, { title: body.title, asked: body.title });
  }
  let over = false;
  const work = CLIENTS.map((id) => saves(server.address, id, () => over).catch(() => undefined));
  if (i % 5 === 0) void send(server.address, 'POST', '/api/copies').catch(() => undefined);
  await new Promise((resolve) => setTimeout(resolve, random() * 600));
  await server.kill();
  over = true;
  counts.kills++;
  await Promise.all(work);
}

const copies = join(data, 'copies');
for (const name of existsSync(copies) ? readdirSync(copies).filter((n) => n.startsWith('rotula-')) : []) {
  const client = createClient({ url: `file:${join(copies, name)}` });
  const { rows } = await client.execute('PRAGMA integrity_check');
  client.close();
  if (rows.length !== 1 || rows[0][0] !== 'ok') counts['copies damaged']++;
}
console.table([counts]);
rmSync(data, { recursive: true, force: true });
process.exit(counts.lost + counts['did not start'] + counts['copies damaged'] === 0 ? 0 : 1);
