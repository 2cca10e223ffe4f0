import { changed, goodsById, inverseOf, type CounterChange, type Good } from '@rotula/core';

/** What the queue needs of the world; tests give their own. */
export interface QueueWorld {
  readonly send: (change: CounterChange) => Promise<unknown>;
  /** Is this failure one that passes by itself (the server is away)? Anything else is a refusal. */
  readonly isPassing: (fault: unknown) => boolean;
  /** Keep what is not stored yet, so that closing the page loses nothing; false when it cannot be kept. */
  readonly keep: (changes: readonly CounterChange[]) => boolean;
  /** Told when a change was refused: it is taken out, and the counter has to be read anew. */
  readonly refused: (change: CounterChange, fault: unknown) => void;
  readonly report: (state: QueueState) => void;
}

export interface QueueState {
  /** Edits on their way or waiting for the server. */
  readonly waiting: readonly CounterChange[];
  /** The server was away at the last try; it is tried again. */
  readonly away: boolean;
  /** They are kept beyond this page. */
  readonly kept: boolean;
}
export const NOTHING_WAITS: QueueState = { waiting: [], away: false, kept: true };

const RETRY_MS = 3000;

/**
 * All edits of the counter go through one queue, in the order in which they were made: each is shown at once, sent when the
 * one before it is stored, tried again while the server is away, and taken out when it is refused.
 */
export class CounterQueue {
  private state = NOTHING_WAITS;
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly settled = new Map<CounterChange, (stored: boolean) => void>();

  constructor(private readonly world: QueueWorld) {}

  get waiting(): readonly CounterChange[] {
    return this.state.waiting;
  }

  /** Resolves to true when it is stored or waits for a server that is away, to false when it was refused. */
  add(change: CounterChange): Promise<boolean> {
    return new Promise((resolve) => {
      this.settled.set(change, resolve);
      this.set({ waiting: [...this.state.waiting, change] });
      void this.work();
    });
  }

  /** Take up what was kept by an earlier page. */
  resume(changes: readonly CounterChange[]) {
    if (changes.length === 0) return;
    this.set({ waiting: [...changes, ...this.state.waiting] });
    void this.work();
  }

  private set(part: Partial<QueueState>) {
    const waiting = part.waiting ?? this.state.waiting;
    const kept = part.waiting ? this.world.keep(waiting) : this.state.kept;
    this.state = { ...this.state, ...part, kept: kept || waiting.length === 0 };
    this.world.report(this.state);
  }

  private done(change: CounterChange, stored: boolean) {
    this.settled.get(change)?.(stored);
    this.settled.delete(change);
  }

  private async work() {
    if (this.sending) return;
    this.sending = true;
    clearTimeout(this.timer);
    for (let next = this.state.waiting[0]; next; next = this.state.waiting[0]) {
      const change = next;
      const rest = () => this.state.waiting.filter((c) => c !== change);
      try {
        await this.world.send(change);
        this.done(change, true);
        this.set({ waiting: rest(), away: false });
      } catch (fault) {
        if (this.world.isPassing(fault)) {
          this.done(change, true);
          this.set({ away: true });
          this.timer = setTimeout(() => void this.work(), RETRY_MS);
          break;
        }
        this.done(change, false);
        this.set({ waiting: rest(), away: false });
        this.world.refused(change, fault);
      }
    }
    this.sending = false;
  }
}

/** What takes a change back; it is worked out when it is wanted, since an import has thousands of goods to mark. */
export interface Step {
  readonly name: string;
  readonly change: () => CounterChange;
  /** The counter as it was, and the visit to a field that caused it: what is typed in one visit is taken back in one step. */
  readonly before: readonly Good[];
  readonly visit: string | null;
}

/** The counter with a change, and the step that takes it back. */
export const withStepBack = (
  change: CounterChange,
  counter: readonly Good[],
  visit: string | null = null,
): { readonly next: Good[]; readonly back: Step } => ({
  next: changed(change, counter),
  back: { name: change.name, before: counter, visit, change: () => inverseOf(change, goodsById(counter)) },
});

/** Two changes that were typed in one visit, taken back as one: from what the later made to what was before the earlier. */
export const joined = (earlier: Step, later: Step, change: CounterChange): Step => ({
  ...later,
  before: earlier.before,
  change: () => inverseOf(change, goodsById(earlier.before)),
});
