import type { House } from '../brief/index.js';
import { money, type Money } from '../units/index.js';
import type { Good } from '../counter/index.js';

/**
 * What the shop pays for what it sells at this price: by the supplier's price where the good names it, else by the house's
 * margin for its kind.
 */
export function costAt(price: number, good: Good, { margin }: House): Money {
  const { supplierPrice, price: shelfPrice } = good;
  if (supplierPrice !== null && shelfPrice.amount > 0)
    return money((price * supplierPrice) / shelfPrice.amount);
  return money(price * (1 - (margin[good.kind] ?? 0)));
}
