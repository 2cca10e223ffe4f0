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
  benchClock(core, settled, row);
  await benchPairs(core, counter, settled.brief, house, row);
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

/** Pairing: 300 companions and drinks for nine goods, first and after; the set with its curve. */
async function benchPairs(core, counter, brief, house, row) {
  const mains = counter.filter(({ kind }) => kind === 'cheese').slice(0, 9);
  const shelf = counter.filter(({ kind }) => kind === 'companion' || kind === 'drink');
  // Copies are goods that were never asked for: nothing of them is remembered.
  const anew = (many) =>
    Array.from({ length: many }, (_, i) => ({
      ...shelf[i % shelf.length],
      id: `${shelf[i % shelf.length].id}-${i}`,
    }));
  let fresh = Array.from({ length: 40 }, () => anew(300));
  let hosts = Array.from({ length: 40 }, () => mains.map((main) => ({ ...main })));
  row(
    '300 companions and drinks for 9 goods, with reasons, the first time',
    round(
      time(20, () => {
        const [candidates, goods] = [fresh.pop(), hosts.pop()];
        for (const main of goods) core.rankBeside(main, candidates);
      }),
      2,
    ),
    'ms',
    15,
  );
  const known = anew(300);
  for (const main of mains) core.scoresBeside(main, known);
  row(
    'their scores after that',
    round(
      time(60, () => {
        for (const main of mains) core.scoresBeside(main, known);
      }),
      3,
    ),
    'ms',
    4,
  );
  const party = { ...brief, limits: [], guests: { adults: 24, children: 0, under5: 0, infants: 0 } };
  const setOf = (goods, on) =>
    core.pairsFor({
      mains: goods,
      counter: on,
      brief: party,
      choices: {},
      house,
      kinds: null,
      may: null,
    });
  const sets = (on) => {
    const boards = Array.from({ length: 40 }, () => mains.map((main) => ({ ...main })));
    return time(20, () => setOf(boards.pop(), on));
  };
  row('the set for 9 goods and 24 guests, exact, with its curve', round(sets(counter), 1), 'ms', 200);
  const wide = [...counter.filter(({ kind }) => kind !== 'companion' && kind !== 'drink'), ...anew(300)];
  row('the same out of 300 companions and drinks', round(sets(wide), 1), 'ms', 1000);
  const { choice } = setOf(
    mains.map((main) => ({ ...main })),
    wide,
  );
  row(
    'sets looked at there, and what may be missed (points)',
    `${choice.nodes}, ${round(choice.gap, 2)}`,
    '',
  );
}

/** Warming of a dozen goods, and the work of a long day. */
function benchClock(core, settled, row) {
  const { question } = settled.timing;
  const requests = settled.timing.outings.slice(0, 12).map(({ request }) => request);
  row(
    'warming of 12 goods, exact',
    round(
      time(10, () => requests.forEach((request) => core.warm(request, core.EXACTLY.reckon))),
      1,
    ),
    'ms',
    300,
  );
  row(
    'when everything happens, the quick answer within plan()',
    round(
      time(60, () => core.timingOf(question)),
      2,
    ),
    'ms',
    1,
  );
  // Sixty pieces of work: those of the day, and copies of what is washed and filled.
  const jobs = settled.timing.tasks.map(({ job }) => job);
  const more = jobs.filter(({ id }) => id.startsWith('beside:') || id.startsWith('cut:'));
  const long = [
    ...jobs,
    ...Array.from({ length: Math.max(0, 60 - jobs.length) }, (_, i) => {
      const job = more[i % more.length];
      return { ...job, id: `${job.id}-${i}`, after: [] };
    }),
  ];
  const longDay = {
    jobs: long,
    room: { hands: 3, benches: 3, cars: 1, ovens: 1, trays: 2, heats: 15 },
    mostBefore: null,
    nodes: 3000,
    seed: 1,
  };
  row(
    `schedule of ${long.length} tasks`,
    round(
      time(5, () => core.EXACTLY.day(longDay)),
      1,
    ),
    'ms',
    200,
  );
}
