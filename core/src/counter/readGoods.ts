import { readTexts } from '../lexicon/read.js';
import type { Good } from './good.js';
import { wordsMark, type Reading } from './reading.js';

/** Reads goods with the lexicon. Only servers, workers and tests load it: what was read comes with the good. */

/** What was read last, by its words: the same good is read once, however often the counter changes. */
const known = new Map<string, Reading>();
const KEPT = 50_000;

/** A good with what its words say. */
export function withReading<G extends Good>(good: G): G & { readonly read: Reading } {
  const of = wordsMark(good);
  let read = known.get(of);
  if (!read) {
    // Wares are not read but for what they are oiled with.
    const names = good.kind === 'ware' ? [] : [good.name, good.style];
    read = { of, inside: readTexts(good.contents.ingredients), named: readTexts(names) };
    if (known.size >= KEPT) known.clear();
    known.set(of, read);
  }
  return { ...good, read };
}

export const withReadings = <G extends Good>(goods: readonly G[]): G[] =>
  goods.map((good) => withReading(good));

/** An order whose kept goods are read. */
export function withReadGoods<O extends { readonly snapshot: { readonly goods: object } }>(order: O): O {
  const entries = Object.entries(order.snapshot.goods as Record<string, { readonly good: Good }>);
  if (entries.length === 0) return order;
  const goods = Object.fromEntries(
    entries.map(([id, entry]) => [id, { ...entry, good: withReading(entry.good) }]),
  );
  return { ...order, snapshot: { ...order.snapshot, goods } };
}
