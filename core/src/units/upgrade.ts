/**
 * Documents that last: what was stored by an earlier version is brought to today's form by a chain of small steps, one a
 * version. A step takes the raw document of its version and returns that of the next; it never guesses what it cannot know.
 */
export type Upgrade = (document: never) => unknown;

export interface Format {
  readonly name: string;
  /** The version that is written today. */
  readonly version: number;
  /** `upgrades[v]` brings a document of version v to v + 1; one for every version before today's. */
  readonly upgrades: Readonly<Record<number, Upgrade>>;
}

export type Upgraded = { readonly document: unknown } | { readonly says: string };

/** Bring a document of some version to today's; says why when it cannot be. */
export function upgraded(format: Format, document: unknown, version: number): Upgraded {
  if (!Number.isInteger(version) || version < 1)
    return { says: `${format.name}: “${version}” is no format version` };
  if (version > format.version)
    return {
      says: `${format.name} of format ${version} was made by a later Rotula; this one reads up to ${format.version}. Use the newer program for it.`,
    };
  let now = document;
  for (let v = version; v < format.version; v++) {
    const step = format.upgrades[v];
    if (!step) return { says: `${format.name}: there is no way from format ${v} to ${v + 1}` };
    try {
      now = step(now as never);
    } catch (fault) {
      return {
        says: `${format.name} of format ${v} cannot be brought to ${v + 1}: ${(fault as Error).message}`,
      };
    }
  }
  return { document: now };
}
