import { folded } from './plain.js';

/** An age as people write it: "12 Mon.", "6-8 Wo.", "aged 3 yr". */

/** unit | its words in five languages, folded | days. */
const UNITS: readonly (readonly [unit: string, words: string, days: number])[] = [
  ['year', 'years?|yrs?|y|jahre?n?|j|ans?|anni|anno|anos?|jaar', 365],
  ['month', 'months?|mths?|mos?|mon|monate?n?|mt|mte|m|mois|mesi|mese|mes|meses|maanden|mnd', 30],
  ['week', 'weeks?|wks?|wochen?|wo|w|semaines?|sem|settimane|settimana|sett|semanas?|weken', 7],
  ['day', 'days?|d|tagen?|tage|t|jours?|jrs?|giorni|gg|dias?|dagen', 1],
];
const AGE = new RegExp(
  String.raw`(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|bis|to|a|/)\s*(\d+(?:[.,]\d+)?))?\s*-?\s*(${UNITS.map(([, words]) => words).join('|')})\b`,
);
const unitOf = (word: string): number =>
  UNITS.find(([, words]) => new RegExp(`^(?:${words})$`).test(word))![2];

/** Days of the first age that a text says, a range by its middle; null: it says none. One letter is a unit only where nothing else is written. */
export function ageSaid(text: string): number | null {
  const plain = folded(text);
  const found = AGE.exec(plain);
  if (!found) return null;
  const [all, from, to, word] = found;
  if (word!.length === 1 && plain.replace(all, '').replace(/[^a-z0-9]/g, '') !== '') return null;
  const figures = [from!, to ?? from!].map((figure) => Number(figure.replace(',', '.')));
  return Math.round(((figures[0]! + figures[1]!) / 2) * unitOf(word!));
}
