import { mergedSession, type Session, type SessionBody } from '@rotula/core';
import { useEffect, useState } from 'react';
import useSWR, { mutate } from 'swr';
import { api, ApiError } from '../api/client';
import { keeping } from '../ui/keeping';

export const useTastings = () => useSWR('tastings', api.tastings);
export const useTasting = (id: string) =>
  useSWR(['tasting', id], () => api.tasting(id), { revalidateOnFocus: false });

export const bodyOf = ({ id: _i, version: _v, updatedAt: _u, ...body }: Session): SessionBody => body;

const draftKey = (id: string) => `rotula.tasting.${id}`;
const RETRY_MS = 4000;

/** A session as it is noted on this screen. */
export interface OpenSession {
  readonly session: SessionBody;
  readonly change: (edit: (session: SessionBody) => SessionBody) => void;
  readonly saving: 'saved' | 'saving' | 'not saved';
  readonly trouble: string | null;
}

/** Saves a session as it is noted: one save at a time, over what somebody else noted meanwhile too; what is not saved outlives the page. */
class Keeper {
  private latest: SessionBody;
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly id: string,
    private version: number,
    private saved: SessionBody,
    private readonly tell: (saving: OpenSession['saving'], trouble: string | null) => void,
    private readonly take: (session: SessionBody) => void,
  ) {
    this.latest = saved;
  }

  changed(session: SessionBody) {
    this.latest = session;
    keeping.write(draftKey(this.id), JSON.stringify(session));
    void this.send();
  }

  private async send(): Promise<void> {
    if (this.sending || this.latest === this.saved) return;
    clearTimeout(this.timer);
    const sent = this.latest;
    this.sending = true;
    this.tell('saving', null);
    try {
      const answer = await api.saveTasting(this.id, this.version, sent);
      this.version = answer.version;
      this.saved = sent;
      this.sending = false;
      if (this.latest !== sent) return await this.send();
      keeping.drop(draftKey(this.id));
      this.tell('saved', null);
      void mutate('tastings');
      void mutate(['tasting', this.id], answer, { revalidate: false });
    } catch (fault) {
      this.sending = false;
      const current =
        fault instanceof ApiError && fault.status === 409
          ? (fault.current as Session | undefined)
          : undefined;
      if (current) {
        this.version = current.version;
        this.latest = mergedSession(this.latest, bodyOf(current));
        this.take(this.latest);
        return await this.send();
      }
      this.tell('not saved', fault instanceof Error ? fault.message : String(fault));
      if (fault instanceof ApiError && fault.isPassing)
        this.timer = setTimeout(() => void this.send(), RETRY_MS);
    }
  }

  stop() {
    clearTimeout(this.timer);
  }
}

/** A draft that this browser kept of a session, put together with what is stored. */
function withDraft(loaded: Session): SessionBody {
  const body = bodyOf(loaded);
  const text = keeping.read(draftKey(loaded.id));
  if (!text) return body;
  try {
    return mergedSession(JSON.parse(text) as SessionBody, body);
  } catch {
    return body;
  }
}

export function useOpenSession(loaded: Session): OpenSession {
  const [session, setSession] = useState(() => withDraft(loaded));
  const [state, setState] = useState<Pick<OpenSession, 'saving' | 'trouble'>>({
    saving: 'saved',
    trouble: null,
  });
  const [keeper] = useState(
    () =>
      new Keeper(
        loaded.id,
        loaded.version,
        bodyOf(loaded),
        (saving, trouble) => setState({ saving, trouble }),
        setSession,
      ),
  );
  useEffect(() => () => keeper.stop(), [keeper]);
  const change: OpenSession['change'] = (edit) => {
    const next = edit(session);
    setSession(next);
    keeper.changed(next);
  };
  return { session, change, ...state };
}
