import { createStore, delMany, entries, setMany, type UseStore } from 'idb-keyval';
import { whenLeaving } from './leaving';
import { localKeeping } from './localKeeping';

/**
 * The browser's own store for what the server does not have yet: drafts, half-typed fields, waiting edits of the counter, marks of
 * tabs. It lives in IndexedDB and is read from a mirror of it; other tabs hear of every change. What is not written when
 * the page is left goes to localStorage, which writes at once, and is taken up at the next opening. Where there is no IndexedDB
 * all of it is in localStorage. Nothing here throws.
 */

/** What an earlier Rotula kept in localStorage and that moves here; what is read before anything is drawn stays there. */
const MOVED = ['rotula.draft.', 'rotula.counter.waiting', 'rotula.tasting.', 'rotula.taster'];
const LEAVING_KEY = 'rotula.leaving.';
/** A database that does not open by then is held by somebody, and is done without; a busy machine may take seconds. */
const OPENS_WITHIN_MS = 10_000;

const mirror = new Map<string, string>();
/** Not yet in the database; null: dropped. */
const waiting = new Map<string, string | null>();
/** Named by its time, so that what several pages left is taken up in its order. */
const pageKey = `${Date.now().toString().padStart(15, '0')}.${Math.random().toString(36).slice(2)}`;
let base: UseStore | null = null;
let writing = false;
let channel: BroadcastChannel | null = null;

function apply(key: string, text: string | null) {
  if (text === null) mirror.delete(key);
  else mirror.set(key, text);
}

/** Write what waits, all of it in one go; what comes meanwhile is written after it. */
async function settle(): Promise<void> {
  if (writing || base === null) return;
  writing = true;
  try {
    while (base !== null && waiting.size > 0) {
      const now = [...waiting];
      await setMany(
        now.filter((entry): entry is [string, string] => entry[1] !== null),
        base,
      );
      await delMany(
        now.filter(([, text]) => text === null).map(([key]) => key),
        base,
      );
      for (const [key, text] of now) if (waiting.get(key) === text) waiting.delete(key);
    }
    localKeeping.drop(LEAVING_KEY + pageKey);
  } catch {
    // Full, or taken away: from now on what is kept is kept by the other storage.
    base = null;
    for (const [key, text] of mirror) localKeeping.write(key, text);
    waiting.clear();
  } finally {
    writing = false;
  }
}

function change(key: string, text: string | null) {
  apply(key, text);
  channel?.postMessage([key, text]);
  waiting.set(key, text);
  void settle();
}

/** What is not in the database yet, written at once. */
function writeAtOnce() {
  if (base !== null && waiting.size > 0)
    localKeeping.write(LEAVING_KEY + pageKey, JSON.stringify([...waiting]));
}

/** What pages that were left could not write, by where it lies. */
const leftOver = (): [key: string, text: string][] =>
  localKeeping
    .keys(LEAVING_KEY)
    .sort()
    .map((key) => [key, localKeeping.read(key) ?? '[]']);

function takeUp(left: readonly (readonly [string, string])[]) {
  for (const [key, written] of left) {
    try {
      for (const [name, text] of JSON.parse(written) as [string, string | null][]) change(name, text);
    } catch {
      // Half a text is no text.
    }
    localKeeping.drop(key);
  }
}

/** What an earlier Rotula kept in localStorage moves here. */
function move() {
  for (const key of MOVED.flatMap((prefix) => localKeeping.keys(prefix))) {
    const text = localKeeping.read(key);
    if (text !== null && !mirror.has(key)) change(key, text);
    localKeeping.drop(key);
  }
}

async function openStore(): Promise<void> {
  if (typeof indexedDB === 'undefined') return;
  // Looked at before the database: a page that is just ending may write there yet, and then lets go of this.
  const left = leftOver();
  try {
    const store = createStore('rotula', 'kept');
    const all = await Promise.race([
      entries<string, string>(store),
      new Promise<null>((resolve) => setTimeout(resolve, OPENS_WITHIN_MS, null)),
    ]);
    if (!all) return;
    for (const [key, text] of all) mirror.set(key, text);
    base = store;
  } catch {
    return;
  }
  if (typeof BroadcastChannel !== 'undefined') {
    channel = new BroadcastChannel('rotula.kept');
    channel.onmessage = ({ data }: MessageEvent<[string, string | null]>) => apply(...data);
  }
  whenLeaving('store', writeAtOnce);
  move();
  takeUp(left);
}

/** Until it is here only localStorage is read and written. */
export const keepingIsHere: Promise<void> = openStore();

export const keeping = {
  read: (key: string): string | null => (base ? (mirror.get(key) ?? null) : localKeeping.read(key)),
  /** False when it lasts only as long as the tab. */
  write(key: string, text: string): boolean {
    if (!base) return localKeeping.write(key, text);
    if (mirror.get(key) !== text) change(key, text);
    return true;
  },
  drop(key: string): void {
    if (!base) localKeeping.drop(key);
    else if (mirror.has(key)) change(key, null);
  },
  keys: (prefix: string): string[] =>
    base ? [...mirror.keys()].filter((key) => key.startsWith(prefix)) : localKeeping.keys(prefix),
};
