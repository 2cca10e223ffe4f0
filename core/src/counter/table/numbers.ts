import { G_PER_LB } from '../../units/index.js';

/**
 * Figures as people write them in tables: "12.50", "1 234,50 €", "0,125". Which of dot and comma is the decimal is read where
 * it can only be one; where it could be both ("12.500") it has to be said, and is never guessed.
 */
export type Decimal = '.' | ',';

export type Figure =
  | { readonly value: number }
  | { readonly says: string }
  /** Both readings: with the sign as the decimal, and as a divider of thousands. */
  | { readonly sign: Decimal; readonly asDecimal: number; readonly asThousands: number };

const SCIENTIFIC = /^[-+]?\d+(\.\d+)?e[-+]?\d+$/i;
/** A sign, a currency before or behind (letters or a symbol), and digits with dots, commas, blanks or apostrophes. */
const WRITTEN =
  /^([-+−]?)\s*(?:[A-Z]{2,3}|[€£$¥])?\s*([-+−]?)\s*([\d.,\s'’]*\d)\s*(?:[A-Z]{2,3}|[a-z]{1,3}\.?|[€£$¥])?$/;

/** @param money a currency may stand beside it; else only the figure itself, also as 1.2e-7 */
export function figureOf(text: string, money: boolean): Figure {
  const trimmed = text.trim();
  const none = { says: `“${trimmed}” is ${money ? 'no amount of money' : 'no number'}` };
  if (!money && SCIENTIFIC.test(trimmed)) return { value: Number(trimmed) };
  const found = WRITTEN.exec(trimmed);
  if (!found || (!money && /[A-Za-z€£$¥]/.test(trimmed))) return none;
  const minus = [found[1], found[2]].some((sign) => sign === '-' || sign === '−');
  const read = digitsOf(found[3]!.replace(/[\s'’]/g, ''));
  if (!read) return none;
  const signed = (n: number) => (minus ? -n : n);
  return 'value' in read
    ? { value: signed(read.value) }
    : { ...read, asDecimal: signed(read.asDecimal), asThousands: signed(read.asThousands) };
}

const grouped = (parts: readonly string[]) =>
  parts[0]!.length >= 1 && parts[0]!.length <= 3 && parts.slice(1).every((part) => part.length === 3);

function digitsOf(body: string): Exclude<Figure, { says: string }> | null {
  const last = Math.max(body.lastIndexOf('.'), body.lastIndexOf(','));
  if (last < 0) return { value: Number(body) };
  const sign = body[last] as Decimal;
  const other = sign === '.' ? ',' : '.';
  const [whole, fraction] = [body.slice(0, last), body.slice(last + 1)];
  if (whole.includes(sign)) {
    // The same sign again and again divides thousands: 1.234.567.
    const parts = body.split(sign);
    return !body.includes(other) && grouped(parts) ? { value: Number(parts.join('')) } : null;
  }
  const parts = whole.split(other);
  if (parts.length > 1 && !grouped(parts)) return null;
  const asDecimal = Number(`${parts.join('') || '0'}.${fraction}`);
  if (!Number.isFinite(asDecimal)) return null;
  const couldDivide = parts.length === 1 && fraction.length === 3 && /^[1-9]\d{0,2}$/.test(whole);
  return couldDivide ? { sign, asDecimal, asThousands: Number(whole + fraction) } : { value: asDecimal };
}

/** unit behind a price | how many of what it is asked for make one of it. */
const PRICED: readonly (readonly [unit: RegExp, per: 'kg' | 'piece' | 'pack', times: number])[] = [
  [/(?:\/|per|pro|je|al|au|le|por|el|\bil)\s*100\s*gr?\.?$/i, 'kg', 10],
  [/(?:\/|per|pro|je|al|au|le|por|el|\bil|€|£)\s*(?:kg|kilo|kilogramm?)\.?$/i, 'kg', 1],
  [/(?:\/|per|pro|je|a|la|le|por|el|l['’])\s*(?:lb|pound|pfund)s?\.?$/i, 'kg', 1000 / G_PER_LB],
  [
    /(?:\/|per|pro|je|al|la|le|por|el)\s*(?:st|stk|stück|piece|pc|pce|each|pièce|pz|pezzo|ud|unidad|pieza|bottle|flasche|bouteille|bottiglia|botella)\.?$/i,
    'piece',
    1,
  ],
  [
    /(?:\/|per|pro|je|al|la|le|por|el)\s*(?:glas|jar|glass|pot|vasetto|tarro|pack|packung|pckg|paquet|confezione|paquete)\.?$/i,
    'pack',
    1,
  ],
];
/** Words beside a price that are no part of it. */
const BESIDE_PRICE =
  /\b(?:ca|approx|env|circa|netto|net|brutto|incl|inkl|excl|exkl|zzgl|ht|ttc|mwst|vat|iva|tva)\b\.?/gi;

/** A price as people write it, "€ 32,90/kg", "3.50 per 100 g": its figure alone, and what it is asked for; null: they do not say. */
export function priceSaid(text: string): {
  readonly figure: string;
  readonly per: 'kg' | 'piece' | 'pack' | null;
  readonly times: number;
} {
  const plain = text.replace(BESIDE_PRICE, ' ').trim();
  const unit = PRICED.find(([pattern]) => pattern.test(plain));
  return unit
    ? { figure: plain.replace(unit[0], '').trim(), per: unit[1], times: unit[2] }
    : { figure: plain, per: null, times: 1 };
}

/** What a figure is once it is known which sign is the decimal. */
export function settledFigure(figure: Figure, decimal: Decimal): { value: number } | { says: string } {
  if (!('sign' in figure)) return figure;
  return { value: figure.sign === decimal ? figure.asDecimal : figure.asThousands };
}

/** The decimal sign that a figure shows without doubt, or null. */
export function decimalShown(text: string, figure: Figure): Decimal | null {
  if (!('value' in figure) || SCIENTIFIC.test(text.trim())) return null;
  const last = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','));
  if (last < 0) return null;
  const sign = text[last] as Decimal;
  // 1.234.567: the dot divides, so the decimal is the other.
  return text.indexOf(sign) === last ? sign : sign === '.' ? ',' : '.';
}
