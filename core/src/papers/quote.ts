import { standing } from '../care/index.js';
import { isSaid, type AllergenId } from '../counter/index.js';
import type { Layout, LaidBoard } from '../lay/index.js';
import { sumRows, type SumRowId } from '../order/index.js';
import { money, type Money } from '../units/index.js';
import { heldBack } from './cards.js';
import { layoutOf, type Paper } from './paper.js';
import { tableList } from './tableList.js';

/** What the customer is offered: each board, what is on it, what it costs, what it contains. */
export interface Quote {
  readonly cheeses: number;
  readonly meats: number;
  readonly boards: readonly { readonly laid: LaidBoard; readonly layout: Layout }[];
  readonly many: number;
  readonly rows: readonly {
    readonly id: SumRowId;
    readonly price: Money;
    readonly goods: readonly string[];
  }[];
  /** What is no good, in one figure: nobody buys the wear of a knife. */
  readonly service: Money;
  readonly price: Money;
  readonly isAgreed: boolean;
  readonly perHead: Money;
  /** Drinks that are named without a price. */
  readonly suggested: readonly string[];
  readonly contains: readonly AllergenId[];
  readonly mayContain: readonly AllergenId[];
  /** Something on the table is not known, or may hurt somebody: its allergens are still being checked. */
  readonly unknown: boolean;
}

export const quotePaper: Paper<Quote> = {
  for: 'customer',
  needs: ['layouts'],
  hold: ({ plan }) => {
    if (plan.portions.mains.length === 0) return { because: 'nothing is picked' };
    const goods = [...new Set(plan.lines.flatMap(({ good }) => (good ? [good] : [])))];
    const unpriced = goods.filter((good) => !isSaid(good, 'price'));
    return unpriced.length > 0 ? { because: 'no price', goods: unpriced } : null;
  },
  data: (ground) => {
    const { plan, order } = ground;
    const { portions, sum, boards } = plan;
    const rows = sumRows(plan.lines).map(({ id, price, lines }) => ({
      id,
      price,
      goods: [...new Set(lines.flatMap(({ good }) => (good ? [good.name] : [])))],
    }));
    const allergens = tableList(plan);
    const named = (of: 'contains' | 'mayContain') =>
      allergens.filter((row) => row[of].length > 0).map(({ id }) => id);
    const ofKind = (kind: 'cheese' | 'meat') =>
      portions.mains.filter(({ good }) => good.kind === kind).length;
    return {
      cheeses: ofKind('cheese'),
      meats: ofKind('meat'),
      boards: boards.laid.flatMap((laid) =>
        laid.question ? [{ laid, layout: layoutOf(ground, laid.key) }] : [],
      ),
      many: boards.choice?.many ?? 1,
      rows: rows.filter(({ goods }) => goods.length > 0),
      service: money(
        rows.filter(({ goods }) => goods.length === 0).reduce((total, { price }) => total + price, 0),
      ),
      price: sum.agreed ?? sum.price,
      isAgreed: sum.agreed !== null,
      perHead: sum.pricePerHead,
      suggested: order.drinks === 'suggested' ? plan.drinks.map(({ good }) => good.name) : [],
      contains: named('contains'),
      mayContain: named('mayContain'),
      unknown: heldBack(plan).length > 0 || standing(plan.dangers).length > 0,
    };
  },
};
