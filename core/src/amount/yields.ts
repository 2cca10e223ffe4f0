import { named, packGrams, type Companion } from '../counter/index.js';

/** What of a companion is not eaten. */
export type Waste = 'peel and core' | 'stones' | 'stems' | 'ends' | 'brine' | 'own figure';

interface Yield {
  readonly waste: Waste;
  /** Grams eaten for each gram bought. */
  readonly share: number;
}

const ALREADY_STONED = ['stoned', 'pitted', 'stoneless'];
const FRUIT = ['fruit', 'dried fruit'];

/**
 * Edible share of produce as bought, by stems of its name: USDA National Nutrient Database, refuse, from memory (to a few per
 * cent). The first row that fits counts; what no row names is eaten whole.
 */
const PRODUCE: readonly {
  readonly stems: readonly string[];
  readonly roles: readonly string[];
  readonly waste: Waste;
  readonly share: number;
}[] = [
  { stems: ['pineapple', 'pomegranate'], roles: ['fruit'], waste: 'peel and core', share: 0.51 },
  { stems: ['melon'], roles: ['fruit'], waste: 'peel and core', share: 0.51 },
  {
    stems: ['tangerine', 'orange', 'clementine', 'mandarin'],
    roles: ['fruit'],
    waste: 'peel and core',
    share: 0.74,
  },
  { stems: ['persimmon'], roles: ['fruit'], waste: 'peel and core', share: 0.82 },
  { stems: ['mango'], roles: ['fruit'], waste: 'stones', share: 0.71 },
  { stems: ['pear', 'apple', 'quince'], roles: ['fruit'], waste: 'peel and core', share: 0.9 },
  {
    stems: ['cherry', 'cherries', 'date', 'plum', 'prune', 'apricot'],
    roles: FRUIT,
    waste: 'stones',
    share: 0.9,
  },
  { stems: ['grape', 'sultana'], roles: FRUIT, waste: 'stems', share: 0.96 },
  { stems: ['strawberr'], roles: ['fruit'], waste: 'stems', share: 0.94 },
  { stems: ['fennel'], roles: ['vegetable'], waste: 'ends', share: 0.72 },
  {
    stems: ['radish', 'celery', 'carrot', 'chicory', 'endive'],
    roles: ['vegetable'],
    waste: 'ends',
    share: 0.89,
  },
  { stems: ['cucumber'], roles: ['vegetable'], waste: 'ends', share: 0.97 },
];
/** Dried and vine fruit is sold without its stones but for dates and cherries in their skins. */
const DRIED_WITH_STONES = ['date', 'sultana'];

/** The stone of an olive, and the brine that leaves the tub with it. House's own figures. */
const OLIVE_FLESH = 0.8;
const OUT_OF_BRINE = 0.95;
/** A jar in brine holds about this share without its liquid, where it does not say. House's own figure. */
const DRAINED = 0.55;

const EATEN_WHOLE: Yield | null = null;

function brineYield(good: Companion): Yield {
  const pack = packGrams(good);
  const jar = good.pack.form === 'jar' || good.pack.form === 'pre-packed';
  const out = !jar
    ? OUT_OF_BRINE
    : good.drainedGrams !== null && pack
      ? Math.min(1, good.drainedGrams / pack)
      : DRAINED;
  const stone = named(good, 'olive') && !named(good, ...ALREADY_STONED) ? OLIVE_FLESH : 1;
  return { waste: stone < 1 && !jar ? 'stones' : 'brine', share: out * stone };
}

/** What of a companion is eaten, and what the rest is; null: all of it is eaten. */
export function yieldOf(good: Companion): Yield | null {
  if (good.edibleShare !== null) return { waste: 'own figure', share: good.edibleShare };
  if (good.role === 'brine') return brineYield(good);
  if (good.role === 'dried fruit' && !named(good, ...DRIED_WITH_STONES)) return EATEN_WHOLE;
  const row = PRODUCE.find(({ stems, roles }) => roles.includes(good.role) && named(good, ...stems));
  if (!row || (row.waste === 'stones' && named(good, ...ALREADY_STONED))) return EATEN_WHOLE;
  return { waste: row.waste, share: row.share };
}
