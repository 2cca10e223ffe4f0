/**
 * The optimiser against HiGHS, on seeded counters with correlated traits, in the same run. HiGHS gets the same question as
 * the tightest program we know to write (core/src/testing/mip.ts); reading it is timed apart from solving it.
 *   node scripts/bench/pick.mjs            both tables
 *   node scripts/bench/pick.mjs check      only the agreement on 32 counters
 */
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const core = await import(join(ROOT, 'core/dist/index.js'));
const { seededCase } = await import(join(ROOT, 'core/dist/testing/cases.js'));
const { lpOf, lpOffset } = await import(join(ROOT, 'core/dist/testing/mip.js'));
const { seededMains } = await import(join(ROOT, 'core/dist/testing/counters.js'));
const loadHighs = createRequire(import.meta.url)('highs');

const NODE_LIMIT = core.DEFAULT_NODE_LIMIT;
const HIGHS_SECONDS = Number(process.env.HIGHS_SECONDS ?? 30);
const median = (xs) => [...xs].sort((a, b) => a - b)[Math.floor((xs.length - 1) / 2)];
const ms = (x) => (x === undefined ? '' : x < 10 ? x.toFixed(1) : String(Math.round(x)));

const problemOf = ({ brief, counter, house, wishes }) => core.problemOf(brief, counter, house, wishes);
const instanceOf = (question) => core.instanceOf(core.questionOf(problemOf(question)));

function timed(fn) {
  const start = performance.now();
  const answer = fn();
  return { answer, ms: performance.now() - start };
}

/** HiGHS on an instance: milliseconds to read and to solve, its value, and whether it proved it in its time. */
async function askHighs(instance) {
  // A fresh engine each time: a program that ran out of time must not weigh on the next.
  const highs = await loadHighs();
  const text = lpOf(instance);
  let model;
  const read = timed(() => (model = highs.createModel({ format: 'lp', data: text }))).ms;
  try {
    model.options.set({ mip_rel_gap: 0, mip_abs_gap: 0, time_limit: HIGHS_SECONDS, output_flag: false });
    const solve = timed(() => model.run());
    const { modelStatus } = highs.constants;
    return {
      read,
      solve: solve.ms,
      proven: solve.answer.modelStatus === modelStatus.optimal,
      infeasible: solve.answer.modelStatus === modelStatus.infeasible,
      value: model.getObjectiveValue() + lpOffset(instance),
    };
  } finally {
    model.dispose();
  }
}

/** Agreement to 1e-6 on seeded counters, most of them bound by purse, limit, locks or a school. */
async function check() {
  let worst = 0;
  let below = 0;
  let underBound = 0;
  let agreed = 0;
  let none = 0;
  const total = 32;
  for (let seed = 1; seed <= total; seed++) {
    const question = seededCase(seed, 60 + 20 * (seed % 6), 3 + (seed % 4), 1 + (seed % 2));
    const instance = instanceOf(question);
    const ours = core.optimise(instance, { nodeLimit: NODE_LIMIT });
    const theirs = await askHighs(instance);
    if (ours.set === null) {
      none++;
      if (theirs.infeasible) agreed++;
      else console.log(`${question.name}: nothing fits for us, HiGHS differs`);
      continue;
    }
    const apart = Math.abs(ours.value - theirs.value);
    worst = Math.max(worst, apart);
    if (ours.proven && theirs.proven && apart < 1e-6) agreed++;
    else
      console.log(
        `${question.name}: ours ${ours.value} (${ours.proven}), HiGHS ${theirs.value} (${theirs.proven})`,
      );
    // The free bound: the best that a number of goods could reach if every combination of features could be had.
    const { dial } = core.measure(
      ours.set.map((i) => problemOf(question).mains[i]),
      core.settled(question.brief, question.house),
    );
    if (dial < 100 - 1e-9) underBound++;
    const free = {
      ...question,
      brief: { ...question.brief, budget: null, limits: [] },
      house: { ...question.house, cover: 'free' },
      wishes: core.NO_WISHES,
    };
    if (core.optimise(instanceOf(free), { nodeLimit: NODE_LIMIT }).value > ours.value + 1e-6) below++;
  }
  console.log(
    `\nagreement with HiGHS: ${agreed} of ${total} counters (${none} where nothing fits), farthest apart ${worst.toExponential(1)}; ` +
      `dial below the free bound in ${underBound} of ${total - none}; ` +
      `optimum below what a free hand reaches on the same counter in ${below} of ${total - none} (${Math.round((100 * below) / (total - none))} %)\n`,
  );
}

/** Time to proof by size of counter and number of cheeses, against HiGHS on the first seed of each. */
async function race() {
  const rows = {};
  for (const goods of [200, 1000, 5000])
    for (const cheeses of [3, 5, 7, 9]) {
      if (process.argv[3] && process.argv[3] !== `${goods}/${cheeses}`) continue;
      const seeds = [1, 2, 3, 4, 5, 6];
      const runs = seeds.map((seed) => {
        const instance = instanceOf(seededCase(seed, goods, cheeses));
        const { answer, ms: took } = timed(() => core.optimise(instance, { nodeLimit: NODE_LIMIT }));
        return { instance, answer, took };
      });
      const raced = [];
      for (const { instance, took, answer } of runs.slice(0, goods === 5000 ? 1 : 3)) {
        const theirs = await askHighs(instance);
        if (theirs.proven && answer.proven && answer.set && Math.abs(theirs.value - answer.value) > 1e-6)
          console.log(`${goods}/${cheeses}: HiGHS says ${theirs.value}, we ${answer.value}`);
        raced.push({ ...theirs, ratio: theirs.solve / took });
      }
      const proven = runs.filter((run) => run.answer.proven);
      const open = runs.filter((run) => !run.answer.proven && run.answer.set);
      const late = raced.some((r) => !r.proven && !r.infeasible);
      rows[`${goods} goods, ${cheeses} + 2`] = {
        'ms, median': ms(median(runs.map((run) => run.took))),
        'ms, worst': ms(Math.max(...runs.map((run) => run.took))),
        proven: `${proven.length} of ${runs.length}`,
        'gap, worst':
          open.length === 0
            ? ''
            : `${Math.max(...open.map((r) => (100 * r.answer.gap) / r.answer.value)).toFixed(2)} %`,
        'nodes, median': median(runs.map((run) => run.answer.nodes)),
        'HiGHS reads, ms': ms(median(raced.map((r) => r.read))),
        'HiGHS solves, ms': `${late ? '> ' : ''}${ms(median(raced.map((r) => r.solve)))}`,
        'times faster': `${late ? '> ' : ''}${ms(median(raced.map((r) => r.ratio)))}`,
      };
      console.log(`${goods} goods, ${cheeses} + 2`, JSON.stringify(rows[`${goods} goods, ${cheeses} + 2`]));
    }
  console.table(rows);
}

function swaps() {
  const rows = {};
  for (const goods of [250, 1000, 5000]) {
    const counter = seededMains(3, Math.round(goods * 0.8), Math.round(goods * 0.2));
    const brief = core.Brief.parse({
      servingAt: '2026-11-28T18:30',
      guests: { adults: 14 },
      kinds: { cheeses: 5, meats: 2 },
    });
    const problem = core.problemOf(brief, counter, core.DEFAULT_HOUSE, core.NO_WISHES);
    const ids = core.solve(problem, { nodeLimit: 2000 }).goodIds;
    const selection = ids.map((id) => problem.mains.find((m) => m.id === id));
    const first = timed(() => core.swapsForAll(problem, selection)).ms;
    const swapsOf = core.swapper(problem);
    const runs = Array.from({ length: 25 }, () => timed(() => swapsOf(selection)).ms).slice(5);
    rows[`swaps for all 7 places, ${goods} goods`] = {
      'ms, median': ms(median(runs)),
      'ms, worst': ms(Math.max(...runs)),
      'first time, ms': ms(first),
    };
  }
  console.table(rows);
}

function intake() {
  const counter = core.Counter.parse(seededMains(7, 16_000, 4000));
  const table = core.tableOf(counter);
  const [headings, ...body] = table;
  const read = timed(() => core.intakeOfTable(headings, body, [], 100));
  console.log(
    `20,000 goods (${body.length} rows) looked at: ${Math.round(read.ms)} ms; ${JSON.stringify(read.answer.counts)}`,
  );
}

const only = process.argv[2];
if (!only || only === 'check') await check();
if (!only || only === 'swaps') swaps();
if (!only || only === 'intake') intake();
if (!only || only === 'race') await race();
