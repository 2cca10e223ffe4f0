import { mergedSession, type Session, type SessionBody } from '@rotula/core';
import { ApiError } from '../api/client';

export type Saving = 'saved' | 'saving' | 'not saved';

/** What keeping a session needs of the world; tests give their own. */
export interface KeepWorld {
  readonly send: (version: number, session: SessionBody) => Promise<Session>;
  /** What is not saved outlives the page. */
  readonly keepDraft: (session: SessionBody) => void;
  readonly dropDraft: () => void;
  readonly onSaved: (session: Session) => void;
  /** What the screen shows: the session as it stands, and how far it is saved. */
  readonly show: (session: SessionBody, saving: Saving, trouble: string | null) => void;
}

const RETRY_MS = 4000;

export const bodyOf = ({ id: _i, version: _v, updatedAt: _u, ...body }: Session): SessionBody => body;

/** Saves a session as it is noted: one save at a time, over what somebody else noted meanwhile too. A server that is away is tried again. */
export class SessionKeeper {
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly world: KeepWorld,
    private version: number,
    private saved: SessionBody,
    private latest: SessionBody = saved,
  ) {}

  change(edit: (session: SessionBody) => SessionBody) {
    this.latest = edit(this.latest);
    this.world.keepDraft(this.latest);
    this.show('not saved');
    void this.send();
  }

  /** Send what waits: a draft that was found, or what was noted while the server was away. */
  async send(): Promise<void> {
    if (this.sending || this.latest === this.saved) return;
    clearTimeout(this.timer);
    const sent = this.latest;
    this.sending = true;
    this.show('saving');
    try {
      const answer = await this.world.send(this.version, sent);
      this.version = answer.version;
      this.saved = sent;
      this.sending = false;
      if (this.latest !== sent) return await this.send();
      this.world.dropDraft();
      this.show('saved');
      this.world.onSaved(answer);
    } catch (fault) {
      this.sending = false;
      await this.failed(fault);
    }
  }

  stop() {
    clearTimeout(this.timer);
  }

  private async failed(fault: unknown): Promise<void> {
    const refusal = fault instanceof ApiError ? fault : null;
    if (refusal?.status === 409 && refusal.current) {
      const theirs = refusal.current as Session;
      this.version = theirs.version;
      this.latest = mergedSession(this.latest, bodyOf(theirs));
      return this.send();
    }
    this.show('not saved', fault instanceof Error ? fault.message : String(fault));
    if (refusal?.isPassing) this.timer = setTimeout(() => void this.send(), RETRY_MS);
  }

  private show(saving: Saving, trouble: string | null = null) {
    this.world.show(this.latest, saving, trouble);
  }
}
