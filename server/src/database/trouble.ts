/** The data cannot be used as it is: one sentence that says why and what to do. The program stops on it. */
export class DataTrouble extends Error {}

const codeOf = (fault: unknown): string =>
  String(
    (fault as { extendedCode?: unknown })?.extendedCode ??
      (fault as { code?: unknown })?.code ??
      (fault as { cause?: { code?: unknown } })?.cause?.code ??
      '',
  );

const textOf = (fault: unknown): string =>
  `${codeOf(fault)} ${fault instanceof Error ? `${fault.message} ${String((fault as { cause?: Error }).cause?.message ?? '')}` : String(fault)}`;

/** Somebody else holds the lock; it may be free in a moment. */
export const isBusy = (fault: unknown): boolean =>
  /SQLITE_(BUSY|LOCKED)|database is locked/i.test(textOf(fault));

/** A fault of SQLite itself, not of what was asked of it. */
export const isDatabaseFault = (fault: unknown): boolean =>
  /SQLITE_|database is locked|CLIENT_CLOSED/i.test(textOf(fault));

/** A rule of the tables was broken (a key that stands twice): nothing that passes by itself. */
export const isBrokenRule = (fault: unknown): boolean => /SQLITE_CONSTRAINT/i.test(textOf(fault));

/** What each fault of SQLite means to a shopkeeper, and what to do. */
const MEANS: readonly { readonly when: RegExp; readonly says: (file: string) => string }[] = [
  {
    when: /SQLITE_(NOTADB|CORRUPT)|malformed|not a database|integrity/i,
    says: (file) =>
      `The data in ${file} are damaged. Stop Rotula, and bring back the last good copy: npm run restore.`,
  },
  {
    when: /SQLITE_(READONLY|PERM|AUTH)|readonly|EROFS|EACCES|EPERM/i,
    says: (file) =>
      `${file} cannot be written. Give the user who runs Rotula the right to write there, or set ROTULA_DATA to another folder.`,
  },
  {
    when: /SQLITE_FULL|ENOSPC|full/i,
    says: (file) => `The disk that holds ${file} is full. Make room, then start again; nothing was lost.`,
  },
  {
    when: /SQLITE_(BUSY|LOCKED)|database is locked/i,
    says: (file) =>
      `Another program holds ${file} and does not let go. Close it (a backup, a database browser), then try again.`,
  },
  {
    when: /SQLITE_CANTOPEN|unable to open|ENOENT|ENOTDIR|EISDIR|EEXIST/i,
    says: (file) =>
      `${file} cannot be opened. Look whether the folder is there and readable, or set ROTULA_DATA to another one.`,
  },
];

/** The sentence for a fault at the data; of one that nobody foresaw its code. */
export function troubleOf(fault: unknown, file: string): DataTrouble {
  if (fault instanceof DataTrouble) return fault;
  const row = MEANS.find(({ when }) => when.test(textOf(fault)));
  // The fault's own words may quote what was asked of SQLite, and with it what a customer said.
  return new DataTrouble(
    row ? row.says(file) : `The data in ${file} cannot be used (${codeOf(fault) || 'no code was given'}).`,
  );
}
