import { expect, test } from '@jest/globals';
import { pageSizes } from '../../scripts/lib/sizes.mjs';

// The aims of design.md: what a page cannot do without, gzipped, by the manifest of the build.
test('the first screen needs under 160 kB of scripts, and each page under 120 kB beyond it', () => {
  const { list, first, pages, planner } = pageSizes();
  expect(first).toBeLessThan(160);
  expect(list).toBeLessThan(first);
  expect(Object.keys(pages).length).toBeGreaterThan(12);
  for (const [page, kilobytes] of Object.entries(pages)) {
    expect([page, kilobytes > 0]).toEqual([page, true]);
    expect([page, kilobytes < 120]).toEqual([page, true]);
  }
  // What plans an order is not among them: it comes once a page is drawn.
  expect(planner).toBeGreaterThan(50);
});
