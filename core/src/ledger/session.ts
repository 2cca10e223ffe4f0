import { z } from 'zod';
import { Companion, Drink, Cheese, GOOD_FORMAT, GoodId, Meat, upgradedGoods } from '../counter/index.js';
import { lineText, upgraded, type Format, versionOf } from '../units/index.js';
import { MOST_TASTERS, MOVED, MOVES, PROBE_ROLES, SITS } from './words.js';

/**
 * A tasting session (docs/formats.md): a drink alone, then with each of a fixed set of probes, in a recorded order; what was expected, what
 * moved, and how well they sat. It keeps the goods as they were, so that it can be read when they have gone.
 */

const Level = z.number().int().min(0).max(4);
const Words = z.array(lineText(60, 1)).max(6).default([]);
const Taster = lineText(60, 1);
const At = z.string().max(40);
const one = <T extends readonly [number, ...number[]]>(values: T) =>
  z.number().refine((n): n is T[number] => values.includes(n), `one of ${values.join(', ')}`);

/** The drink by itself, each 0 (none) to 4 (much). */
const Alone = z.object({
  taster: Taster,
  felt: z.object(
    Object.fromEntries(MOVES.map((move) => [move, Level])) as Record<(typeof MOVES)[number], typeof Level>,
  ),
  words: Words,
  at: At,
});

/** One taster, one probe. */
const Note = z.object({
  taster: Taster,
  probe: GoodId,
  /** Noted before the bite: how well they will sit. */
  expected: one(SITS),
  /** null: expected, and not tasted yet. */
  sits: one(SITS).nullable().default(null),
  moved: z.partialRecord(z.enum(MOVES), one(MOVED)).default({}),
  words: Words,
  at: At,
});

const Probe = z.object({ role: z.enum(PROBE_ROLES), goodId: GoodId });
const Tasted = z.discriminatedUnion('kind', [Cheese, Meat, Companion, Drink]);

export const SessionBody = z
  .object({
    drink: GoodId,
    title: lineText(160).default(''),
    startedAt: z
      .string()
      .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/, 'a day and a time, such as 2026-11-28T19:00'),
    finishedAt: At.nullable().default(null),
    tasters: z
      .array(Taster)
      .min(1, 'a session has a taster')
      .max(MOST_TASTERS)
      .refine((names) => new Set(names).size === names.length, 'each taster is named once'),
    /** In the order in which they are tasted. */
    probes: z
      .array(Probe)
      .min(1)
      .max(12)
      .refine(
        (all) => new Set(all.map(({ goodId }) => goodId)).size === all.length,
        'each probe is named once',
      ),
    alone: z.array(Alone).max(MOST_TASTERS).default([]),
    notes: z
      .array(Note)
      .max(12 * MOST_TASTERS)
      .default([]),
    /** Does the house learn from it? */
    counts: z.boolean().default(true),
    remark: z.string().max(2000).default(''),
    /** The drink and the probes as they were, without their lots. */
    goods: z.array(Tasted).min(1).max(14),
  })
  .superRefine((session, ctx) => {
    const kept = new Set(session.goods.map(({ id }) => id));
    const fault = (path: PropertyKey[], message: string) => ctx.addIssue({ code: 'custom', path, message });
    if (session.goods.find(({ id }) => id === session.drink)?.kind !== 'drink')
      fault(['drink'], 'the session keeps no such drink');
    session.probes.forEach(({ goodId }, i) => {
      if (!kept.has(goodId) || goodId === session.drink)
        fault(['probes', i], 'the session keeps no such good');
    });
    const probed = new Set(session.probes.map(({ goodId }) => goodId));
    const names = new Set(session.tasters);
    session.notes.forEach(({ probe, taster }, i) => {
      if (!probed.has(probe)) fault(['notes', i, 'probe'], 'a note is about a probe of the session');
      if (!names.has(taster)) fault(['notes', i, 'taster'], 'a note is by a taster of the session');
    });
    if (new Set(session.notes.map(({ probe, taster }) => `${taster} ${probe}`)).size < session.notes.length)
      fault(['notes'], 'each taster notes each probe once');
  });
export type SessionBody = z.infer<typeof SessionBody>;
export type Note = SessionBody['notes'][number];

export const SessionId = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'an id has lower-case letters, digits and dashes');

/** A session as it is stored. */
export type Session = SessionBody & {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
};

/** Format of a session. 1: as first stored; the goods in it are of format 7. */
export const SESSION_FORMAT: Format = {
  name: 'a tasting',
  history: [{ version: 1, change: 'as first stored', old: '', upgrade: null }],
};
/** The format of goods that each format of a session keeps. */
const GOODS_OF: Readonly<Record<number, number>> = { 1: 7 };

/** The file of one session. */
export const SessionFile = z
  .looseObject({
    format: z.literal('rotula.tasting', 'this is no tasting: its "format" is not "rotula.tasting"'),
    formatVersion: z.number('the file does not say its "formatVersion"').int(),
  })
  .transform((file, ctx) => {
    const refuse = (says: string) => {
      ctx.addIssue({ code: 'custom', path: ['formatVersion'], message: says });
      return z.NEVER;
    };
    const up = upgraded(SESSION_FORMAT, file.session, file.formatVersion);
    if ('says' in up) return refuse(up.says);
    const goods = upgradedGoods(
      (up.document as { goods?: unknown }).goods,
      GOODS_OF[file.formatVersion] ?? versionOf(GOOD_FORMAT),
    );
    if ('says' in goods) return refuse(goods.says);
    return {
      format: file.format,
      formatVersion: versionOf(SESSION_FORMAT),
      session: { ...(up.document as object), goods: goods.document },
    };
  })
  .pipe(z.object({ format: z.literal('rotula.tasting'), formatVersion: z.number(), session: SessionBody }));
export type SessionFile = z.infer<typeof SessionFile>;

export const sessionFile = (session: SessionBody): SessionFile => ({
  format: 'rotula.tasting',
  formatVersion: versionOf(SESSION_FORMAT),
  session: SessionBody.parse(session),
});
