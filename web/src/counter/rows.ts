import { COMPANION_ROLES, DRINK_TYPES, TEXTURES, type Good, type GoodKind } from '@rotula/core';
import { capital } from '../ui/format';
import { word } from '../language/say';

/** The counter as a list: a heading for each family or kind, then its goods by name. */
export type Row =
  | { readonly heading: string; readonly key: string; readonly count: number }
  | { readonly good: Good; readonly key: string };

export const PLURALS: Record<GoodKind, string> = {
  cheese: 'cheeses',
  meat: 'meats',
  companion: 'companions',
  drink: 'drinks',
  ware: 'wares',
};

/** Every word that a good can be found by. */
export function searchText(good: Good): string {
  const animals = good.kind === 'cheese' ? good.milk : good.kind === 'meat' ? good.animals : [];
  return [
    good.name,
    good.style,
    good.maker,
    good.origin.region,
    good.kind,
    good.code,
    groupOf(good),
    ...good.adjectives,
    ...animals.map((a) => a.animal),
  ]
    .join(' ')
    .toLowerCase();
}

export function groupOf(good: Good): string {
  switch (good.kind) {
    case 'cheese':
      return good.texture;
    case 'meat':
      return good.build;
    case 'companion':
      return good.role;
    case 'drink':
      return good.type;
    case 'ware':
      return good.use;
  }
}

/** Working order of the groups: kinds first, and inside a kind the order of its table. */
const ORDER: readonly string[] = [
  ...TEXTURES.map((t) => `cheese ${t}`),
  ...['whole muscle', 'coarse', 'fine', 'spreadable'].map((b) => `meat ${b}`),
  ...COMPANION_ROLES.map((r) => `companion ${r}`),
  ...DRINK_TYPES.map((t) => `drink ${t}`),
];
const place = (good: Good) => {
  const i = ORDER.indexOf(`${good.kind} ${groupOf(good)}`);
  return i < 0 ? ORDER.length : i;
};

const headingOf = (good: Good) => {
  const group = capital(word(groupOf(good)));
  return good.kind === 'cheese' || good.kind === 'meat' ? `${group} ${word(PLURALS[good.kind])}` : group;
};

/** Goods under the headings of their families. */
export function rowsOf(goods: readonly Good[]): Row[] {
  const sorted = [...goods].sort(
    (a, b) => place(a) - place(b) || groupOf(a).localeCompare(groupOf(b)) || a.name.localeCompare(b.name),
  );
  const counts = new Map<string, number>();
  for (const good of sorted) counts.set(headingOf(good), (counts.get(headingOf(good)) ?? 0) + 1);
  return sorted.flatMap((good, i) => {
    const heading = headingOf(good);
    const before = sorted[i - 1];
    const head =
      before && headingOf(before) === heading
        ? []
        : [{ heading, key: `heading ${heading}`, count: counts.get(heading)! }];
    return [...head, { good, key: good.id }];
  });
}

/** Goods in a row of their own, by a key; equal keys by name. */
export function sortedRows(goods: readonly Good[], key: (good: Good) => number | string): Row[] {
  const keyed = goods.map((good) => ({ good, key: key(good) }));
  keyed.sort((a, b) => {
    const byKey =
      typeof a.key === 'string' || typeof b.key === 'string'
        ? String(a.key).localeCompare(String(b.key))
        : a.key - b.key || 0;
    return byKey || a.good.name.localeCompare(b.good.name);
  });
  return keyed.map(({ good }) => ({ good, key: good.id }));
}
