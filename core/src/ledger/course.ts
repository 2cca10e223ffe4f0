import type { Good } from '../counter/index.js';
import { HOT_PROBE } from './probes.js';
import type { SessionBody } from './session.js';

/** What is to be done next in a session: nothing is skipped, and it can be taken up where it was left. */
export type NextStep =
  | { readonly what: 'alone'; readonly taster: string }
  | { readonly what: 'expect' | 'taste'; readonly taster: string; readonly probe: string }
  | { readonly what: 'done' };

export const noteOf = ({ notes }: SessionBody, taster: string, probe: string) =>
  notes.find((note) => note.taster === taster && note.probe === probe) ?? null;

/** The drink alone for every taster, then probe by probe: each taster expects, bites, and notes. */
export function nextStep(session: SessionBody): NextStep {
  const { tasters, probes, alone } = session;
  const first = tasters.find((taster) => !alone.some((entry) => entry.taster === taster));
  if (first) return { what: 'alone', taster: first };
  for (const { goodId: probe } of probes)
    for (const taster of tasters) {
      const note = noteOf(session, taster, probe);
      if (!note) return { what: 'expect', taster, probe };
      if (note.sits === null) return { what: 'taste', taster, probe };
    }
  return { what: 'done' };
}

export interface Progress {
  readonly done: number;
  readonly all: number;
}

/** How much of a session is noted: the drink alone and every probe, by every taster. */
export function progressOf({ tasters, probes, alone, notes }: SessionBody): Progress {
  return {
    done: alone.length + notes.filter(({ sits }) => sits !== null).length,
    all: tasters.length * (1 + probes.length),
  };
}

export const isFinished = (session: SessionBody): boolean => nextStep(session).what === 'done';

/** Water and plain bread between all probes; this long after a hot one (docs/trade.md `ledger/course MINUTES_AFTER_HOT`; common practice, no source). */
const MINUTES_AFTER_HOT = 2;

/**
 * Until when to wait before the next bite, as an ISO time; null: not at all. The last noted bite of the same taster counts if it was hot.
 */
export function waitUntil(session: SessionBody, taster: string): string | null {
  const last = session.notes
    .filter((note) => note.taster === taster && note.sits !== null)
    .reduce<SessionBody['notes'][number] | null>(
      (late, note) => (!late || note.at > late.at ? note : late),
      null,
    );
  const good = last && session.goods.find(({ id }) => id === last.probe);
  if (!last || !good || (good as Good & { sense: { heat: number } }).sense.heat < HOT_PROBE) return null;
  return new Date(Date.parse(last.at) + MINUTES_AFTER_HOT * 60_000).toISOString();
}

/** What is noted of a drink alone. */
type AloneNote = SessionBody['alone'][number];
type ProbeNote = SessionBody['notes'][number];

const isAbout = (taster: string, probe: string) => (note: ProbeNote) =>
  note.taster === taster && note.probe === probe;

/** The session with the drink alone noted by a taster; what was there before is replaced. */
export const withAlone = (session: SessionBody, alone: AloneNote): SessionBody => ({
  ...session,
  alone: [...session.alone.filter(({ taster }) => taster !== alone.taster), alone],
});

/** The session with what a taster expects of a probe; a bite that was noted before stays. */
export function withExpected(
  session: SessionBody,
  about: Pick<ProbeNote, 'taster' | 'probe' | 'expected' | 'at'>,
): SessionBody {
  const before = noteOf(session, about.taster, about.probe);
  const note: ProbeNote = { sits: null, moved: {}, words: [], ...before, ...about };
  return { ...session, notes: [...session.notes.filter((other) => other !== before), note] };
}

/** The session with a bite noted; it must have been expected. */
export const withTasted = (
  session: SessionBody,
  about: Pick<ProbeNote, 'taster' | 'probe' | 'at'> & Required<Pick<ProbeNote, 'sits' | 'moved' | 'words'>>,
): SessionBody => ({
  ...session,
  notes: session.notes.map((note) =>
    isAbout(about.taster, about.probe)(note) ? { ...note, ...about } : note,
  ),
});

/** The session with a bite that is tasted once more: it comes next. */
export const reopened = (session: SessionBody, taster: string, probe: string): SessionBody => ({
  ...session,
  finishedAt: null,
  notes: session.notes.map((note) => (isAbout(taster, probe)(note) ? { ...note, sits: null } : note)),
});

/**
 * Two versions of a session put together: what either noted is kept, and of what both noted mine stands unless theirs is later. Several tasters may
 * note on screens of their own.
 */
export function mergedSession(mine: SessionBody, theirs: SessionBody): SessionBody {
  const later = <T extends { readonly at: string }>(a: T, b: T | undefined): T => (b && b.at > a.at ? b : a);
  const notes = mine.notes.map((note) => later(note, theirs.notes.find(isAbout(note.taster, note.probe))));
  const alone = mine.alone.map((own) =>
    later(
      own,
      theirs.alone.find(({ taster }) => taster === own.taster),
    ),
  );
  const tasters = [...new Set([...mine.tasters, ...theirs.tasters])];
  return {
    ...mine,
    tasters,
    alone: [...alone, ...theirs.alone.filter(({ taster }) => !alone.some((own) => own.taster === taster))],
    notes: [...notes, ...theirs.notes.filter((note) => !notes.some(isAbout(note.taster, note.probe)))],
    finishedAt: mine.finishedAt ?? theirs.finishedAt,
  };
}
