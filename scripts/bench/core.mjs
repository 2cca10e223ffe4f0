import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../lib/setup.mjs';
import { round, time } from './stats.mjs';

/** The computation alone, in Node.js. */
export async function benchCore(row) {
  const core = await import(join(ROOT, 'core/dist/index.js'));
  const read = (path) => JSON.parse(readFileSync(join(ROOT, 'demo', path), 'utf8'));
  const counter = core.CounterFile.parse(read('counter.json')).goods;
  const house = core.House.parse(read('house.json'));
  const { order } = core.OrderFile.parse(read('orders/boatyard-launch-supper.json'));
  row(
    'plan() of a 14-guest order',
    round(
      time(100, () => core.plan(order, counter, house)),
      2,
    ),
    'ms',
    16,
  );
  // Portion and cut of a large board: a part of what the whole plan has.
  const settled = core.plan(order, counter, house);
  const board = [
    ...counter.filter(({ kind }) => kind === 'cheese').slice(0, 9),
    ...counter.filter(({ kind }) => kind === 'meat').slice(0, 4),
  ];
  const beside = counter.filter(({ kind }) => kind === 'companion').slice(0, 25);
  const cutTable = core.cutTableOf(settled.brief, house);
  row(
    'portion and cut of 9 cheeses, 4 meats, 25 companions',
    round(
      time(60, () => {
        const shares = core.mainsNet(board, settled.brief, settled.targets, {});
        const cuts = core.cutsFor(board, shares, {}, cutTable, settled.brief.servingAt);
        core.portionsFor(board, beside, settled.brief, shares, cuts, {});
      }),
      2,
    ),
    'ms',
    4,
  );
  // A counter of ten thousand, prepared: each edit is another order on the same counter.
  const large = Array.from({ length: 10_000 }, (_, i) => {
    const good = counter[i % counter.length];
    return i < counter.length ? good : { ...good, id: `${good.id}-${i}`, name: `${good.name} ${i}` };
  });
  let edit = 0;
  const edits = {
    'grams by hand': () => ({ ...order, portions: { halyard: 100 + edit++ } }),
    guests: () => ({
      ...order,
      brief: { ...order.brief, guests: { ...order.brief.guests, adults: 5 + (edit++ % 90) } },
    }),
    'a good left out': () => ({
      ...order,
      selection: {
        ...order.selection,
        goods: order.selection.goods.filter((_, i) => i !== edit % order.selection.goods.length),
        leftOut: [`x${edit++}`],
      },
    }),
  };
  for (const [what, make] of Object.entries(edits))
    row(
      `plan() on 10,000 goods after an edit of ${what}`,
      round(
        time(60, () => core.plan(make(), large, house)),
        2,
      ),
      'ms',
      16,
    );
  const free = { locked: [], leftOut: [] };
  const options = { nodeLimit: core.DEFAULT_NODE_LIMIT };
  const ask = (brief) => time(20, () => core.pick(brief, counter, house, free, options));
  row(
    `pick 5 + 2 of ${counter.length} goods, to proof`,
    round(ask({ ...order.brief, budget: null }), 2),
    'ms',
  );
  row('the same under a budget', round(ask(order.brief), 2), 'ms');
}
