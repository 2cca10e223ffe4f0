import { standing, type OrderDanger } from '../care/index.js';
import type { House } from '../brief/index.js';
import type { Timing } from '../clock/index.js';
import type { Counted, Good, Served } from '../counter/index.js';
import type { Layout } from '../lay/index.js';
import type { OrderBody, Plan } from '../order/index.js';

/** What is searched before some papers can be printed: the exact day, and where everything lies on each board. */
export const PAPER_NEEDS = ['day', 'layouts'] as const;
export type PaperNeed = (typeof PAPER_NEEDS)[number];

/** All that a paper is computed from. */
export interface PaperGround {
  readonly plan: Plan;
  readonly order: OrderBody;
  readonly house: House;
  /** The counter as this order takes it, and as it lies there with every lot. */
  readonly counter: Served;
  readonly shelf: Counted;
  /** The searched day; null where it was not asked for or is not found yet. */
  readonly day: Timing | null;
  /** Boards as they are laid, by their key; none where they were not asked for. */
  readonly layouts: ReadonlyMap<string, Layout>;
}

/** A good of which a paper would have to say something that nobody knows, and what. */
export interface HeldBack {
  readonly good: Good;
  readonly unknown: readonly string[];
}

/** Why a paper is not printed. */
export type Hold =
  | { readonly because: 'nothing is picked' }
  | { readonly because: 'no board to lay' }
  /** Nobody said what these cost; money is never guessed. */
  | { readonly because: 'no price'; readonly goods: readonly Good[] }
  /** Something may hurt somebody, and whoever reads this would rely on it. */
  | { readonly because: 'danger'; readonly dangers: readonly OrderDanger[] }
  /** Of something on the table not everything is known, and guests would rely on it. */
  | { readonly because: 'not all is known'; readonly goods: readonly HeldBack[] }
  /** Nobody is handed a clock by which they would serve what is not safe any more. */
  | { readonly because: 'safe time is over when served'; readonly goods: readonly Good[] };

/** One paper: for whom it is, what is searched for it, what holds it, and what stands on it as data. */
export interface Paper<Data> {
  readonly for: 'shop' | 'customer' | 'guests';
  /** It waits for these. */
  readonly needs: readonly PaperNeed[];
  /** It has these on it once they are there. */
  readonly takes?: readonly PaperNeed[];
  readonly hold?: (ground: PaperGround) => Hold | null;
  /** Asked only where nothing holds it and its needs are there. */
  readonly data: (ground: PaperGround) => Data;
}

/** What guests read, and a customer who serves by it, is held while something may hurt somebody. */
export function whileDangerous({ plan }: PaperGround): Hold | null {
  const dangers = standing(plan.dangers);
  return dangers.length > 0 ? { because: 'danger', dangers } : null;
}

/** A paper as data, or why there is none. */
export type Printed<Data> = { readonly held: Hold } | { readonly data: Data };

/** What a row gives of an order: its data, or why it is held. */
export function printedBy<Data>(
  { for: reader, hold, data }: Paper<Data>,
  ground: PaperGround,
): Printed<Data> {
  const held = (reader === 'guests' ? whileDangerous(ground) : null) ?? hold?.(ground) ?? null;
  return held ? { held } : { data: data(ground) };
}

/** The exact day of a paper that waits for it. @throws Error when it was not searched: a fault of whoever asks */
export function dayOf({ day }: PaperGround): Timing {
  if (!day) throw new Error('this paper needs the searched day');
  return day;
}

/** The layout of a board of a paper that waits for it. @throws Error as above */
export function layoutOf({ layouts }: PaperGround, key: string): Layout {
  const layout = layouts.get(key);
  if (!layout) throw new Error(`this paper needs the board “${key}” laid`);
  return layout;
}
