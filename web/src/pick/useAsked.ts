import { useEffect, useState } from 'react';
import { Stopped } from './optimiser';

export interface Asked<T> {
  readonly answer: T | null;
  readonly working: boolean;
}

/** Ask something long when `key` changes; an answer to an older question is thrown away. */
export function useAsked<T>(key: string, question: () => Promise<T>): Asked<T> {
  const [state, setState] = useState<{ key: string; answer: T | null }>({ key: '', answer: null });
  useEffect(() => {
    let wanted = true;
    question()
      .then((answer) => wanted && setState({ key, answer }))
      .catch((fault: unknown) => {
        if (!(fault instanceof Stopped)) throw fault;
        if (wanted) setState({ key, answer: null });
      });
    return () => {
      wanted = false;
    };
    // The question is made anew with every drawing; only its key says whether it is another.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return { answer: state.key === key ? state.answer : null, working: state.key !== key };
}
