import type { Plan } from '../order/index.js';
import { SLOTS, type Slot } from '../pair/index.js';
import { cutSheet } from './cutSheet.js';

/** Row a good, one column a figure with its unit in the name: the plan for a spreadsheet. */
export function planRows(plan: Plan): Record<string, string | number>[] {
  const pairIds = (id: string, slot: Slot) =>
    plan.pairs.byGood.get(id)?.find((p) => p.slot === slot)?.match?.beside.name ?? '';
  const mains = cutSheet(plan).map(({ number, main, portion, cut }) => ({
    step: number,
    id: main.id,
    name: main.name,
    kind: main.kind as string,
    style: main.style,
    net_g: portion.net as number,
    gross_g: portion.gross as number,
    packs: portion.packs ?? '',
    cost_minor_units: portion.price as number,
    cut: cut.styleId as string,
    pieces: cut.pieces,
    piece_g: Math.round(cut.pieceGrams * 10) / 10,
    tool: cut.knife === 'none' ? cut.serving : cut.knife,
    ...Object.fromEntries(SLOTS.map((slot) => [slot, pairIds(main.id, slot)])),
  }));
  const companions = plan.portions.companions.map((portion) => ({
    step: '',
    id: portion.good.id,
    name: portion.good.name,
    kind: portion.good.kind as string,
    style: portion.good.style,
    net_g: portion.net as number,
    gross_g: portion.gross as number,
    packs: portion.packs ?? '',
    cost_minor_units: portion.price as number,
    cut: '',
    pieces: '',
    piece_g: '',
    tool: '',
    ...Object.fromEntries(SLOTS.map((slot) => [slot, ''])),
  }));
  return [...mains, ...companions];
}
