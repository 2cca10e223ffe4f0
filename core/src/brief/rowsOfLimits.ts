/**
 * Until format 13 an order held a row for each limit, with its own reach, guests and name. What such rows became in format 14:
 * guests with limits. Frozen, as an upgrade step is; the API still takes the old rows through it.
 */

export interface Row {
  readonly what: string;
  readonly severity?: string;
  readonly reach?: string;
  readonly guests?: number;
  readonly who?: string;
  readonly note?: string;
}
export interface Heads {
  readonly adults?: number;
  readonly children?: number;
  readonly under5?: number;
  readonly infants?: number;
}

/** The strictest first. */
const STRICTEST = ['board', 'own plate', 'card'];
const KINDS = [
  ['adult', 'adults'],
  ['child', 'children'],
  ['under5', 'under5'],
  ['infant', 'infants'],
] as const;
/** What harms had a plate of its own, where it was only marked. */
const harms = ({ what, severity }: Row) =>
  severity === 'allergy' || (severity === 'medical' && what.startsWith('allergen:'));

interface Group {
  readonly rows: readonly Row[];
  readonly named: boolean;
  readonly count: number;
}

const reachOf = (row: Row): string | undefined =>
  row.reach === 'card' && harms(row) ? 'own plate' : row.reach;

/** Rows of one name together, each row without a name alone; small children are no limit any more. */
function groupsOf(rows: readonly Row[]): Group[] {
  const byName = new Map<string, Row[]>();
  rows.forEach((row, i) => {
    if (row.what === 'risk:young') return;
    const name = (row.who ?? '').trim().toLowerCase();
    const key = name === '' ? `#${i}` : `=${name}`;
    byName.set(key, [...(byName.get(key) ?? []), row]);
  });
  return [...byName].map(([key, own]) => ({
    rows: own,
    named: key.startsWith('='),
    count: Math.max(...own.map(({ guests }) => guests ?? 1)),
  }));
}

/** No more groups than heads: the last meets what the rest asked for, so that no limit is lost. */
const within = (groups: readonly Group[], heads: number): readonly Group[] =>
  heads === 0 || groups.length <= heads
    ? groups
    : [
        ...groups.slice(0, heads - 1),
        { rows: groups.slice(heads - 1).flatMap(({ rows }) => rows), named: true, count: 1 },
      ];

/**
 * Guests with limits in place of rows.
 * @param open the order is still worked at: plates without a name may be one guest's, so each is marked as unsure
 */
export function personsOfRows(rows: readonly Row[], heads: Heads, open: boolean): unknown[] {
  const left = Object.fromEntries(KINDS.map(([, of]) => [of, heads[of] ?? 0]));
  const all = Object.values(left).reduce((sum, n) => sum + n, 0);
  const groups = within(groupsOf(rows), all);
  const isPlate = ({ rows: own }: Group) => own.some((row) => reachOf(row) === 'own plate');
  const unnamed = groups.filter((group) => !group.named && isPlate(group));
  let free = all;
  return groups.flatMap((group, i) => {
    const person = {
      who: (group.rows[0]!.who ?? '').trim(),
      limits: unique(group.rows).map(({ what, severity }) => ({ what, severity })),
      reach:
        STRICTEST.find((reach) => group.rows.some((row) => reachOf(row) === reach)) ?? group.rows[0]!.reach,
      seat: '',
      severe: false,
      note: notesOf(group.rows),
      unsure: open && unnamed.length > 1 && unnamed.includes(group),
    };
    if (all === 0) return [{ ...person, count: group.count, head: 'adult' }];
    // One head is left for each group after this one.
    let wanted = Math.max(1, Math.min(group.count, free - (groups.length - i - 1)));
    free -= wanted;
    return KINDS.flatMap(([head, of]) => {
      const count = Math.min(wanted, left[of]!);
      left[of]! -= count;
      wanted -= count;
      return count > 0 ? [{ ...person, count, head }] : [];
    });
  });
}

/** What was noted of each; several are cut where a note ends at the most. */
function notesOf(rows: readonly Row[]): string {
  const notes = [...new Set(rows.map(({ note }) => (note ?? '').trim()))].filter(Boolean);
  return notes.length > 1 ? notes.join('; ').slice(0, 500) : (notes[0] ?? '');
}

/** Each limit once, at its strictest. */
const SEVEREST = ['allergy', 'medical', 'religious', 'diet', 'dislike'];
function unique(rows: readonly Row[]): Row[] {
  const rank = ({ severity }: Row) => SEVEREST.indexOf(severity ?? '');
  const byWhat = new Map<string, Row>();
  for (const row of rows) {
    const other = byWhat.get(row.what);
    if (!other || rank(row) < rank(other)) byWhat.set(row.what, row);
  }
  return [...byWhat.values()];
}
