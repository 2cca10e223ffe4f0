import { OrderBody } from '@rotula/core';
import { z } from 'zod';

/** A save carries the version that it was made from. */
export const SaveOrder = z.object({ version: z.number().int().min(1), order: OrderBody });
export type SaveOrder = z.infer<typeof SaveOrder>;
