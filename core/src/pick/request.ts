import { z } from 'zod';
import { GoodId } from '../counter/index.js';
import { DEFAULT_NODE_LIMIT, HIGHEST_NODE_LIMIT } from './pick.js';

/** The schemas of what a pick is asked for. */

export const Locks = z.object({
  locked: z.array(GoodId).max(20).default([]),
  leftOut: z.array(GoodId).max(5000).default([]),
});

/** `seed` is kept with the answer; this search is exact and takes none of its choices by chance. */
export const Search = z.object({
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31)
    .default(1),
  nodeLimit: z.number().int().min(1).max(HIGHEST_NODE_LIMIT).default(DEFAULT_NODE_LIMIT),
});
