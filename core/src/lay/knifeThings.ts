import { rectangle, type Tool } from '../cut/index.js';
import { PLAIN, type Thing } from './thing.js';

/** A knife beside a whole piece, its handle may stand over the rim: mm (docs/trade.md `lay/knifeThings [WIDE, LONG, HIGH]`). */
const [WIDE, LONG, HIGH] = [40, 200, 12];
/** What guests cut with, beside what lies whole; tongs, picks and spoons stand in what they serve. */
const BLADES: readonly Tool['id'][] = [
  'knife and spoon',
  'butter knife',
  'open-work blade',
  'chisel',
  'short spade',
  'spreader',
];
const STEEL = '#b9bfc2';

/** The knives that lie on a board, each at the goods that it cuts there. */
export function knifeThings(serving: readonly Tool[], goods: readonly Thing[]): Thing[] {
  return serving.flatMap((tool, i): Thing[] => {
    const whole = goods.filter(({ id, lies }) => lies === 'whole' && tool.goods.includes(id));
    if (!BLADES.includes(tool.id) || whole.length === 0) return [];
    return [
      {
        id: `${whole[0]!.id}--knife-${i + 1}`,
        name: tool.id,
        lies: 'whole',
        outline: rectangle(-WIDE / 2, -LONG / 2, WIDE / 2, LONG / 2),
        area: WIDE * LONG,
        height: HIGH,
        grams: 0,
        pieces: 1,
        colours: [STEEL, '#7d6747'],
        traits: { ...PLAIN, kind: 'tool', colour: STEEL },
        vessel: null,
        beside: whole.map(({ id }) => id),
      },
    ];
  });
}
