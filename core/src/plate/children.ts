import { chokingRowOf, notForSmall, type SafeForm } from '../care/index.js';
import type { Brief } from '../brief/index.js';
import { isCompanion, isMain, type Companion, type Good, type Main } from '../counter/index.js';
import { grams, type Grams } from '../units/index.js';
import type { OwnPlate } from './plate.js';

/** How a small child gets a good: in its safe form, or not at all. */
export interface ChildLine {
  readonly good: Main | Companion;
  /** "grated", "quartered lengthways"; null: no part of it is theirs. */
  readonly form: SafeForm | null;
  /** What of it lies on the plates of the small children; 0: they are handed none. */
  readonly grams: Grams;
  readonly source: string;
}

/**
 * Lines for children under 5: what they can choke on of their own plates, in its safe form with its grams, then of all else that is
 * offered, which somebody may hand them: the form, or that it is not theirs. Empty when none is coming.
 * @param others everything else that is offered at this table
 */
export function childLinesFor(
  plates: readonly OwnPlate[],
  others: readonly Good[],
  { guests: { under5, infants } }: Brief,
): ChildLine[] {
  if (under5 + infants === 0) return [];
  const net = new Map<Good, number>();
  for (const plate of plates.filter(({ small }) => small))
    for (const line of plate.lines) net.set(line.good, (net.get(line.good) ?? 0) + line.net);
  const theirs = new Set([...net.keys()].map(({ id }) => id));
  const all = [...net.keys(), ...others.filter(({ id }) => !theirs.has(id))];
  return all.flatMap((good): ChildLine[] => {
    if (!isMain(good) && !isCompanion(good)) return [];
    const barred = notForSmall(good);
    if (barred) return [{ good, form: null, grams: grams(0), source: barred.source }];
    const row = chokingRowOf(good);
    if (!row) return [];
    return [{ good, form: row.form, grams: grams(net.get(good) ?? 0), source: row.source }];
  });
}
