/** What may decorate a board, by name; what is not on the list is refused. Source: common practice, no source. */

/** Herbs, seeds, zest and petals that are eaten. */
const GARNISH_STEMS = [
  'rosemary',
  'thyme',
  'sage',
  'mint',
  'basil',
  'dill',
  'parsley',
  'oregano',
  'marjoram',
  'tarragon',
  'chive',
  'pomegranate seed',
  'pomegranate',
  'sesame',
  'fennel seed',
  'pumpkin seed',
  'zest',
  'nasturtium',
  'viola',
  'pansy',
  'borage',
  'calendula',
  'marigold petal',
  'cornflower',
  'chive blossom',
] as const;
export type GarnishStem = (typeof GARNISH_STEMS)[number];

/** Among the poisonous: a warning with its name, never the rule; what is not on the list is refused all the same. */
const POISONOUS = [
  'holly',
  'mistletoe',
  'yew',
  'ivy',
  'laurel',
  'rhododendron',
  'lily',
  'lilies',
  'daffodil',
  'hellebore',
  'oleander',
  'foxglove',
  'hydrangea',
  'wisteria',
];

const holds = (text: string, stem: string): boolean => new RegExp(`\\b${stem}`, 'i').test(text);

/** May what is called so decorate a board: its kind, or why not. The longest name that fits is meant: chive blossoms are no chives. */
export function garnishStem(
  text: string,
): { stem: GarnishStem } | { refused: 'poisonous' | 'not on the list' } {
  if (POISONOUS.some((stem) => holds(text, stem))) return { refused: 'poisonous' };
  const [stem] = GARNISH_STEMS.filter((one) => holds(text, one)).sort((a, b) => b.length - a.length);
  return stem ? { stem } : { refused: 'not on the list' };
}

const WHY = {
  poisonous: 'is among the poisonous plants, and no garnish is made of it',
  'not on the list':
    'is not on the list of garnishes: only what is known by species and comes from a food supplier decorates a board',
};

/** The reason why a good is refused as a garnish, as a sentence; null: it is allowed, or it is no garnish. */
export function garnishTrouble(good: {
  readonly kind: string;
  readonly role?: string;
  readonly name: string;
  readonly style: string;
}): string | null {
  if (good.kind !== 'companion' || good.role !== 'garnish') return null;
  const verdict = garnishStem(`${good.name} ${good.style}`);
  return 'refused' in verdict ? `“${good.name}” ${WHY[verdict.refused]}` : null;
}
