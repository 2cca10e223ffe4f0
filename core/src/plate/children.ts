import { chokingRowOf, mayOffer, riskOf, type SafeForm } from '../care/index.js';
import { boardEatersOf, childShareOf, type Brief } from '../brief/index.js';
import {
  companionsOn,
  isCompanion,
  isMain,
  type Companion,
  type Good,
  type Main,
  type Served,
} from '../counter/index.js';
import { grams, type Grams } from '../units/index.js';
import { rankedOn } from './ranked.js';

/** How a small child gets a good of the board: in its safe form, or something of its kind instead. */
export interface ChildLine {
  readonly good: Main | Companion;
  /** "grated", "quartered lengthways"; null when there is none. */
  readonly form: SafeForm | null;
  /** What of it belongs to the small children. */
  readonly grams: Grams;
  /** Where there is no safe form: a good of its kind that they may have; null when the counter has none. */
  readonly instead: Companion | Main | null;
  readonly source: string;
}

interface Shared {
  readonly good: Good;
  readonly net: number;
}

/**
 * Lines for children under 5: nothing that they can choke on is the only thing of its kind. A small child counts half an
 * adult; the line's grams are that share of the good. Empty when none is coming.
 * @param onBoard what lies on the board with its net grams
 * @param beside what else a child may be handed: between steps, from an own plate; of it only the form is said
 */
export function childLinesFor(
  onBoard: readonly Shared[],
  beside: readonly Good[],
  counter: Served,
  brief: Brief,
): ChildLine[] {
  const { under5, infants } = brief.guests;
  if (under5 + infants === 0) return [];
  const eaters = boardEatersOf(brief);
  const share = eaters > 0 ? Math.min(1, (childShareOf(brief) * under5) / eaters) : 0;
  const others = beside.filter(({ id }) => !onBoard.some(({ good }) => good.id === id));
  const lots = [...onBoard, ...others.map((good) => ({ good, net: 0 }))];
  return lots.flatMap(({ good, net }): ChildLine[] => {
    if (!isMain(good) && !isCompanion(good)) return [];
    const barred = notForSmall(good);
    const row = chokingRowOf(good);
    if (barred || row?.form === null) {
      const { source } = barred ?? row!;
      const instead = insteadOf(good, lots, counter, brief);
      return [{ good, form: null, grams: grams(0), instead, source }];
    }
    if (!row) return [];
    return [
      { good, form: row.form, grams: grams(Math.round(net * share)), instead: null, source: row.source },
    ];
  });
}

/** Raw milk, what ripens by mould, soft blue, pâté, raw sausage, and what of this is not known: no part of it is theirs. */
const notForSmall = (good: Good) => (isMain(good) ? riskOf('young', good) : null);

/** The shelf of a good: its kind, of companions its role. */
const shelfOf = (good: Good): string => (isCompanion(good) ? good.role : good.kind);

/** Something of its kind that they may have: from the board, else the best known and mildest of the counter. */
function insteadOf(
  good: Main | Companion,
  lots: readonly Shared[],
  counter: Served,
  brief: Brief,
): Main | Companion | null {
  const company = { ...brief.guests, limits: brief.limits };
  const row = chokingRowOf(good);
  const fits = (other: Good): other is Main | Companion =>
    (isMain(other) || isCompanion(other)) &&
    other.id !== good.id &&
    shelfOf(other) === shelfOf(good) &&
    chokingRowOf(other)?.form !== null &&
    !(row?.form === null && chokingRowOf(other)?.id === row.id) &&
    notForSmall(other) === null &&
    mayOffer(other, company);
  const onBoard = lots.map((lot) => lot.good).find(fits);
  return onBoard ?? rankedOn(counter).find(fits) ?? companionsOn(counter).find(fits) ?? null;
}
