import { money, type Money } from '../units/index.js';
import type { Line } from '../stage/index.js';

/** What the customer pays for, in the order in which it is shown. */
const SUM_ROWS = [
  { id: 'cheese', fits: (line: Line) => line.for === 'board' && line.good?.kind === 'cheese' },
  { id: 'meat', fits: (line: Line) => line.for === 'board' && line.good?.kind === 'meat' },
  { id: 'companions', fits: (line: Line) => line.for === 'beside' },
  { id: 'own plates', fits: (line: Line) => line.for === 'own plate' },
  { id: 'drinks', fits: (line: Line) => line.for === 'drinks' },
  { id: 'work', fits: ({ subject }: Line) => subject === 'cutting' || subject === 'produce' },
  { id: 'wear', fits: ({ subject }: Line) => subject === 'wear' },
  { id: 'hire of boards', fits: ({ subject }: Line) => subject === 'board hire' },
  { id: 'boxes', fits: ({ subject }: Line) => subject === 'boxes' },
  { id: 'hire of kit', fits: ({ subject }: Line) => subject === 'kit hire' },
] as const satisfies readonly { readonly id: string; readonly fits: (line: Line) => boolean }[];
export type SumRowId = (typeof SUM_ROWS)[number]['id'];

export interface SumRow {
  readonly id: SumRowId;
  readonly price: Money;
  readonly lines: readonly Line[];
}

/** The lines of an order by what they are for, without what costs nothing; their prices add up to the sum. */
export const sumRows = (lines: readonly Line[]): SumRow[] =>
  SUM_ROWS.map(({ id, fits }) => {
    const own = lines.filter((line) => line.price !== null && fits(line));
    return { id, lines: own, price: money(own.reduce((sum, { price }) => sum + price!, 0)) };
  }).filter(({ price }) => price > 0);
