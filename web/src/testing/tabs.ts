import { jest } from '@jest/globals';
import * as core from '@rotula/core';

/** A browser's storage, as much as the drafts need of it. */
export function fakeStorage() {
  const map = new Map<string, string>();
  const api = {
    getItem: (k: string) => map.get(k) ?? null,
    setItem: (k: string, v: string) => void map.set(k, v),
    removeItem: (k: string) => void map.delete(k),
  };
  return new Proxy(api, {
    ownKeys: () => [...map.keys()],
    getOwnPropertyDescriptor: (_, key) =>
      map.has(String(key))
        ? { enumerable: true, configurable: true, value: map.get(String(key)) }
        : undefined,
  });
}

const g = globalThis as unknown as Record<string, unknown>;

/** A browser with tabs: what they share, and a tab opened in it, with a module loaded afresh as that tab's own. */
export class FakeBrowser {
  readonly shared = fakeStorage();

  /** @param session of a tab that is reloaded */
  async openTab<M>(load: () => Promise<M>, session = fakeStorage()) {
    jest.resetModules();
    // Core keeps nothing of its own between tabs, and takes a second to be read anew.
    jest.doMock('@rotula/core', () => core);
    const listeners: Record<string, () => void> = {};
    Object.assign(g, {
      localStorage: this.shared,
      sessionStorage: session,
      addEventListener: (name: string, does: () => void) => (listeners[name] = does),
    });
    const loaded = await load();
    (await import('../ui/tab')).tabId();
    return { ...loaded, session, leave: () => listeners.pagehide!() };
  }

  close() {
    for (const key of ['localStorage', 'sessionStorage', 'addEventListener']) Reflect.deleteProperty(g, key);
  }
}
