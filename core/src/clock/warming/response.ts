import { changes, type Body } from './body.js';
import { gridOf } from './grid.js';
import type { Fineness } from './mesh.js';
import type { Paste } from './paste.js';
import { product } from './quick.js';
import { seriesOf, type Response } from './series.js';

/** The excess of a body at any minute until `until`: by series where its films stay, else step by step. */
export const responseOf = (body: Body, paste: Paste, until: number, fine?: Fineness): Response =>
  product(
    body.ways.map((way) => (changes(way) ? null : seriesOf(way, paste)) ?? gridOf(way, paste, until, fine)),
  );
