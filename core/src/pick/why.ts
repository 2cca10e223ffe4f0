import { ageOn, mainMilk, type Cheese, type Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { sightOf, SOFTNESS } from '../sense/index.js';
import { reason, type Reason } from '../units/index.js';
import { measurer, type Balance } from './measure.js';
import { qualityOf } from './terms.js';

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
  // With its place empty fewer goods share the dial: their points are told on the scale of the full selection.
  const scale = rival || withIt.best === 0 ? 1 : without.best / withIt.best;
  const names = new Set([...withIt.parts.keys(), ...without.parts.keys()]);
  const parts = [...names].map((name) => {
    const scaled = isShared(name) ? scale : 1;
    const diff = (withIt.parts.get(name) ?? 0) - (without.parts.get(name) ?? 0) * scaled;
    return reason(name, diff, saysOf(name, { main, rival, others, diff, brief, withIt }), 'docs/balance.md');
  });
  const felt = parts.filter((part) => Math.abs(part.effect) > 1e-9);
  felt.sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect) || a.rule.localeCompare(b.rule));
  return { rival, parts: felt, total: felt.reduce((sum, part) => sum + part.effect, 0) };
}

/** Parts that are shares of the dial. */
const isShared = (name: string) => /^(cheese|meat) /.test(name);

interface Saying {
  readonly main: Main;
  readonly rival: Main | null;
  readonly others: readonly Main[];
  readonly diff: number;
  readonly brief: Brief;
  readonly withIt: Balance;
}

function saysOf(name: string, at: Saying): string {
  const { main, rival, others, diff, brief, withIt } = at;
  if (isShared(name)) return axisSays(name.replace(/^\w+ /, ''), main, rival, others, diff, brief);
  if (name === 'quality') return qualityOf(main, brief).says;
  if (name === 'fit')
    return `suits this table ${diff < 0 ? 'less' : 'better'} than ${rival?.name ?? 'nothing'}`;
  if (name === 'rise')
    return diff < 0 ? 'a less even rise from mild to strong' : 'a more even rise from mild to strong';
  if (diff >= 0) return 'less of the same than its rival';
  return withIt.remarks.find((r) => r.rule === name)?.says ?? 'more of the same';
}

/** The word of a good on an axis, as a monger would say it. */
const WORDS: Record<string, (main: Main, brief: Brief) => string> = {
  texture: (m) => (m.kind === 'cheese' ? m.texture : ''),
  firmness: (m) => (m.kind === 'cheese' ? firmnessWord(m) : ''),
  milk: (m) => (m.kind === 'cheese' ? mainMilk(m) : ''),
  intensity: (m) => `strength ${m.sense.intensity}`,
  age: (m, brief) => ageWords(ageOn(m, brief.servingAt)),
  flavour: (m) => m.flavours.join(' and ') || 'plain',
  sight: (m) => (m.kind === 'cheese' ? sightOf(m) : ''),
  origin: (m) => m.origin.region || m.origin.country || 'origin not known',
  company: (m) => m.known,
  build: (m) => (m.kind === 'meat' ? m.build : ''),
  animal: (m) => (m.kind === 'meat' ? m.animals.map((a) => a.animal).join(' and ') : ''),
  calibre: (m) => (m.kind === 'meat' ? `${m.calibre} format` : ''),
  heat: (m) => (m.sense.heat >= 3 ? 'spicy' : 'gentle'),
  smoke: (m) => (m.sense.smoke >= 3 ? 'smoked' : 'unsmoked'),
};

/** Where a family lies between soft and hard, in a word. */
function firmnessWord({ texture }: Cheese): string {
  const softness = SOFTNESS[texture];
  return softness >= 7.5
    ? 'soft paste'
    : softness >= 5
      ? 'springy paste'
      : softness >= 3
        ? 'firm paste'
        : 'hard paste';
}

/** Days as a monger says them: 9 days, 6 weeks, 7 months, 3 years. */
export function ageWords(days: number): string {
  const say = (n: number, unit: string) => `${n} ${unit}${n === 1 ? '' : 's'}`;
  if (days < 21) return say(days, 'day');
  if (days < 84) return say(Math.round(days / 7), 'week');
  if (days < 700) return say(Math.round(days / 30.44), 'month');
  return say(Math.round(days / 365.25), 'year');
}

function axisSays(
  axis: string,
  main: Main,
  rival: Main | null,
  others: readonly Main[],
  diff: number,
  brief: Brief,
): string {
  const word = WORDS[axis]!(main, brief);
  const peers = others.filter((m) => m.kind === main.kind);
  const alone = !peers.some((m) => WORDS[axis]!(m, brief) === word);
  const here = alone ? `the only ${word}` : `another ${word}`;
  if (!rival) return here;
  const other = WORDS[axis]!(rival, brief);
  if (other === word) return here;
  return diff >= 0 ? `${here}; its best rival is ${other}` : `${here}; ${rival.name} would bring ${other}`;
}
