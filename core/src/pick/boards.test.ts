import { expect, test } from '@jest/globals';
import { DEFAULT_HOUSE, settled } from '../brief/index.js';
import type { Cheese, Texture } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese } from '../testing/goods.js';
import { reference } from '../testing/reference.js';
import { measure } from '../balance/measure.js';

/** What a family usually is like, where a board of the reference says only family, milk, age and strength. */
const USUAL: Record<Texture, { rind: string; paste: string; funk: number }> = {
  fresh: { rind: 'none', paste: 'wet', funk: 1 },
  soft: { rind: 'none', paste: 'creamy', funk: 2 },
  bloomy: { rind: 'bloomy', paste: 'creamy', funk: 3 },
  washed: { rind: 'washed', paste: 'creamy', funk: 6.5 },
  'semi-soft': { rind: 'natural', paste: 'supple', funk: 2 },
  firm: { rind: 'natural', paste: 'supple', funk: 2 },
  hard: { rind: 'natural', paste: 'brittle', funk: 2.5 },
  'very hard': { rind: 'natural', paste: 'brittle', funk: 2.5 },
  blue: { rind: 'natural', paste: 'crumbly', funk: 6 },
};

/** "very hard cow 760 7.5": family, milk, age in days, strength. */
function cheeseOf(text: string, i: number): Cheese {
  const [strength, age, milk, ...family] = text.trim().split(' ').reverse();
  const texture = family.reverse().join(' ') as Texture;
  const { rind, paste, funk } = USUAL[texture];
  return aCheese(
    `c${i}`,
    {
      texture,
      milk: [{ animal: milk, share: 1 }],
      ageDays: Number(age),
      rind: { kind: rind, mm: 1, verdict: 'eaten' },
      paste,
      look: { veins: texture === 'blue' ? 2 : 0 },
    },
    { intensity: Number(strength), funk },
  );
}

// Source: common practice; boards-unseen.csv was written before the measure was asked of any row of it.
test.each(
  ['boards', 'boards-unseen'].flatMap((table) =>
    reference(table).map((row) => [row.id!, row.because!, row] as const),
  ),
)('%s: %s', (_id, _because, row) => {
  const brief = settled(
    aBrief({ guests: { adults: Number(row.heads) }, adventurous: Number(row.adventurous) }),
    DEFAULT_HOUSE,
  );
  const valueOf = (board: string) => measure(board.split(';').map(cheeseOf), brief).value;
  expect(valueOf(row.better!)).toBeGreaterThan(valueOf(row.worse!));
});
