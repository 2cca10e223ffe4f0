import { ageIn, ageOn, mainMilk, type Age, type Cheese, type Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { sightOf, SOFTNESS } from '../sense/index.js';
import { canonicalText, reason, reasonKey, type Reason } from '../units/index.js';
import type { AxisId } from './axisIds.js';
import { measurer, type Balance } from './measure.js';
import { qualityOf } from './terms.js';

export type FeltFirmness = 'soft' | 'springy' | 'firm' | 'hard';
export type AxisWord = string | number | readonly string[] | Age;

declare module '../units/reason.js' {
  interface Rules {
    /** What a good is on an axis, whether it is the only one there, and what its rival would be, if it differs. */
    brings: {
      axis: AxisId;
      is: AxisWord;
      alone: boolean;
      better: boolean;
      rival: { name: string; is: AxisWord } | null;
    };
    'suits-the-table': { better: boolean; rival: string | null };
    'even-rise': { better: boolean };
  }
}

export interface Effect {
  /** The good it is compared with, or null: compared with an empty place. */
  readonly rival: Main | null;
  /** Signed points by part; they add up to `total`. */
  readonly parts: readonly Reason[];
  readonly total: number;
}

/**
 * The effect of a good: the selection's value with it less the value with its best rival in its place, part by part.
 * Without a rival, less the value with its place empty, both on the scale of the full selection.
 */
export function effectOf(main: Main, selection: readonly Main[], rival: Main | null, brief: Brief): Effect {
  const others = selection.filter((m) => m.id !== main.id);
  const measured = measurer(brief);
  const withIt = measured(selection);
  const without = measured(rival ? [...others, rival] : others);
  // With its place empty fewer goods share the dial: their points are given on the scale of the full selection.
  const scale = rival || withIt.best === 0 ? 1 : without.best / withIt.best;
  const names = new Set([...withIt.parts.keys(), ...without.parts.keys()]);
  const parts = [...names].map((name) => {
    const scaled = isShared(name) ? scale : 1;
    const diff = (withIt.parts.get(name) ?? 0) - (without.parts.get(name) ?? 0) * scaled;
    const at = { main, rival, others, better: diff >= 0, brief, withIt };
    return { ...partReason(name, at), effect: diff, source: 'docs/rooms/balance.md' };
  });
  const felt = parts.filter((part) => Math.abs(part.effect) > 1e-9);
  felt.sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect) || reasonKey(a).localeCompare(reasonKey(b)));
  return { rival, parts: felt, total: felt.reduce((sum, part) => sum + part.effect, 0) };
}

/** Parts that are shares of the dial. */
const isShared = (name: string) => /^(cheese|meat) /.test(name);

interface At {
  readonly main: Main;
  readonly rival: Main | null;
  readonly others: readonly Main[];
  readonly better: boolean;
  readonly brief: Brief;
  readonly withIt: Balance;
}

/** What a good brings to a part of the value, or takes from it. */
function partReason(name: string, at: At): Reason {
  const { main, rival, others, better, brief, withIt } = at;
  if (isShared(name))
    return axisReason(name.replace(/^\w+ /, '') as AxisId, main, rival, others, better, brief);
  if (name === 'quality') return qualityOf(main, brief);
  const about = { subject: name };
  if (name === 'fit') return reason('suits-the-table', { better, rival: rival?.name ?? null }, about);
  if (name === 'rise') return reason('even-rise', { better }, about);
  const remark = better ? undefined : withIt.remarks.find((r) => r.rule === name);
  return remark ?? reason('more-of-the-same', { better }, about);
}

/** A good on an axis, as a monger would distinguish it from another: a word of a table, or a figure. */
const TELLING: Record<AxisId, (main: Main, brief: Brief) => AxisWord> = {
  texture: (m) => (m.kind === 'cheese' ? m.texture : ''),
  firmness: (m) => (m.kind === 'cheese' ? firmnessOf(m) : ''),
  milk: (m) => (m.kind === 'cheese' ? mainMilk(m) : ''),
  intensity: (m) => m.sense.intensity,
  age: (m, brief) => ageIn(ageOn(m, brief.servingAt)),
  flavour: (m) => m.flavours,
  sight: (m) => (m.kind === 'cheese' ? sightOf(m) : ''),
  origin: (m) => m.origin.region || m.origin.country,
  company: (m) => m.known,
  build: (m) => (m.kind === 'meat' ? m.build : ''),
  animal: (m) => (m.kind === 'meat' ? m.animals.map((a) => a.animal) : ''),
  calibre: (m) => (m.kind === 'meat' ? m.calibre : ''),
  heat: (m) => (m.sense.heat >= 3 ? 'spicy' : 'gentle'),
  smoke: (m) => (m.sense.smoke >= 3 ? 'smoked' : 'unsmoked'),
};

/** Where a family lies between soft and hard. */
function firmnessOf({ texture }: Cheese): FeltFirmness {
  const softness = SOFTNESS[texture];
  if (softness >= 7.5) return 'soft';
  if (softness >= 5) return 'springy';
  return softness >= 3 ? 'firm' : 'hard';
}

function axisReason(
  axis: AxisId,
  main: Main,
  rival: Main | null,
  others: readonly Main[],
  better: boolean,
  brief: Brief,
): Reason {
  const valueOf = (m: Main) => TELLING[axis](m, brief);
  const same = (a: AxisWord, b: AxisWord) => canonicalText(a) === canonicalText(b);
  const is = valueOf(main);
  const alone = !others.some((m) => m.kind === main.kind && same(valueOf(m), is));
  const other = rival && !same(valueOf(rival), is) ? { name: rival.name, is: valueOf(rival) } : null;
  return reason('brings', { axis, is, alone, better, rival: other }, { subject: `${main.kind} ${axis}` });
}
