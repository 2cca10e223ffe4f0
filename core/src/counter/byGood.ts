import type { z } from 'zod';
import { recordOf } from '../units/index.js';
import { GoodId } from './good.js';

/** More goods than anybody touches by hand in one order. */
const MOST_BY_HAND = 500;

/** A table of what was set by hand, by good. */
export const ByGood = <T extends z.ZodType>(value: T) => recordOf(GoodId, value, MOST_BY_HAND);
