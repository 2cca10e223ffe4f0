/** Which copies stay: the newest of each of seven days, four weeks and twelve months, and those just made. */

/** Copies that are made before an import come close together: the last few stay whatever their day. */
const LAST = 5;

const pad = (n: number) => String(n).padStart(2, '0');
const dayOf = (at: Date) => `${at.getFullYear()}-${pad(at.getMonth() + 1)}-${pad(at.getDate())}`;
const monthOf = (at: Date) => dayOf(at).slice(0, 7);
/** The Monday of its week. */
const weekOf = (at: Date) =>
  dayOf(new Date(at.getFullYear(), at.getMonth(), at.getDate() - ((at.getDay() + 6) % 7)));

const SPANS: readonly { readonly of: (at: Date) => string; readonly keeps: number }[] = [
  { of: dayOf, keeps: 7 },
  { of: weekOf, keeps: 4 },
  { of: monthOf, keeps: 12 },
];

/** Of copies made at these times, the newest first: which to keep. Pure; days are those of the shop's own clock. */
export function keptCopies(times: readonly Date[]): boolean[] {
  const kept = times.map((_, i) => i < LAST);
  for (const { of, keeps } of SPANS) {
    const seen = new Set<string>();
    times.forEach((at, i) => {
      const span = of(at);
      if (seen.has(span) || seen.size === keeps) return;
      seen.add(span);
      kept[i] = true;
    });
  }
  return kept;
}

/** The hour of the night at which a shop that runs on is copied, by its own clock. */
const NIGHT_HOUR = 3;

/** Is a copy due: was there none since last night (or ever)? */
export function copyIsDue(last: Date | null, now: Date): boolean {
  if (last === null) return true;
  const night = new Date(now.getFullYear(), now.getMonth(), now.getDate(), NIGHT_HOUR);
  if (night > now) night.setDate(night.getDate() - 1);
  return last < night;
}
