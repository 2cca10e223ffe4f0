import { expect, test } from '@jest/globals';
import * as highsModule from 'highs';
import { ALIKE_COST, assignLooks, type Option } from './assign.js';

interface Highs {
  solve(program: string, options: Record<string, unknown>): { Status: string; ObjectiveValue: number };
}
/** The package is a CommonJS function; how an import sees it depends on who transforms it. */
const loadHighs = ((highsModule as { default?: unknown }).default ?? highsModule) as () => Promise<Highs>;

const LOOKS = ['wedge', 'triangle', 'cube', 'slice', 'baton', 'chunk', 'coin'];
/** Twelve cheeses with two to five cuts each, seeded. */
function table(seed: number): Option[][] {
  let state = seed;
  const chance = () => (state = (state * 16807) % 2147483647) / 2147483647;
  return Array.from({ length: 12 }, (_, good) =>
    Array.from({ length: 2 + Math.floor(chance() * 4) }, (_, i) => ({
      id: `${good}-${i}`,
      look: LOOKS[Math.floor(chance() * LOOKS.length)]!,
      suits: Math.round(chance() * 30) / 10,
    })),
  );
}

/** The same as a program: one option each; a look that is used n times costs n - 1 times what being alike does. */
function lpOf(options: readonly (readonly Option[])[]): string {
  const terms: string[] = [];
  const rows: string[] = [];
  const binary: string[] = [];
  options.forEach((all, g) => {
    rows.push(` one${g}: ${all.map((_, i) => `x${g}_${i}`).join(' + ')} = 1`);
    all.forEach(({ suits }, i) => {
      terms.push(`+ ${suits} x${g}_${i}`);
      binary.push(`x${g}_${i}`);
    });
  });
  for (const [l, look] of LOOKS.entries()) {
    const of = options.flatMap((all, g) => all.flatMap((o, i) => (o.look === look ? [`x${g}_${i}`] : [])));
    if (of.length === 0) continue;
    terms.push(`- ${ALIKE_COST} a${l}`);
    rows.push(` alike${l}: ${of.join(' + ')} - a${l} <= 1`);
  }
  return [
    'Maximize',
    ` obj: ${terms.join(' ')}`,
    'Subject To',
    ...rows,
    'Binary',
    ` ${binary.join(' ')}`,
    'End',
  ].join('\n');
}

// Source: HiGHS 1.15 (npm highs), a general-purpose exact solver, on the same question as a program.
test('twelve cheeses: the assignment is worth what an independent exact solver finds', async () => {
  const highs = await loadHighs();
  for (let seed = 1; seed <= 20; seed++) {
    const options = table(seed * 977);
    const chosen = assignLooks(options);
    const worth = chosen.reduce(
      (sum, o, i) => sum + o.suits - (chosen.slice(0, i).some((p) => p.look === o.look) ? ALIKE_COST : 0),
      0,
    );
    const theirs = highs.solve(lpOf(options), { mip_rel_gap: 0, mip_abs_gap: 0 });
    expect(theirs.Status).toBe('Optimal');
    expect(worth).toBeCloseTo(theirs.ObjectiveValue, 6);
  }
});
