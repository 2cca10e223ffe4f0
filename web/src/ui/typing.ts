/**
 * What is typed is taken into its document while it is typed; all that one visit to a field changes is one step for undo. While a
 * field hands its value on, this names the visit.
 */
let visit: string | null = null;

/** The visit to a field that is the cause of what is changed now; null: none is. */
export const typingVisit = (): string | null => visit;

export function asTyped(name: string, does: () => void): void {
  const before = visit;
  visit = name;
  try {
    does();
  } finally {
    visit = before;
  }
}
