import { allergensOf, isCheese, named, type Main, type Ware } from '../counter/index.js';
import { money, memoised, memoisedBy, type Money } from '../units/index.js';

/** Blades that cut behind the counter; 'none' where a spoon or hands do. */
export type KnifeId =
  | 'none'
  | 'wire'
  | 'thin blade'
  | 'open-work blade'
  | 'plane knife'
  | 'chef’s knife'
  | 'chisel'
  | 'short spade'
  | 'butter knife'
  | 'slicer';

/** What guests take it with at the table. */
export type ToolId =
  | 'fingers'
  | 'tongs'
  | 'pick'
  | 'spoon'
  | 'knife and spoon'
  | 'butter knife'
  | 'open-work blade'
  | 'chisel'
  | 'short spade'
  | 'spreader';

/** What a household has in its place. Common practice, no source. */
export const STAND_INS: Partial<Record<KnifeId | ToolId, string>> = {
  wire: 'unflavoured thread or floss',
  'thin blade': 'a thin paring knife, wiped and warm',
  'open-work blade': 'a butter knife',
  'plane knife': 'a vegetable peeler or a chef’s knife',
  chisel: 'a stout fork and a table knife',
  'short spade': 'an oyster knife',
  spreader: 'a butter knife',
  tongs: 'two forks',
  spoon: 'a teaspoon',
  'knife and spoon': 'a table knife and a teaspoon',
  'butter knife': 'a table knife',
  pick: 'a small fork',
};

/** Stems by which a ware of the counter is known as one of these. */
const NAMED: Partial<Record<KnifeId | ToolId, readonly string[]>> = {
  wire: ['wire'],
  'open-work blade': ['open work', 'soft cheese knife'],
  'plane knife': ['plane'],
  chisel: ['chisel'],
  'short spade': ['spade'],
  'butter knife': ['butter knife', 'spreader'],
  spreader: ['spreader', 'butter knife'],
  'thin blade': ['thin blade'],
  'chef’s knife': ['chef'],
  tongs: ['tongs'],
  pick: ['pick'],
  spoon: ['spoon'],
};

/** How knives are laid out at the table: the fewest that keep apart what must be, or one each. */
export type KnifeSchool = 'fewest' | 'one each';

/** A ware of the shop, or one that the customer has. */
export interface Kit {
  readonly name: string;
  readonly whose: 'shop' | 'customer';
  /** What it cost, smallest unit; nothing where it is the customer's. */
  readonly price: Money;
}

/** One knife or tool, and the goods that share it. */
export interface Tool {
  readonly id: KnifeId | ToolId;
  readonly goods: readonly string[];
  /** It touches nothing else: blue scents, an allergen spreads. */
  readonly own: 'blue' | 'allergen' | null;
  /** The ware that is there for it; null: it is missing. */
  readonly kit: Kit | null;
}

interface Use {
  readonly main: Main;
  readonly tool: KnifeId | ToolId;
}

/** Allergens beyond milk that a cheese or meat brings: what it touches brings them too. */
const bringsAllergen = (main: Main): boolean =>
  allergensOf(main).contains.some((id) => !(id === 'milk' && isCheese(main)));

/** The shop's own for a tool; null: it has none. */
const ownFor = memoisedBy((wares: readonly Ware[]) =>
  memoised((id: KnifeId | ToolId) => wares.find((ware) => named(ware, ...(NAMED[id] ?? []))) ?? null),
);

/** What there is for a tool: the shop's own first. */
export function kitOf(wares: readonly Ware[], customers: readonly { readonly name: string }[]): Kits {
  return (id) => {
    const stems = NAMED[id] ?? [];
    const own = ownFor(wares)(id);
    if (own) return { name: own.name, whose: 'shop', price: money(own.price.amount) };
    const theirs = customers.find((ware) => named(ware, ...stems));
    return theirs ? { name: theirs.name, whose: 'customer', price: money(0) } : null;
  };
}
type Kits = (id: KnifeId | ToolId) => Kit | null;

/** What the use of the shop's own knives wears them: a share of the price of each, once an order. */
export const wearOf = (tools: readonly Tool[], share: number): Money => {
  const used = new Map(tools.flatMap(({ kit }) => (kit ? [[kit.name, kit.price] as const] : [])));
  return money([...used.values()].reduce((sum, price) => sum + price * share, 0));
};

/**
 * The knives of an order: goods that want the same one share it, but a blue and a good that brings an allergen have one to
 * themselves, always; in the school of one each, every good has. What is there of them is the kit.
 */
export function knivesFor(uses: readonly Use[], school: KnifeSchool, kits: Kits): Tool[] {
  const shared = new Map<string, Use[]>();
  const tools: { id: KnifeId | ToolId; uses: Use[]; own: Tool['own'] }[] = [];
  for (const use of uses) {
    if (use.tool === 'none' || use.tool === 'fingers') continue;
    const blue = isCheese(use.main) && use.main.texture === 'blue';
    const own = blue ? 'blue' : bringsAllergen(use.main) ? 'allergen' : null;
    if (own || school === 'one each') tools.push({ id: use.tool, uses: [use], own });
    else {
      const same = shared.get(use.tool);
      if (same) same.push(use);
      else {
        const first = [use];
        shared.set(use.tool, first);
        tools.push({ id: use.tool, uses: first, own: null });
      }
    }
  }
  return tools.map(({ id, uses: of, own }) => ({
    id,
    goods: of.map(({ main }) => main.id),
    own,
    kit: kits(id),
  }));
}
