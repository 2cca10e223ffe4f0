import { ageOn, mainMilk, type Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { sightOf } from '../sense/index.js';
import { reason, type Reason } from '../units/index.js';
import { axesOf } from './axes.js';
import { bestRaw, measure, type Balance } from './measure.js';
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
  const withIt = measure(selection, brief);
  const without = measure(rival ? [...others, rival] : others, brief);
  const count = (kind: Main['kind']) => selection.filter((m) => m.kind === kind).length;
  const best = bestRaw('cheese', brief, count('cheese')) + bestRaw('meat', brief, count('meat'));
  const points = best > 0 ? 100 / best : 0;
  const axes = axesOf(main.kind).map((axis) => {
    const diff = (rawOf(withIt, axis.id, main.kind) - rawOf(without, axis.id, main.kind)) * points;
    return reason(axis.id, diff, axisSays(axis.id, main, rival, others, diff, brief), 'docs/balance.md');
  });
  const terms = [
    reason('quality', withIt.quality - without.quality, qualityOf(main).says, 'the counter’s own verdict'),
    reason(
      'fit',
      withIt.fit - without.fit,
      `suits this table ${withIt.fit < without.fit ? 'less' : 'better'} than ${rival?.name ?? 'nothing'}`,
    ),
    reason(
      'sameness',
      withIt.sameness - without.sameness,
      samenessSays(withIt, main, withIt.sameness < without.sameness),
    ),
    reason(
      'rise',
      withIt.rise - without.rise,
      withIt.rise < without.rise
        ? 'a less even rise from mild to strong'
        : 'a more even rise from mild to strong',
    ),
  ];
  const parts = [...axes, ...terms].filter((part) => Math.abs(part.effect) > 1e-9);
  parts.sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect) || a.rule.localeCompare(b.rule));
  return { rival, parts, total: parts.reduce((sum, part) => sum + part.effect, 0) };
}

const rawOf = (balance: Balance, axis: string, kind: Main['kind']): number =>
  balance.axes.find((a) => a.id === axis && a.kind === kind)!.raw;

/** The word of a good on an axis, as a monger would say it. */
const WORDS: Record<string, (main: Main, brief: Brief) => string> = {
  texture: (m) => (m.kind === 'cheese' ? m.texture : ''),
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
  character: (m) => (m.sense.heat >= 3 ? 'spicy' : m.sense.smoke >= 3 ? 'smoked' : 'gentle'),
};

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

function samenessSays(balance: Balance, main: Main, worse: boolean): string {
  if (!worse) return 'less of the same than its rival';
  const remark = balance.remarks.find((r) => r.effect < 0 && r.says.includes(main.name));
  return remark ? remark.says : 'more of the same';
}
