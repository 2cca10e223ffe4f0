import { kindNamed, tellName } from '../../lexicon/tell.js';

const TOTALS = /^(?:sub)?(?:total|summe|gesamt|somme|totale|suma)\b/i;

/** A line that only names what follows ("Hartkäse"), or sums up: what it says of the rows under it; null: it is a good. */
export function sectionOf(cells: readonly string[]): string | null {
  const filled = cells.map((cell) => cell.trim()).filter(Boolean);
  const [first = ''] = filled;
  if (TOTALS.test(first)) return '';
  if (filled.length > 1 || cells.length < 2) return null;
  // "Bergkäse" alone is a cheese without a price; "Hartkäse" names what follows.
  return kindNamed(first) && !tellName(first)?.style ? first : null;
}
