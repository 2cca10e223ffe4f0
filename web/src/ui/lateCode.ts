import { startTransition, useEffect, useState } from 'react';
import { aheadOfTime } from './aheadOfTime';

/** How far code is that comes after its page. `gone`: the server is away, or was brought up to date since the page was opened. */
export type LateState<T> =
  | { readonly is: 'absent' }
  | { readonly is: 'loading' }
  | { readonly is: 'ready'; readonly code: T }
  | { readonly is: 'gone'; readonly why: unknown };

/** Code that comes after its page: absent → loading → ready; where it cannot be had gone, until it is asked for again and comes. */
export interface LateCode<T> {
  readonly state: () => LateState<T>;
  /** The code when it is ready, else null. */
  readonly code: () => T | null;
  /** Loads it; the same promise until it fails. */
  readonly come: () => Promise<T>;
  /** Calls `watcher` at every change; returns what ends that. */
  readonly watch: (watcher: () => void) => () => void;
}

export function lateCode<T>(load: () => Promise<T>): LateCode<T> {
  let state: LateState<T> = { is: 'absent' };
  let coming: Promise<T> | null = null;
  const watchers = new Set<() => void>();
  const become = (next: LateState<T>) => {
    state = next;
    for (const watcher of watchers) watcher();
  };
  const start = () => {
    // What is gone is said to be so until it is here.
    if (state.is === 'absent') become({ is: 'loading' });
    return load().then(
      (code) => {
        become({ is: 'ready', code });
        return code;
      },
      (why: unknown) => {
        coming = null;
        become({ is: 'gone', why });
        throw why;
      },
    );
  };
  return {
    state: () => state,
    code: () => (state.is === 'ready' ? state.code : null),
    come: () => (coming ??= start()),
    watch: (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
  };
}

const ASK_AGAIN_MS = 5000;

/** The state of late code. It is loaded once the page is drawn and nothing else is done, and asked for again while it is gone. */
export function useLateCode<T>(late: LateCode<T>): LateState<T> {
  const [state, show] = useState(late.state);
  useEffect(() => {
    const stop = late.watch(() => startTransition(() => show(late.state())));
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = (): Promise<unknown> =>
      late.come().catch(() => {
        again = setTimeout(() => void ask(), ASK_AGAIN_MS);
      });
    const leave = late.code() === null ? aheadOfTime([ask]) : () => undefined;
    return () => {
      stop();
      leave();
      clearTimeout(again);
    };
  }, [late]);
  return state;
}
