import { keeping, keepingIsHere } from './keeping';

/**
 * Which tab this is: a name that survives a reload and that no other tab has. Where the browser has locks (a secure context) an
 * open tab holds one of its name; elsewhere it says every few seconds that it is alive. A closed one, or one long silent, is not.
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

const locks = (): LockManager | null => (typeof navigator === 'undefined' ? null : (navigator.locks ?? null));

let ownId: string | null = null;

export function tabId(): string {
  if (ownId) return ownId;
  const store = session();
  // A copied tab brings the name of the tab it was copied from; only one that was left (reloaded) may keep its own.
  const known = store?.getItem(LEFT) ? store.getItem(NAME) : null;
  ownId = known ?? Math.random().toString(36).slice(2, 10);
  try {
    store?.removeItem(LEFT);
    store?.setItem(NAME, ownId);
  } catch {
    // Then this tab has another name after a reload, and finds its drafts as those of a closed one.
  }
  beat(ownId);
  return ownId;
}

function beat(id: string) {
  const say = () => keeping.write(ALIVE + id, String(Date.now()));
  if (locks()) hold(id);
  else {
    say();
    setInterval(say, BEAT_MS);
    addEventListener('pageshow', say);
  }
  addEventListener('pagehide', () => {
    keeping.drop(ALIVE + id);
    try {
      session()?.setItem(LEFT, '1');
    } catch {
      // As above.
    }
  });
}

/** Names of the tabs that hold a lock, as far as this tab has heard. */
const open = new Set<string>();
let hello: BroadcastChannel | null = null;

/** Held as long as the page lives; the browser lets go of it however the page ends. */
function hold(id: string) {
  void locks()!.request(ALIVE + id, () => new Promise<never>(() => {}));
  if (typeof BroadcastChannel === 'undefined') return;
  hello = new BroadcastChannel('rotula.tabs');
  hello.onmessage = ({ data }: MessageEvent<{ tab: string; is: 'open' | 'closed' }>) =>
    data.is === 'open' ? open.add(data.tab) : open.delete(data.tab);
  const announce = (is: 'open' | 'closed') => hello?.postMessage({ tab: id, is });
  announce('open');
  addEventListener('pageshow', () => announce('open'));
  addEventListener('pagehide', () => announce('closed'));
}

async function whoIsOpen(): Promise<void> {
  const held = (await locks()?.query())?.held ?? [];
  for (const { name } of held) if (name?.startsWith(ALIVE)) open.add(name.slice(ALIVE.length));
}

/** The tabs that are open are known, and the store is here: before it nothing that another tab keeps is taken up. */
export const tabsAreKnown: Promise<unknown> = Promise.all([
  keepingIsHere,
  whoIsOpen().catch(() => undefined),
]);

/** Is a tab of that name open? */
export function isAlive(id: string, now = Date.now()): boolean {
  if (locks()) return open.has(id);
  const last = Number(keeping.read(ALIVE + id) ?? 0);
  return now - last < SILENT_MS;
}

/** Keys "prefix.tab" that tabs left behind which are open no more; a key without a tab is of an earlier Rotula. */
export const leftBehind = (prefix: string): string[] =>
  keeping
    .keys(prefix)
    .filter((key) => key !== `${prefix}.${tabId()}` && !isAlive(key.slice(prefix.length + 1)));
