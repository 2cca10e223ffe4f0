import type { Instance } from '../solve/index.js';

/**
 * The optimiser's question as a mixed-integer program in the LP format that general solvers read, as tight as we know to
 * write it: a concave worth is a variable under every line through two neighbouring knots, which is its convex hull, so
 * the relaxation is the best that band by band can be had. Only the choice of items is integer.
 */
export function lpOf(instance: Instance): string {
  const { kindOf, want, own, cost, purse, start, feat, share, bands, worth, most, groups, locked } = instance;
  const n = own.length;
  const num = (x: number) => (x < 0 ? `- ${-x}` : `+ ${x}`);
  const perBand: string[][] = Array.from({ length: bands }, () => []);
  for (let i = 0; i < n; i++)
    for (let p = start[i]!; p < start[i + 1]!; p++)
      perBand[feat[p]!]!.push(`${share[p] === 1 ? '+' : num(share[p]!)} x${i}`);
  const lines: string[] = ['Maximize', ' obj:'];
  for (let i = 0; i < n; i++) if (own[i] !== 0) lines.push(` ${num(own[i]!)} x${i}`);
  for (let b = 0; b < bands; b++) lines.push(` + t${b}`);
  lines.push('Subject To');
  for (let b = 0; b < bands; b++) {
    // The fill is named once; every cut then has two terms.
    lines.push(` f${b}: ${perBand[b]!.join(' ') || '0 x0'} - z${b} = 0`);
    let known = NaN;
    for (let c = 0; c < most; c++) {
      const at = b * (most + 1) + c;
      const slope = worth[at + 1]! - worth[at]!;
      if (slope === known) continue;
      known = slope;
      lines.push(` u${b}_${c}: t${b} ${num(-slope)} z${b} <= ${worth[at]! - slope * c}`);
    }
  }
  const all = [...kindOf.keys()];
  for (const kind of [0, 1]) {
    const ofKind = all.filter((i) => kindOf[i] === kind).map((i) => `+ x${i}`);
    if (ofKind.length > 0) lines.push(` k${kind}: ${ofKind.join(' ')} = ${want[kind]}`);
  }
  if (purse < Infinity)
    lines.push(` purse: ${all.map((i) => `${num(cost[i]!)} x${i}`).join(' ')} <= ${purse}`);
  groups.forEach(({ members, lo, hi }, g) => {
    const sum = members.map((i) => `+ x${i}`).join(' ') || '0 x0';
    if (lo > 0) lines.push(` lo${g}: ${sum} >= ${lo}`);
    if (hi < members.length) lines.push(` hi${g}: ${sum} <= ${hi}`);
  });
  for (const i of locked) lines.push(` lock${i}: x${i} = 1`);
  lines.push('Bounds');
  for (let b = 0; b < bands; b++) lines.push(` t${b} free`);
  lines.push('Binary', ...all.map((i) => ` x${i}`), 'End');
  return lines.map(wrapped).join('\n');
}

/** Readers of the format take lines of a few hundred characters; a sum may go on in the next line. */
const wrapped = (line: string): string =>
  line.length < 200 ? line : line.replace(/(.{120,}?) (?=[+-] )/g, '$1\n ');

/** What to add to the program's objective to have the value of the selection. */
export function lpOffset({ base, bands, worth, most }: Instance): number {
  let offset = base;
  for (let b = 0; b < bands; b++) offset -= worth[b * (most + 1)]!;
  return offset;
}
