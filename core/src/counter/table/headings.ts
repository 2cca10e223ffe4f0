import { OLD_FLAGS, PLAIN_PRICE, PLAIN_WORDS } from './columns.js';
import { HEADINGS } from './rows.js';

/** What the columns of a table are: ours by name, a supplier's by what suppliers usually call them. */

const OURS = [...HEADINGS, PLAIN_PRICE, PLAIN_WORDS, ...Object.keys(OLD_FLAGS)];

/** Headings that we do not know: a supplier's own names. */
export const unknownHeadings = (headings: readonly string[]): string[] =>
  headings.filter((heading) => heading !== '' && !OURS.includes(heading));

/** By which a set of headings is remembered. */
export const headingsKey = (headings: readonly string[]): string =>
  [...headings].sort().join('|').slice(0, 4000);

/** What suppliers often call our columns; the rest is asked once. Common practice, no source. */
const USUAL_NAMES: readonly (readonly [RegExp, string])[] = [
  [
    /^(item|article|product|artikel|art|codice|cod|code|código|réf|ref)?[ ._-]*(no|nr|number|nummer|n°|num|code|codice|sku|ref|référence|referencia)\.?$/i,
    'code',
  ],
  [
    /^(product|item|article|description|name|cheese|produkt|artikel|bezeichnung|artikelbezeichnung|käse|sorte|ware|produit|désignation|fromage|nom|libellé|prodotto|denominazione|descrizione|formaggio|articolo|nome|producto|descripción|queso|nombre|artículo)s?$/i,
    'name',
  ],
  [
    /^(price|cost|unit price|price per kg|kg price|eur|gbp|usd|chf|€|£|preis|vk|ek|kilopreis|prix|tarif|prezzo|listino|precio|pvp|tarifa)/i,
    'price',
  ],
  [
    /^(producer|maker|dairy|brand|supplier|hersteller|käserei|producteur|laiterie|fabricant|produttore|caseificio|productor|quesería)$/i,
    'maker',
  ],
  [/^(region|région|regione|región|gebiet|zona)$/i, 'origin.region'],
  [
    /^(country|origin|land|herkunft|herkunftsland|pays|origine|paese|provenienza|país|origen)$/i,
    'origin.country',
  ],
  [
    /^(note|notes|remarks?|comment|bemerkung|bemerkungen|hinweis|anmerkung|remarque|remarques|nota|notas|osservazioni|observaciones)$/i,
    'note',
  ],
  [
    /^(type|style|variety|kind|milk|milk type|treatment|age|ageing|maturity|family|texture|category|art|milch|milchart|typ|gruppe|warengruppe|kategorie|alter|reife|reifung|reifezeit|behandlung|lait|type de lait|famille|pâte|affinage|âge|traitement|catégorie|latte|tipo|tipologia|stagionatura|famiglia|categoria|trattamento|leche|curación|maduración|familia|categoría|tratamiento)$/i,
    PLAIN_WORDS,
  ],
];

/** A first guess at a supplier's columns: ours by name, else by what suppliers usually call them, else none. */
export function guessColumns(headings: readonly string[]): Record<string, string> {
  const taken = new Set<string>();
  return Object.fromEntries(
    headings.map((heading) => {
      const own = OURS.find((h) => h.toLowerCase() === heading.trim().toLowerCase());
      const guess = own ?? USUAL_NAMES.find(([pattern]) => pattern.test(heading.trim()))?.[1] ?? '';
      if (guess === '' || (guess !== PLAIN_WORDS && taken.has(guess))) return [heading, ''];
      taken.add(guess);
      return [heading, guess];
    }),
  );
}

/** Rows among which the headings are looked for: names and addresses of a supplier stand above them. */
const HEADING_ROWS = 12;
/** So many cells of a row must be known for it to be the headings, where it is not the first. */
const KNOWN_CELLS = 2;

/** Which row of a table holds its headings: the first of those in which the most are known; the first row where none is known. */
export function headingRow(rows: readonly (readonly string[])[]): number {
  const known = rows
    .slice(0, HEADING_ROWS)
    .map((cells) => Object.values(guessColumns(cells.map((cell) => cell.trim()))).filter(Boolean).length);
  const most = Math.max(0, ...known);
  return most < KNOWN_CELLS ? 0 : known.indexOf(most);
}
