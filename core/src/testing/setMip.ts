import type { SetQuestion } from '../pair/set.js';

/** The question of the board's set for a given number of things, as a mixed-integer program in the LP format that general solvers read. */
export function setLpOf({ slots, has, perBit }: SetQuestion, kinds: number): string {
  const num = (x: number) => (x < 0 ? `- ${-x}` : `+ ${x}`);
  const objective: string[] = [];
  const rows: string[] = [];
  const binary: string[] = [];
  const all: string[] = [];
  const bringers = new Map<number, string[]>();
  slots.forEach(({ worth, cost, brings, least, most, oneOf }, s) => {
    const own = cost.map((_, c) => `y${s}_${c}`);
    all.push(...own);
    binary.push(...own);
    cost.forEach((c, i) => objective.push(`${num(-c)} y${s}_${i}`));
    worth.forEach((row, g) => {
      row.forEach((w, c) => {
        objective.push(`${num(w)} x${s}_${g}_${c}`);
        rows.push(`x${s}_${g}_${c} - y${s}_${c} <= 0`);
      });
      rows.push(`${own.map((_, c) => `+ x${s}_${g}_${c}`).join(' ')} = 1`);
    });
    const sum = own.map((y) => `+ ${y}`).join(' ');
    rows.push(`${sum} >= ${Math.max(1, least)}`, `${sum} <= ${most}`);
    for (const group of oneOf)
      if (group.size > 0) rows.push(`${[...group].map((c) => `+ y${s}_${c}`).join(' ')} >= 1`);
    brings.forEach((bits, c) => {
      for (let bit = 0; bit < 20; bit++)
        if (bits & (1 << bit)) bringers.set(bit, [...(bringers.get(bit) ?? []), `y${s}_${c}`]);
    });
  });
  for (const [bit, ys] of bringers) {
    if (has & (1 << bit)) continue;
    objective.push(`+ ${perBit} t${bit}`);
    rows.push(`t${bit} ${ys.map((y) => `- ${y}`).join(' ')} <= 0`);
    binary.push(`t${bit}`);
  }
  rows.push(`${all.map((y) => `+ ${y}`).join(' ')} = ${kinds}`);
  const wrapped = (line: string) => line.replace(/(.{120,}?) (?=[+-] )/g, '$1\n ');
  return [
    'Maximize',
    wrapped(` obj: ${objective.join(' ')}`),
    'Subject To',
    ...rows.map((row, i) => wrapped(` r${i}: ${row}`)),
    'Binary',
    ...binary,
    'End',
  ].join('\n');
}
