import { z } from 'zod';
import { House } from '../brief/index.js';
import { SessionBody, SessionId } from '../ledger/index.js';
import { NewOrder, OrderBody, OrderId } from '../order/index.js';

/** What clients of the API send. */

/** A save carries the version that it was made from. */
export const SaveOrder = z.object({ version: z.number().int().min(1), order: OrderBody });
export type SaveOrder = z.infer<typeof SaveOrder>;

/** Whoever asks may name the id, so that asking twice makes one order. */
export const CreateOrder = NewOrder.extend({ id: OrderId.optional() });
export type CreateOrder = z.infer<typeof CreateOrder>;

/** The same of a tasting session. */
export const SaveTasting = z.object({ version: z.number().int().min(1), session: SessionBody });
export type SaveTasting = z.infer<typeof SaveTasting>;
export const CreateTasting = SessionBody.and(z.object({ id: SessionId.optional() }));
export type CreateTasting = z.infer<typeof CreateTasting>;

/** Version 0: nobody has saved any settings yet. */
export const SaveHouse = z.object({ version: z.number().int().min(0), house: House });
export type SaveHouse = z.infer<typeof SaveHouse>;

/** As data (JSON, goods by their ids), or as it is read off the printed paper. */
export const PAPER_FORMS = ['data', 'text'] as const;
export type PaperForm = (typeof PAPER_FORMS)[number];
