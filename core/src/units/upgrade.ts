/**
 * Documents that last: what was stored by an earlier version is brought to today's form by a chain of small steps, one a
 * version. A step takes the raw document of the version before and returns that of its own; it never guesses what it cannot know, and
 * calls nothing that still changes: what it writes is what was new then.
 */
export interface FormatVersion {
  readonly version: number;
  /** What changed with it, and what a document of the version before gets. */
  readonly change: string;
  readonly old: string;
  /** null for the first. */
  readonly upgrade: ((document: never) => unknown) | null;
}

export interface Format {
  readonly name: string;
  /** Every version from 1 on; the last is the one that is written today. */
  readonly history: readonly FormatVersion[];
  /**
   * Parts that carry their own version (goods and house in an order) are brought to today's form after the steps, so that this format
   * does not rise when theirs do. `version` is the one that the document had.
   */
  readonly parts?: (document: unknown, version: number) => Upgraded;
}

export type Upgraded = { readonly document: unknown } | { readonly says: string };

/** The version that is written today. */
export const versionOf = ({ history }: Format): number => history.at(-1)!.version;

/** The step that brings a document of a version to the next. */
export const stepFrom = ({ history }: Format, version: number) =>
  history.find((step) => step.version === version + 1)?.upgrade ?? null;

/** Bring a document of some version to today's; says why when it cannot be. */
export function upgraded(format: Format, document: unknown, version: number): Upgraded {
  const newest = versionOf(format);
  if (!Number.isInteger(version) || version < 1)
    return { says: `${format.name}: “${version}” is no format version` };
  if (version > newest)
    return {
      says: `${format.name} of format ${version} was made by a later Rotula; this one reads up to ${newest}. Use the newer program for it.`,
    };
  let now = document;
  for (let v = version; v < newest; v++) {
    const step = stepFrom(format, v);
    if (!step) return { says: `${format.name}: there is no way from format ${v} to ${v + 1}` };
    try {
      now = step(now as never);
    } catch (fault) {
      return {
        says: `${format.name} of format ${v} cannot be brought to ${v + 1}: ${(fault as Error).message}`,
      };
    }
  }
  return format.parts ? format.parts(now, version) : { document: now };
}
