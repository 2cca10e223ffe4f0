/**
 * The browser's storage that writes at once (localStorage), which may be full or forbidden: then things are kept as long as the
 * tab, work goes on, and whoever asks is told that it does not outlive it. Nothing here throws.
 */
const inTab = new Map<string, string>();

export const localKeeping = {
  read(key: string): string | null {
    const held = inTab.get(key);
    if (held !== undefined) return held;
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  /** False when it lasts only as long as the tab. */
  write(key: string, text: string): boolean {
    try {
      localStorage.setItem(key, text);
      inTab.delete(key);
      return true;
    } catch {
      inTab.set(key, text);
      return false;
    }
  },
  drop(key: string): void {
    inTab.delete(key);
    try {
      localStorage.removeItem(key);
    } catch {
      // What cannot be read cannot be found again either.
    }
  },
  keys(prefix: string): string[] {
    const held = [...inTab.keys()];
    try {
      return [...new Set([...held, ...Object.keys(localStorage)])].filter((key) => key.startsWith(prefix));
    } catch {
      return held.filter((key) => key.startsWith(prefix));
    }
  },
};
