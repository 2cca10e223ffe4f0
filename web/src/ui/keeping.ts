/**
 * The browser's own storage, which may be full or forbidden: then things work on, and it is said what will not survive the
 * tab. Nothing here throws.
 */
export const keeping = {
  read(key: string): string | null {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  /** False when it could not be kept. */
  write(key: string, text: string): boolean {
    try {
      localStorage.setItem(key, text);
      return true;
    } catch {
      return false;
    }
  },
  drop(key: string): void {
    try {
      localStorage.removeItem(key);
    } catch {
      // What cannot be read cannot be found again either.
    }
  },
  keys(prefix: string): string[] {
    try {
      return Object.keys(localStorage).filter((key) => key.startsWith(prefix));
    } catch {
      return [];
    }
  },
};
