import { expect, test } from '@jest/globals';
import type { Good, Main } from '../counter/index.js';
import { demoCounter } from '../testing/goods.js';
import { matchOf, rankBeside } from './rank.js';
import { inSlot, SLOTS, type Beside } from './slots.js';

/**
 * Classic matches and clashes. Source: common practice, no source: 28 of the rows of testing/reference/pairs.csv, with
 * goods of the demo standing for the styles. The rules' weights were tuned until these held, so this guards the model
 * against drifting; it is no independent proof of it. A match has a positive score and belongs to the better half of its kind; a clash is negative.
 */
const CLASSICS = `
bloomy|halyard|autumn-berries|good
bloomy|halyard|fig-preserve|good
bloomy|halyard|spray-brut|good
triple cream|pilots-ease|spray-brut|good
herbed soft / fresh goat|wren-curd|cucumber|good
fresh goat|wren-curd|dried-apricot|good
fresh goat|wren-curd|estuary-white|good
fresh goat|wren-curd|orchard-blossom-honey|good
cheddar style, aged|tarpot|coarse-mustard|good
cheddar style, aged|tarpot|onion-chutney|good
cheddar style, aged|tarpot|apple|good
aged gouda style|capstan|fig-preserve|good
aged gouda style|capstan|toasted-pecans|good
large-eyed sweet and nutty|lantern|walnuts|good
firm sheep|gullstone|quince-block|good
firm sheep|gullstone|onion-chutney|good
grana|grainstore|walnuts|good
washed|cinder-ewe|tangerine|good
washed|cinder-ewe|orchard-blossom-honey|good
blue|slate-quay|moorland-heather-honey|good
blue|slate-quay|pear|good
blue|slate-quay|old-hold|good
mortadella style|harbour-mortadella|coarse-mustard|good
coarse salami|fennel-coil|gherkins|good
bloomy|halyard|spiced-red|clash
young and delicate|meadow-pearls|rosemary-crackers|clash
young and delicate|meadow-pearls|coarse-mustard|clash
hot salami|ember-stick|strong-red|clash
`
  .trim()
  .split('\n')
  .map((line) => line.split('|') as [string, string, string, string]);

const counter = demoCounter();
const good = (id: string): Good => counter.find((g) => g.id === id)!;

/** The slot; among sweet things fresh fruit apart from what is kept, as the trade names them apart. */
function kindOf(good: Good): string | null {
  const slot = SLOTS.find((s) => inSlot(good, s));
  if (slot !== 'sweet') return slot ?? null;
  return good.kind === 'companion' && good.role === 'fruit' ? 'fresh fruit' : 'kept sweets';
}

test.each(CLASSICS)('%s: %s with %s is %s', (_style, mainId, besideId, expected) => {
  const main = good(mainId) as Main;
  const beside = good(besideId) as Beside;
  const candidates = counter.filter((g): g is Beside => kindOf(g) !== null && kindOf(g) === kindOf(beside));
  const { score } = matchOf(main, beside);
  const place = rankBeside(main, candidates).findIndex((m) => m.beside.id === besideId);
  if (expected === 'clash') expect(score).toBeLessThan(0);
  else {
    expect(score).toBeGreaterThan(0);
    expect(place).toBeLessThan(Math.ceil(candidates.length / 2));
  }
});
