import { briefRow } from '../brief/row.js';
import { clockRow } from '../clock/row.js';
import { cutRow } from '../cut/row.js';
import { layRow } from '../lay/row.js';
import { pairRow } from '../pair/row.js';
import { pickRow } from '../pick/row.js';
import { tableRow } from '../plate/row.js';
import { portionRow } from '../portion/row.js';
import type { Row } from '../stage/index.js';
import { walkRow } from '../walk/row.js';
import { documentRow } from './documentRow.js';

/** A row for every stage, in the order in which they are shown. */
export const ROWS = {
  order: documentRow,
  brief: briefRow,
  pick: pickRow,
  portion: portionRow,
  cut: cutRow,
  pair: pairRow,
  walk: walkRow,
  lay: layRow,
  clock: clockRow,
  table: tableRow,
};

/** The same as a list. */
export const ROW_LIST: readonly Row[] = Object.values(ROWS);

/** Those with a screen, in the order of the strip. */
export const inStrip = <S extends Pick<Row, 'place'>>(rows: readonly S[]): S[] =>
  rows.filter(({ place }) => place !== null).sort((a, b) => a.place! - b.place!);

/**
 * The stages with each after those that it reads.
 * @throws RangeError when a stage reads one that is not there, or two read each other
 */
export function inReadingOrder<S extends Pick<Row, 'id' | 'reads'>>(stages: readonly S[]): S[] {
  const done: S[] = [];
  let left = [...stages];
  while (left.length > 0) {
    const ready = left.filter(({ reads }) => reads.every((id) => done.some((row) => row.id === id)));
    if (ready.length === 0)
      throw new RangeError(
        `these stages read each other, or one that is not there: ${left.map((row) => row.id).join(', ')}`,
      );
    done.push(...ready);
    left = left.filter((row) => !ready.includes(row));
  }
  return done;
}
