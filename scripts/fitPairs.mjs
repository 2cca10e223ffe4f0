/**
 * npm run fit:pairs [-- --write]: the weights of the pairing's rules, fitted to pairs.csv from the priors of core/src/pair/rules, with a seed;
 * and how well rows hold that were not shown, left out by style and by companion. --write puts the result into core/src/pair/weights.ts.
 */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fitted, prepared } from './lib/pairFit.mjs';
import { perturbedCounter, popularity } from './lib/pairJudge.mjs';
import { ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const dist = (path) => import(join(ROOT, 'core/dist', path));
const { RULES } = await dist('pair/rules/index.js');
const { hostFacts, companyFacts } = await dist('pair/facts.js');
const { pairRows, rowHolds } = await dist('testing/pairRows.js');
const { demoCounter } = await dist('testing/goods.js');
process.chdir(ROOT);

const option = (name, usual) =>
  Number(process.argv.find((a) => a.startsWith(`--${name}=`))?.split('=')[1] ?? usual);
const SEED = option('seed', 7);
const MOVED = option('moved', 2);
const DRAWN = option('drawn', 0.2);
const KINDS = Object.keys(RULES);
const priors = Object.fromEntries(
  KINDS.map((kind) => [kind, Float64Array.from(RULES[kind], (r) => r.prior)]),
);
const facts = (host, beside) => [hostFacts(host), companyFacts(beside)];
const counter = demoCounter();
const rows = pairRows(counter);
const counters = [
  counter,
  ...Array.from({ length: MOVED }, (_, i) => perturbedCounter(counter, 1000 * SEED + i)),
];
// For each row its prepared copies, one a counter.
const ready = counters.map((c) => pairRows(c).map((row) => prepared(row, (kind) => RULES[kind], facts)));
const copies = rows.map((_, i) => ready.map((all) => all[i]));
const kindOf = (i) => ready[0][i].kind;

// Every shelf before all cheeses and meats: what is first there should not be the same thing everywhere.
const SHELF_OF = {
  preserve: 'preserve',
  mustard: 'savoury',
  chutney: 'savoury',
  'savoury spread': 'savoury',
  cracker: 'bread',
  dip: 'dip',
  oil: 'dip',
};
const shelfOf = (good) =>
  good.kind === 'drink'
    ? good.abv <= 0.5
      ? 'no-alcohol'
      : ['beer', 'cider'].includes(good.type)
        ? 'other drink'
        : 'wine'
    : good.kind === 'companion'
      ? (SHELF_OF[good.role] ?? good.role)
      : good.kind === 'meat'
        ? 'meat'
        : null;
const isFree = ({ role, style }) =>
  ((role === 'bread' || role === 'cracker') && !/fruit|seed|rosemary|walnut/.test(style)) ||
  (role === 'fruit' && /grape|apple|pear|fig/.test(style) && !/pine|roast/.test(style));
const mains = counter.filter(({ kind }) => kind === 'cheese' || kind === 'meat');
const shelves = Object.fromEntries(
  KINDS.map((kind) => {
    const goods = counter.filter((good) => good.kind === kind && !['garnish'].includes(good.role));
    const hosts = kind === 'meat' ? mains.filter((main) => main.kind === 'cheese') : mains;
    return [
      kind,
      [...new Set(goods.map(shelfOf))]
        .map((name) => {
          const all = goods.filter((good) => shelfOf(good) === name);
          const tables = hosts.map((host) =>
            all.map((beside) => {
              const [h, b] = facts(host, beside);
              return Float64Array.from(RULES[kind], (rule) => rule.sign * rule.of(h, b));
            }),
          );
          return { tables, most: all.length >= 10 ? 0.2 : 2 / all.length, free: all.map(isFree) };
        })
        .filter(({ tables }) => tables[0].length > 3),
    ];
  }),
);

const fitOn = (kind, use) =>
  fitted(
    rows.flatMap((_, i) => (kindOf(i) === kind && use(i) ? copies[i] : [])),
    priors[kind],
    { drawn: DRAWN, fixed: RULES[kind].map((rule) => rule.fixed ?? false), shelves: shelves[kind] },
  );
const scoring =
  (kind, weights, read = facts) =>
  (host, beside) => {
    const [h, b] = read(host, beside);
    return RULES[kind].reduce((sum, rule, k) => sum + rule.sign * weights[k] * rule.of(h, b), 0);
  };
const share = (n) => `${n} of ${rows.length} (${Math.round((100 * n) / rows.length)} %)`;

const weights = Object.fromEntries(KINDS.map((kind) => [kind, fitOn(kind, () => true)]));
const heldByPrior = rows.filter((row, i) => rowHolds(row, scoring(kindOf(i), priors[kindOf(i)])));
const held = rows.map((row, i) => rowHolds(row, scoring(kindOf(i), weights[kindOf(i)])));

/** The facts of two goods of which no custom is known: what the model says by itself of what it never saw. */
const untold = (host, beside) => {
  const [h, b] = facts(host, beside);
  return [{ ...h, customs: new Map() }, b];
};

/** Rows held by weights that were fitted without all rows of the same value. */
function leftOut(by, read = facts) {
  let n = 0;
  const missed = [];
  for (const value of new Set(rows.map(by)))
    for (const kind of KINDS) {
      const out = rows.map((row, i) => by(row) === value && kindOf(i) === kind);
      if (!out.includes(true)) continue;
      const w = fitOn(kind, (i) => !out[i]);
      rows.forEach((row, i) => {
        if (!out[i]) return;
        if (rowHolds(row, scoring(kind, w, read))) n++;
        else missed.push(`${row.style} | ${row.companion} | ${row.expected}`);
      });
    }
  return { n, missed };
}

/** For each rule: how many rows' companions move by a tenth of their kind when it is away and the rest is fitted anew. */
function earned(kind) {
  const places = (w) =>
    rows.flatMap((row, i) => {
      if (kindOf(i) !== kind) return [];
      const score = scoring(kind, w);
      return [
        row.goods.map((host) => {
          const all = row.candidates.map((b) => score(host, b));
          return row.besides.map((b) => all.filter((s) => s > score(host, b)).length / all.length);
        }),
      ];
    });
  const before = places(weights[kind]);
  return RULES[kind].map((rule, gone) => {
    const use = priors[kind].map((x, k) => (k === gone ? 0 : x));
    const w = fitted(
      rows.flatMap((_, i) => (kindOf(i) === kind ? copies[i] : [])),
      use,
      { drawn: DRAWN, fixed: RULES[kind].map((r) => r.fixed ?? false), shelves: shelves[kind] },
    );
    const after = places(w);
    const moved = before.filter((row, r) =>
      row.some((host, h) => host.some((x, c) => Math.abs(x - after[r][h][c]) >= 0.1)),
    ).length;
    return [rule.id, moved];
  });
}
if (process.argv.includes('--earn')) {
  for (const kind of KINDS)
    console.log(
      kind,
      earned(kind)
        .sort((a, b) => a[1] - b[1])
        .map(([id, n]) => `${id} ${n}`)
        .join('; '),
    );
  process.exit(0);
}

const figures = { 'by the priors': share(heldByPrior.length), fitted: share(held.filter(Boolean).length) };
if (!process.argv.includes('--quick')) {
  const style = leftOut((row) => row.style);
  figures['left out by style'] = share(style.n);
  figures['left out by companion'] = share(leftOut((row) => row.companion).n);
  figures['left out by style, and no custom named it'] = share(leftOut((row) => row.style, untold).n);
  if (process.argv.includes('--fails')) console.log(style.missed.join('\n'));
}
figures['by mere popularity, left out by style'] = share(
  rows.filter((row) => rowHolds(row, popularity(rows, row))).length,
);
const always = rows.map(() => true);
for (let seed = 1; seed <= 20; seed++)
  pairRows(perturbedCounter(counter, seed)).forEach((row, i) => {
    always[i] &&= rowHolds(row, scoring(kindOf(i), weights[kindOf(i)]));
  });
figures['in all of 20 seeded perturbations by up to 1'] = share(always.filter(Boolean).length);
console.table(figures);
if (process.argv.includes('--fails'))
  rows.forEach((row, i) => {
    if (held[i]) return;
    const score = scoring(kindOf(i), weights[kindOf(i)]);
    const at = row.goods.map((host) => {
      const scores = row.candidates.map((b) => score(host, b));
      return `${host.id} ${row.besides.map((b) => 1 + scores.filter((s) => s > score(host, b)).length).join('/')}`;
    });
    console.log(
      `${row.style} | ${row.kind}: ${row.companion} | ${row.expected} of ${row.candidates.length} | ${at.join(', ')}`,
    );
    if (process.argv.includes('--why')) {
      const host = row.goods[0];
      const kind = kindOf(i);
      const list = row.candidates.map((b) => [score(host, b), b]).sort((a, b) => b[0] - a[0]);
      const say = (b) => {
        const [h, f] = facts(host, b);
        return RULES[kind]
          .map((r, k) => [r.sign * weights[kind][k] * r.of(h, f), r.id])
          .filter(([e]) => Math.abs(e) > 0.15)
          .sort((a, b) => Math.abs(b[0]) - Math.abs(a[0]))
          .slice(0, 7)
          .map(([e, id]) => `${id} ${e.toFixed(1)}`)
          .join(', ');
      };
      console.log(
        '   order: ' +
          list
            .slice(0, 16)
            .map(([s, b]) => `${b.id} ${s.toFixed(1)}`)
            .join(', '),
      );
      for (const [s, b] of list.slice(0, 2)) console.log(`   + ${b.id} ${s.toFixed(1)}: ${say(b)}`);
      for (const b of row.besides) console.log(`   = ${b.id} ${score(host, b).toFixed(1)}: ${say(b)}`);
    }
  });
if (process.argv.includes('--weights'))
  for (const kind of KINDS)
    console.log(
      kind,
      RULES[kind].map((r, k) => `${r.id} ${r.prior}->${weights[kind][k].toFixed(2)}`).join('; '),
    );
if (process.argv.includes('--write')) {
  const round = (x) => Math.round(x * 1000) / 1000;
  const body = KINDS.map(
    (kind) =>
      `  ${kind}: {\n${RULES[kind].map((r, k) => `    ${/^\w+$/.test(r.id) ? r.id : `'${r.id}'`}: ${round(weights[kind][k])},\n`).join('')}  },\n`,
  ).join('');
  const told = Object.entries(figures)
    .map(([what, n]) => ` * - ${what}: ${n}\n`)
    .join('');
  writeFileSync(
    join(ROOT, 'core/src/pair/weights.ts'),
    `import type { CompanyKind } from './rules/index.js';\n\n/**\n * The weights of the rules, in points. Written by npm run fit:pairs -- --write, seed ${SEED}, ${new Date().toISOString().slice(0, 10)}; rows of pairs.csv that hold:\n${told} */\nexport const WEIGHTS: Readonly<Record<CompanyKind, Readonly<Record<string, number>>>> = {\n${body}};\n`,
  );
}
