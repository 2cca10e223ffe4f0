/**
 * Dates and times as people type them, to the wall clock: no time zone, as on an invitation. Pure text; nothing here reads
 * a clock. Written here and not taken from a package, because the first screen asks for a date and a parser costs it 12 kB.
 */

/** Which number of a date comes first where the shop is. Source: Unicode CLDR, short date formats, from memory. */
export type DateOrder = 'day first' | 'month first' | 'year first';
const MONTH_FIRST = ['US', 'PH', 'FM', 'MH', 'PW'];
const YEAR_FIRST = ['CN', 'JP', 'KR', 'TW', 'HU', 'LT', 'MN', 'SE'];
export const dateOrderOf = (country: string): DateOrder =>
  MONTH_FIRST.includes(country) ? 'month first' : YEAR_FIRST.includes(country) ? 'year first' : 'day first';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const two = (n: number) => String(n).padStart(2, '0');

const daysIn = (year: number, month: number): number => new Date(Date.UTC(year, month, 0)).getUTCDate();

/** Is there such a day in the Gregorian calendar? 30 February is none. */
const isRealDay = (year: number, month: number, day: number): boolean =>
  year >= 1000 && year <= 9999 && month >= 1 && month <= 12 && day >= 1 && day <= daysIn(year, month);

/** Is this text, YYYY-MM-DDTHH:MM, a day and a time that exist? */
export function isRealTime(text: string): boolean {
  const found = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/.exec(text);
  if (!found) return false;
  const [year, month, day, hour, minute] = found.slice(1).map(Number) as [
    number,
    number,
    number,
    number,
    number,
  ];
  return isRealDay(year, month, day) && hour < 24 && minute < 60;
}

/** A year of two digits is of this century: orders are for the days to come. */
const fullYear = (text: string): number => (text.length <= 2 ? 2000 + Number(text) : Number(text));

/** The three numbers of a date in the order in which the country writes them. */
function inOrder(order: DateOrder, a: string, b: string, c: string): [string, string, string] {
  if (order === 'year first') return [a, b, c];
  return order === 'month first' ? [c, a, b] : [c, b, a];
}

/** Year, month and day in a text, or null. `today` (YYYY-MM-DD) gives the year where none is said: the next such day. */
function partsOf(text: string, order: DateOrder, today: string): [number, number, number] | null {
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(text);
  if (iso) return [Number(iso[1]), Number(iso[2]), Number(iso[3])];
  const solid = /^\d{8}$/.exec(text) ? solidParts(text, order) : null;
  if (solid) return solid;
  const three = /^(\d{1,4})[-/. ]+(\d{1,2})[-/. ]+(\d{1,4})$/.exec(text);
  if (three) {
    const [year, month, day] = inOrder(order, three[1]!, three[2]!, three[3]!);
    return [fullYear(year), Number(month), Number(day)];
  }
  const named =
    /^(?:(\d{1,2})\.?(?:st|nd|rd|th)? +([a-z]+)|([a-z]+) +(\d{1,2})(?:st|nd|rd|th)?),?(?: +(\d{2,4}))?$/.exec(
      text,
    );
  if (named) {
    const month = MONTHS.indexOf((named[2] ?? named[3]!).slice(0, 3)) + 1;
    const day = Number(named[1] ?? named[4]);
    return named[5] ? [fullYear(named[5]), month, day] : nextSuch(month, day, today);
  }
  const pair = /^(\d{1,2})[-/.](\d{1,2})\.?$/.exec(text);
  if (pair) {
    const [first, second] = [Number(pair[1]), Number(pair[2])];
    return order === 'day first' ? nextSuch(second, first, today) : nextSuch(first, second, today);
  }
  return null;
}

/** Eight digits: as the country writes them, or year first where only that can be. */
function solidParts(text: string, order: DateOrder): [number, number, number] | null {
  const yearFirst: [number, number, number] = [
    Number(text.slice(0, 4)),
    Number(text.slice(4, 6)),
    Number(text.slice(6)),
  ];
  if (order === 'year first') return yearFirst;
  const [year, month, day] = inOrder(order, text.slice(0, 2), text.slice(2, 4), text.slice(4));
  const read: [number, number, number] = [Number(year), Number(month), Number(day)];
  return isRealDay(...read) && read[0] >= 1900 ? read : isRealDay(...yearFirst) ? yearFirst : read;
}

function nextSuch(month: number, day: number, today: string): [number, number, number] {
  const year = Number(today.slice(0, 4));
  const isPast = `${two(month)}-${two(day)}` < today.slice(5, 10);
  return [isPast ? year + 1 : year, month, day];
}

/** A typed date as YYYY-MM-DD, or null when it is none. Weekdays before it are passed over. */
export function dateFrom(typed: string, order: DateOrder, today: string): string | null {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?,? +/, '');
  const parts = partsOf(text, order, today);
  return parts && isRealDay(...parts) ? `${parts[0]}-${two(parts[1])}-${two(parts[2])}` : null;
}

/** A typed time as HH:MM, or null when it is none: 18:30, 1830, 18.30, 18h30, 6pm, 6:30 p.m. */
export function timeFrom(typed: string): string | null {
  const text = typed.trim().toLowerCase().replace(/\s+/g, ' ');
  const found = /^(\d{1,2})(?:[:.h ]?([0-5]\d))?h?(?: ?([ap])\.?m\.?)?$/.exec(text);
  if (!found) return null;
  const minute = Number(found[2] ?? 0);
  let hour = Number(found[1]);
  if (found[3]) {
    if (hour < 1 || hour > 12) return null;
    hour = (hour % 12) + (found[3] === 'p' ? 12 : 0);
  }
  return hour < 24 ? `${two(hour)}:${two(minute)}` : null;
}

/** The day `days` later. */
export const addDays = (day: string, days: number): string =>
  new Date(Date.parse(`${day.slice(0, 10)}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
