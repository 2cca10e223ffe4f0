import type { Good } from '@rotula/core';
import type { Format } from '../../ui/format';

/** Stored price for one unit of money as it is typed: of what is sold by weight, for a kilogram or a pound. */
export const minorPerPrice = (good: Good, { minorPerUnit, bulk }: Format): number =>
  good.price.per === 'kg' ? minorPerUnit * (1000 / bulk.grams) : minorPerUnit;
