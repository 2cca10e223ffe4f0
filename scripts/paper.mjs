import { startServer } from './lib/server.mjs';
import { ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

/**
 * A paper of an order as plain text, without a browser: npm run paper -- ORDER [PAPER ...] [--at http://127.0.0.1:4310].
 * Without a paper it says which there are. Without --at it opens the data folder itself, so no other Rotula may be running on it.
 */
const words = process.argv.slice(2);
const at = words.includes('--at') ? words.splice(words.indexOf('--at'), 2)[1] : null;
const [order, ...papers] = words;

async function get(address, path) {
  const answer = await fetch(`${address}/api/orders${path}`);
  if (answer.ok) return answer;
  const { message } = await answer.json();
  throw new Error(message);
}

async function show(address) {
  if (!order) {
    const { orders } = await (await get(address, '')).json();
    console.log(`Name an order: npm run paper -- ORDER [PAPER ...]\n`);
    for (const { id, title } of orders) console.log(`${id}  ${title}`);
    return;
  }
  if (papers.length === 0) {
    const { papers: all } = await (await get(address, `/${order}/papers`)).json();
    for (const { id, for: whom } of all)
      console.log(`${id}  for ${whom === 'shop' ? 'the shop' : `the ${whom}`}`);
  }
  for (const paper of papers)
    console.log(await (await get(address, `/${order}/papers/${paper}?as=text`)).text());
}

await ensureInstalled();
await ensureBuilt();
const own = at ? null : await startServer({ data: process.env.ROTULA_DATA ?? `${ROOT}.data` });
try {
  await show(at ?? own.address);
} catch (fault) {
  console.error(fault.message);
  process.exitCode = 1;
} finally {
  await own?.close();
}
