import { sameOrder, type Order, type OrderBody, type Refused, type Storable } from '@rotula/core';
import { ApiError } from '../api/client';
import { bodyOf, type Draft } from './draft';
import { schema } from './schema';

/**
 * What of a document can be stored follows from its schema. Until that is here the document is sent as it is, and the server,
 * which has the same schema, says what it refuses.
 */
const holdBack = (order: OrderBody, saved: OrderBody): Storable =>
  schema.code()?.holdBack(order, saved) ?? { order, refused: [] };

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
  /** Fields that cannot be stored as they are; everything else is. */
  readonly refused: readonly Refused[];
  /** The order was deleted elsewhere; it can be taken back. */
  readonly gone: boolean;
  /** The browser keeps nothing: what is not saved does not survive this tab. */
  readonly unkept: boolean;
}
export const ALL_SAVED: SaveReport = {
  state: 'saved',
  trouble: null,
  conflict: null,
  refused: [],
  gone: false,
  unkept: false,
};

/** What saving needs of the world; tests give their own. */
export interface SaveWorld {
  /** @param leaving the page is being left: send it all the same */
  readonly send: (version: number, order: OrderBody, leaving: boolean) => Promise<Order>;
  /** Take the order back that was deleted elsewhere. */
  readonly restore: () => Promise<Order>;
  /** False when the browser keeps nothing. */
  readonly keepDraft: (draft: Draft) => boolean;
  readonly dropDraft: () => void;
  readonly report: (report: SaveReport) => void;
  readonly onSaved: (order: Order) => void;
}

/** With the rest of a field before it, what is typed is sent within a second of the last key. */
const SAVE_AFTER_MS = 300;
const RETRY_AFTER_MS = 4000;
/** Saves of which nobody heard whether they were stored. */
const MOST_UNHEARD = 5;

/** A document as the server stores it: trimmed, names in one line. */
const asStored = (order: OrderBody): OrderBody => schema.code()?.OrderBody.safeParse(order).data ?? order;

/**
 * Saves a document a moment after it changes, one save at a time, each carrying the version it was made from.
 * What is not saved is kept as a draft with the base it was made from; a field that cannot be stored is held back and
 * named, and the rest is saved; a dead server is tried again; a conflict waits for the person; leaving the page sends at once.
 */
export class Autosave {
  private latest: OrderBody;
  /** Of `latest`, what was sent when it was last saved. */
  private sentOf: OrderBody;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private conflict: Conflict | null = null;
  private refused: readonly Refused[] = [];
  private unkept = false;

  /**
   * @param saved the document that `version` is on the server
   * @param sent what an earlier page sent over it without hearing whether it was stored, the latest last
   */
  constructor(
    private readonly world: SaveWorld,
    private version: number,
    private saved: OrderBody,
    private sent: readonly OrderBody[] = [],
  ) {
    this.latest = saved;
    this.sentOf = saved;
  }

  changed(order: OrderBody) {
    this.latest = order;
    if (this.isAtRest(order)) {
      // Taken back before it was sent: there is nothing to send.
      this.stop();
      this.refused = [];
      this.world.dropDraft();
      this.world.report(ALL_SAVED);
      return;
    }
    this.keep();
    this.tell('not saved');
    // From the first change, not the last: whoever types without a pause is saved all the same.
    if (!this.conflict && this.timer === undefined) this.later(SAVE_AFTER_MS);
  }

  /** Settle a conflict with the document that shall stand; it goes over the other's version. */
  resolve(stands: OrderBody) {
    if (!this.conflict) return;
    this.version = this.conflict.theirs.version;
    this.saved = bodyOf(this.conflict.theirs);
    this.sentOf = this.saved;
    this.conflict = null;
    this.latest = stands;
    if (sameOrder(stands, this.saved)) {
      this.saved = stands;
      this.sentOf = stands;
      this.world.dropDraft();
      this.world.report(ALL_SAVED);
    } else void this.save();
  }

  /** Bring a deleted order back, and save over it. */
  async takeBack() {
    try {
      const back = await this.world.restore();
      this.version = back.version;
      this.world.onSaved(back);
      await this.save(false, true);
    } catch (error) {
      this.failed(error);
    }
  }

  /** Send what waits now; the page is being left, or nobody looks at this order any more. */
  flush(leaving = false) {
    this.stop();
    if (!this.conflict && !this.isAtRest(this.latest)) void this.save(leaving);
  }

  private isAtRest(order: OrderBody): boolean {
    return order === this.sentOf && !this.sending && !this.conflict;
  }

  private keep() {
    const { version, saved: base, latest: order, sent } = this;
    this.unkept = !this.world.keepDraft({ version, base, order, sent });
  }

  private tell(state: SaveState, more: Partial<SaveReport> = {}) {
    this.world.report({
      state,
      trouble: null,
      conflict: this.conflict,
      refused: this.refused,
      gone: false,
      unkept: this.unkept && state !== 'saved',
      ...more,
    });
  }

  private stop() {
    clearTimeout(this.timer);
    this.timer = undefined;
  }

  private later(ms: number) {
    this.stop();
    this.timer = setTimeout(() => {
      this.timer = undefined;
      void this.save();
    }, ms);
  }

  private async save(leaving = false, again = false) {
    if (this.sending || (this.latest === this.sentOf && !again)) return;
    const latest = this.latest;
    const { order, refused } = holdBack(latest, this.saved);
    this.refused = refused;
    if (!again && sameOrder(order, this.saved)) {
      // All that changed is refused: it stays here, marked, until it is mended.
      this.sentOf = latest;
      if (refused.length > 0) this.tell('not saved');
      else this.atRest();
      return;
    }
    this.sending = true;
    this.sent = [...this.sent, order].slice(-MOST_UNHEARD);
    this.keep();
    this.tell('saving');
    try {
      const answer = await this.world.send(this.version, order, leaving);
      this.version = answer.version;
      this.saved = order;
      this.sentOf = latest;
      this.sent = [];
      this.sending = false;
      this.world.onSaved(answer);
      if (this.latest !== latest) {
        this.keep();
        this.later(SAVE_AFTER_MS);
      } else if (refused.length > 0) {
        this.keep();
        this.tell('not saved');
      } else this.atRest();
    } catch (error) {
      this.sending = false;
      this.failed(error);
    }
  }

  private atRest() {
    this.world.dropDraft();
    this.world.report(ALL_SAVED);
  }

  private failed(error: unknown) {
    const refusal = error instanceof ApiError ? error : null;
    const trouble = error instanceof Error ? error.message : String(error);
    if (refusal?.status === 409 && refusal.current) {
      this.met(refusal.current as Order);
      return;
    }
    this.tell('not saved', { trouble, gone: refusal?.status === 404 });
    // A refusal stays one until the document changes; a server that is away may come back.
    if (!refusal || refusal.isPassing) this.later(RETRY_AFTER_MS);
  }

  /** Somebody saved since: what they saved may be just this. */
  private met(theirs: Order) {
    const body = bodyOf(theirs);
    if (sameOrder(body, asStored(holdBack(this.latest, body).order))) {
      this.version = theirs.version;
      this.saved = body;
      this.sentOf = this.latest;
      if (this.refused.length === 0) this.atRest();
      else this.tell('not saved');
      return;
    }
    if (this.sent.some((order) => sameOrder(body, asStored(order)))) {
      // It was we: our save was stored, and its answer was lost. What came since goes over it.
      this.version = theirs.version;
      this.saved = body;
      this.sent = [];
      void this.save(false, true);
      return;
    }
    this.conflict = { theirs, base: this.saved };
    this.tell('not saved');
  }
}
