import type { DrinkRuleId } from '../pair/index.js';
import { LEARNT_RULES, POINTS_A_NOTE, predicted, PRIOR, type Evidence } from './evidence.js';
import { addRow, boundedSolution, emptyRidge, freeSolution, type Ridge } from './ridge.js';

/** What a note may be off though the weights are right, how far a weight may lie from its prior, and how far a taster from another. House's own figures. */
const NOISE = 0.8;
const SPREAD = 0.5;
const LEAST_SPREAD = 0.1;
const TASTER_SPREAD = 0.5;
/** A weight reverses its sign where it is this many standard deviations beyond zero, on at least this many bites. */
const REVERSED_AT = 3;
const REVERSED_FROM = 12;

/** What the sessions teach of one rule. */
export interface RuleChange {
  readonly rule: DrinkRuleId;
  readonly from: number;
  readonly to: number;
  /** How sure the fit is of it, as a standard deviation. */
  readonly sure: number;
  /** Bites in which the rule does anything. */
  readonly bites: number;
  /** The evidence reversed its sign. */
  readonly reversed: boolean;
}

export interface WeightFit {
  readonly weights: Float64Array;
  readonly changes: readonly RuleChange[];
  /** How much kinder or harder each taster notes than the model. */
  readonly tasters: ReadonlyMap<string, number>;
  readonly notes: number;
}

/** The unknowns: a difference for each weight, then one for each taster; and the notes as rows of a ridge. */
interface Space {
  readonly tasters: readonly string[];
  readonly spread: Float64Array;
  readonly rows: readonly Row[];
}
interface Row {
  readonly bite: Evidence;
  readonly of: Float64Array;
  readonly rest: number;
}

function spaceOf(evidence: readonly Evidence[]): Space {
  const tasters = [...new Set(evidence.map(({ taster }) => taster))].sort();
  const n = PRIOR.length + tasters.length;
  const spread = new Float64Array(n).fill(TASTER_SPREAD);
  PRIOR.forEach((weight, k) => (spread[k] = Math.max(LEAST_SPREAD, SPREAD * weight)));
  const rows = evidence.map((bite): Row => {
    const of = new Float64Array(n);
    for (let k = 0; k < PRIOR.length; k++) of[k] = bite.amounts[k]! / POINTS_A_NOTE;
    of[PRIOR.length + tasters.indexOf(bite.taster)] = 1;
    return { bite, of, rest: bite.sits - predicted(bite.amounts, PRIOR) };
  });
  return { tasters, spread, rows };
}

interface Solution {
  readonly d: Float64Array;
  readonly sure: Float64Array;
  readonly reversed: ReadonlySet<number>;
  /** Notes at the end of the scale that the answer goes beyond: they are no miss. */
  readonly beyond: ReadonlySet<Row>;
}

/** The ends of the scale: a note there means that, or more. */
const END = 2;
/** Which notes are met from beyond settles in a few passes; after this many the last answer stands. */
const MOST_PASSES = 12;

/** How low each unknown may fall: a weight to zero, unless the evidence reverses it. */
function boundsOf(ridge: Ridge, rows: readonly Row[]) {
  const { d, sure } = freeSolution(ridge);
  const bites = bitesOf(rows);
  const least = new Float64Array(ridge.n).fill(-Infinity);
  const reversed = new Set<number>();
  for (let k = 0; k < PRIOR.length; k++) {
    const far = -(PRIOR[k]! + d[k]!) / sure[k]!;
    if (far >= REVERSED_AT && bites[k]! >= REVERSED_FROM) reversed.add(k);
    else least[k] = -PRIOR[k]!;
  }
  return { least, sure, reversed };
}

const bitesOf = (rows: readonly Row[]): Float64Array => {
  const bites = new Float64Array(PRIOR.length);
  for (const { bite } of rows) for (let k = 0; k < bites.length; k++) if (bite.amounts[k] !== 0) bites[k]!++;
  return bites;
};

/** Is a note at the end of its scale, and the answer beyond it? */
function isBeyond({ bite, of, rest }: Row, d: Float64Array): boolean {
  if (Math.abs(bite.sits) < END) return false;
  let off = rest;
  for (let k = 0; k < d.length; k++) off -= of[k]! * d[k]!;
  return Math.sign(bite.sits) * off < 0;
}

/**
 * The unknowns that explain these notes best. A note at the end of the scale means that or more, so one that the answer goes beyond is no miss (a
 * one-sided square, solved by leaving such notes out until they settle).
 */
function solve({ spread }: Space, rows: readonly Row[], start: ReadonlySet<Row> = new Set()): Solution {
  const ridge = emptyRidge(spread);
  for (const row of rows) if (!start.has(row)) addRow(ridge, row.of, row.rest, NOISE);
  let beyond: ReadonlySet<Row> = start;
  for (let pass = 0; ; pass++) {
    const { least, sure, reversed } = boundsOf(ridge, rows);
    const d = boundedSolution(ridge, least);
    const next = new Set(rows.filter((row) => isBeyond(row, d)));
    const moved = rows.filter((row) => next.has(row) !== beyond.has(row));
    if (moved.length === 0 || pass === MOST_PASSES) return { d, sure, reversed, beyond: next };
    for (const row of moved) addRow(ridge, row.of, row.rest, NOISE, next.has(row) ? -1 : 1);
    beyond = next;
  }
}

/**
 * What the sessions teach: the weights of the rules about drinks that explain the notes best, drawn to the fitted prior: few notes move them little,
 * many much. A weight keeps its sign unless the evidence passes the stated bound. Without notes they are the prior, to the last digit.
 */
export function fitOf(evidence: readonly Evidence[]): WeightFit {
  const space = spaceOf(evidence);
  const { d, sure, reversed } = solve(space, space.rows);
  const bites = bitesOf(space.rows);
  const weights = PRIOR.map((weight, k) => weight + d[k]!);
  return {
    weights,
    changes: LEARNT_RULES.map((rule, k) => ({
      rule: rule.id as DrinkRuleId,
      from: PRIOR[k]!,
      to: weights[k]!,
      sure: sure[k]!,
      bites: bites[k]!,
      reversed: reversed.has(k),
    })),
    tasters: new Map(space.tasters.map((taster, t) => [taster, d[PRIOR.length + t]!])),
    notes: evidence.length,
  };
}

/** Root of the mean square by which notes are missed. */
const missed = (errors: readonly number[]): number =>
  errors.length === 0 ? 0 : Math.sqrt(errors.reduce((sum, error) => sum + error * error, 0) / errors.length);

export interface Judged {
  readonly session: string;
  readonly prior: number;
  readonly learnt: number;
  readonly notes: number;
}

/** How far the notes of each session are missed by the prior, and by what all other sessions teach (left one session out). */
export function judged(evidence: readonly Evidence[]): Judged[] {
  const space = spaceOf(evidence);
  const { beyond } = solve(space, space.rows);
  return [...bySession(space.rows)].map(([session, own]) => {
    const { d } = solve(
      space,
      space.rows.filter(({ bite }) => bite.session !== session),
      new Set([...beyond].filter(({ bite }) => bite.session !== session)),
    );
    return judgedBy(session, own, d, space);
  });
}

/** The same in the order of time: each session by what those before it taught. */
export function overTime(evidence: readonly Evidence[]): Judged[] {
  const space = spaceOf(evidence);
  const before: Row[] = [];
  let beyond: ReadonlySet<Row> = new Set();
  return [...bySession(space.rows)].map(([session, own]) => {
    const solution = solve(space, before, beyond);
    beyond = solution.beyond;
    before.push(...own);
    return judgedBy(session, own, solution.d, space);
  });
}

function bySession(rows: readonly Row[]): ReadonlyMap<string, readonly Row[]> {
  const all = new Map<string, Row[]>();
  for (const row of rows) all.set(row.bite.session, [...(all.get(row.bite.session) ?? []), row]);
  return all;
}

const onScale = (note: number): number => Math.max(-END, Math.min(END, note));

function judgedBy(session: string, rows: readonly Row[], d: Float64Array, { tasters }: Space): Judged {
  const weights = PRIOR.map((weight, k) => weight + d[k]!);
  const off = (by: Float64Array) =>
    rows.map(({ bite: { amounts, taster, sits } }) => {
      const kind = d[PRIOR.length + tasters.indexOf(taster)] ?? 0;
      return sits - onScale(predicted(amounts, by) + kind);
    });
  return { session, prior: missed(off(PRIOR)), learnt: missed(off(weights)), notes: rows.length };
}

/** The mean over all notes of what is missed. */
export function overall(rows: readonly Judged[]): { readonly prior: number; readonly learnt: number } {
  const notes = rows.reduce((sum, row) => sum + row.notes, 0);
  const mean = (of: 'prior' | 'learnt') =>
    notes === 0 ? 0 : Math.sqrt(rows.reduce((sum, row) => sum + row.notes * row[of] ** 2, 0) / notes);
  return { prior: mean('prior'), learnt: mean('learnt') };
}
