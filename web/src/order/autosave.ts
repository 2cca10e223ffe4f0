import { sameOrder, type Order, type OrderBody } from '@rotula/core';
import { ApiError } from '../api/client';
import { bodyOf } from './draft';

export type SaveState = 'saved' | 'saving' | 'not saved';

export interface Conflict {
  readonly theirs: Order;
  readonly base: OrderBody;
}

/** What the person sees of saving. */
export interface SaveReport {
  readonly state: SaveState;
  readonly trouble: string | null;
  /** While the person has not chosen: what somebody else saved since, and what both started from. */
  readonly conflict: Conflict | null;
}
export const ALL_SAVED: SaveReport = { state: 'saved', trouble: null, conflict: null };

/** What saving needs of the world; tests give their own. */
export interface SaveWorld {
  readonly send: (version: number, order: OrderBody) => Promise<Order>;
  readonly keepDraft: (version: number, order: OrderBody) => void;
  readonly dropDraft: () => void;
  readonly report: (report: SaveReport) => void;
  readonly onSaved: (order: Order) => void;
}

const SAVE_AFTER_MS = 400;
const RETRY_AFTER_MS = 4000;

/**
 * Saves a document a moment after it changes, one save at a time, each carrying the version it was made from.
 * What is not saved is kept as a draft; a dead server is tried again; a conflict waits for the person.
 */
export class Autosave {
  private latest: OrderBody;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private conflict: Conflict | null = null;

  constructor(
    private readonly world: SaveWorld,
    private version: number,
    private saved: OrderBody,
  ) {
    this.latest = saved;
  }

  changed(order: OrderBody) {
    this.latest = order;
    if (order === this.saved && !this.sending && !this.conflict) {
      // Taken back before it was sent: there is nothing to send.
      clearTimeout(this.timer);
      this.world.dropDraft();
      this.world.report(ALL_SAVED);
      return;
    }
    this.world.keepDraft(this.version, order);
    this.world.report({ state: 'not saved', trouble: null, conflict: this.conflict });
    if (!this.conflict) this.later(SAVE_AFTER_MS);
  }

  /** Settle a conflict with the document that shall stand; it goes over the other's version. */
  resolve(stands: OrderBody) {
    if (!this.conflict) return;
    this.version = this.conflict.theirs.version;
    this.saved = bodyOf(this.conflict.theirs);
    this.conflict = null;
    this.latest = stands;
    if (sameOrder(stands, this.saved)) {
      this.saved = stands;
      this.world.dropDraft();
      this.world.report(ALL_SAVED);
    } else void this.save();
  }

  stop() {
    clearTimeout(this.timer);
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), ms);
  }

  private async save() {
    if (this.sending || this.latest === this.saved) return;
    this.sending = true;
    const sent = this.latest;
    this.world.report({ state: 'saving', trouble: null, conflict: null });
    try {
      const answer = await this.world.send(this.version, sent);
      this.version = answer.version;
      this.saved = sent;
      this.world.onSaved(answer);
      if (this.latest === sent) {
        this.world.dropDraft();
        this.world.report(ALL_SAVED);
      } else {
        this.world.keepDraft(this.version, this.latest);
        this.later(SAVE_AFTER_MS);
      }
    } catch (error) {
      this.failed(error);
    } finally {
      this.sending = false;
    }
  }

  private failed(error: unknown) {
    const refusal = error instanceof ApiError ? error : null;
    if (refusal?.status === 409 && refusal.current) {
      this.conflict = { theirs: refusal.current, base: this.saved };
      this.world.report({ state: 'not saved', trouble: null, conflict: this.conflict });
      return;
    }
    const trouble = error instanceof Error ? error.message : String(error);
    this.world.report({ state: 'not saved', trouble, conflict: null });
    // A refusal stays one until the document changes; a server that is away may come back.
    if (!refusal || refusal.status === 0 || refusal.status >= 500) this.later(RETRY_AFTER_MS);
  }
}
