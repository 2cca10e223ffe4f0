import { pageSizes } from '../lib/sizes.mjs';

/** Tells `row` the JavaScript of each page. */
export function benchSizes(row) {
  const { list, first, pages, planner } = pageSizes();
  row('JavaScript of the Book’s list, gzipped', list, 'kB', 160);
  row('JavaScript of first screen (Book), with its preview, gzipped', first, 'kB', 160);
  for (const [name, more] of Object.entries(pages))
    row(`JavaScript of ${name} beyond the first screen, gzipped`, more, 'kB', 120);
  row('and what plans, which comes once a stage (Walk) is drawn, gzipped', planner, 'kB');
}
