import { mergedSession, type Session, type SessionBody } from '@rotula/core';
import { useEffect, useState } from 'react';
import useSWR, { mutate } from 'swr';
import { api } from '../api/client';
import { keeping } from '../ui/keeping';
import { bodyOf, SessionKeeper, type Saving } from './keeper';

/** Every tasting session, and what of them cannot be read. */
export const useTastings = () => useSWR('tastings', api.tastings);
/** One session, read anew whenever its page opens. */
export const useTasting = (id: string) =>
  useSWR(['tasting', id], () => api.tasting(id), { revalidateOnFocus: false });

const draftKey = (id: string) => `rotula.tasting.${id}`;

/** A session as it is noted on this screen. */
export interface OpenSession {
  readonly session: SessionBody;
  readonly change: (edit: (session: SessionBody) => SessionBody) => void;
  readonly saving: Saving;
  readonly trouble: string | null;
}

/** A draft that this browser kept of a session, put together with what is stored; one that cannot be read is none. */
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

/** A session in hand: what is noted is shown at once, saved over its version, merged with what others noted. */
export function useOpenSession(loaded: Session): OpenSession {
  const { id } = loaded;
  const [start] = useState(() => withDraft(loaded));
  const [shown, setShown] = useState<Omit<OpenSession, 'change'>>({
    session: start,
    saving: 'saved',
    trouble: null,
  });
  const [keeper] = useState(
    () =>
      new SessionKeeper(
        {
          send: (version, session) => api.saveTasting(id, version, session),
          keepDraft: (session) => void keeping.write(draftKey(id), JSON.stringify(session)),
          dropDraft: () => keeping.drop(draftKey(id)),
          onSaved: (answer) => {
            void mutate('tastings');
            void mutate(['tasting', id], answer, { revalidate: false });
          },
          show: (session, saving, trouble) => setShown({ session, saving, trouble }),
        },
        loaded.version,
        bodyOf(loaded),
        start,
      ),
  );
  useEffect(() => {
    // What a draft held beyond what is stored is sent at once.
    if (keeping.read(draftKey(id))) void keeper.send();
    return () => keeper.stop();
  }, [keeper, id]);
  return { ...shown, change: (edit) => keeper.change(edit) };
}
