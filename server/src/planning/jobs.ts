import type { Good, House, Order, OrderBody, PaperForm, PaperId, Searched, SearchId } from '@rotula/core';

/**
 * The counter of a question: asked along, or the shop's own, which the worker reads itself (thousands of goods make no trip).
 * `stored` is the counter's revision, so that it is read again only when it has changed.
 */
export type Shelf = { readonly sent: readonly Good[] } | { readonly stored: number };

/** What is asked of the threads, by name; each is worked out from the question alone. */
export interface Jobs {
  /** The plan of an order; of a stored one with its version. */
  readonly plan: { readonly order: OrderBody | Order; readonly house: House; readonly shelf: Shelf };
  /** What a stored order comes to, small. */
  readonly preview: { readonly order: Order; readonly house: House; readonly shelf: Shelf };
  /** A paper of a stored order, with the day and the boards searched where it needs them. */
  readonly paper: {
    readonly id: PaperId;
    readonly as: PaperForm;
    readonly order: Order;
    readonly house: House;
    readonly shelf: Shelf;
    /** What draws it as text. */
    readonly printer: string;
  };
  /** What is searched, by the table of core; the request is one that its schema has checked. */
  readonly search: {
    readonly id: SearchId;
    readonly request: Searched[SearchId]['request'];
    readonly house: House;
    readonly shelf: Shelf;
  };
}

/** What a search found, as JSON text, or why there is nothing to search. */
export type SearchReply = { readonly found: string } | { readonly refused: string };

export type JobName = keyof Jobs;
export type Job<K extends JobName = JobName> = K extends JobName
  ? { readonly name: K; readonly ask: Jobs[K]; readonly dataDirectory: string }
  : never;
