import { keeping } from './keeping';

/**
 * Which tab this is: a name that survives a reload and that no other tab has. A tab says that it is alive; one that was
 * closed or has been silent for long is not.
 */
const ALIVE = 'rotula.tab.';
const NAME = 'rotula.tab';
const LEFT = 'rotula.tab.left';
const BEAT_MS = 10_000;
/** Browsers let a hidden tab's clock tick once a minute. */
const SILENT_MS = 90_000;

function session(): Storage | null {
  try {
    return sessionStorage;
  } catch {
    return null;
  }
}

let mine: string | null = null;

export function tabId(): string {
  if (mine) return mine;
  const store = session();
  // A copied tab brings the name of the tab it was copied from; only one that was left (reloaded) may keep its own.
  const known = store?.getItem(LEFT) ? store.getItem(NAME) : null;
  mine = known ?? Math.random().toString(36).slice(2, 10);
  try {
    store?.removeItem(LEFT);
    store?.setItem(NAME, mine);
  } catch {
    // Then this tab has another name after a reload, and finds its drafts as those of a closed one.
  }
  beat(mine);
  return mine;
}

function beat(id: string) {
  const say = () => keeping.write(ALIVE + id, String(Date.now()));
  say();
  setInterval(say, BEAT_MS);
  addEventListener('pageshow', say);
  addEventListener('pagehide', () => {
    keeping.drop(ALIVE + id);
    try {
      session()?.setItem(LEFT, '1');
    } catch {
      // As above.
    }
  });
}

/** Is a tab of that name open? */
export function isAlive(id: string, now = Date.now()): boolean {
  const last = Number(keeping.read(ALIVE + id) ?? 0);
  return now - last < SILENT_MS;
}

/** Keys "prefix.tab" that tabs left behind which are open no more; a key without a tab is of an earlier Rotula. */
export const leftBehind = (prefix: string): string[] =>
  keeping
    .keys(prefix)
    .filter((key) => key !== `${prefix}.${tabId()}` && !isAlive(key.slice(prefix.length + 1)));
