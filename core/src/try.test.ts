import { readFileSync } from 'node:fs';
import * as R from './index';
const counter = R.CounterFile.parse(JSON.parse(readFileSync('demo/counter.json', 'utf8'))).goods;
test('try', () => {
  const brief = R.Brief.parse({ servingAt: '2026-11-28T18:30', guests: { adults: 12, children: 2 }, limits: [R.newLimit('allergen:milk')], budget: { amount: 30000, per: 'total' } });
  const house = R.DEFAULT_HOUSE;
  for (const b of [{ ...brief, budget: null }, brief, {...brief, limits: [R.newLimit('diet:vegetarian')]}, {...brief, adventurous: 1}]) {
    const t0 = performance.now();
    const p = R.pick(R.Brief.parse(b), counter, house, { locked: [], leftOut: [] }, { nodeLimit: 400000 });
    console.log(performance.now() - t0, p.goodIds, p.nodes, p.proven, p.balance?.dial, p.balance?.value, p.balance?.sameness, p.balance?.rise, p.hitches);
    if (!p.goodIds) continue;
    const order = R.OrderBody.parse({ title: 'x', brief: b, selection: { goods: p.goodIds } });
    const t1 = performance.now();
    const plan = R.plan(order, counter, house);
    const t2 = performance.now();
    console.log(t2 - t1, plan.walk.steps.map((s) => s.main.name), plan.cuts.map((c) => `${c.goodId}: ${c.label} ${c.pieces} x ${c.pieceGrams.toFixed(1)} ${c.longestMm}`), plan.portions.mains.map(m => `${m.good.id} ${m.net} ${m.gross} ${m.bought} ${m.cost}`), plan.portions.companions.map(m => `${m.good.id} ${m.net} ${m.cost}`), plan.portions.cost, plan.advice,
     [...plan.pairs.byGood].map(([g, ps]) => g + ': ' + ps.map((s) => s.match?.beside.id + ' ' + s.match?.score.toFixed(1) + ' ' + s.why?.says).join(' | ')));
  }
});
