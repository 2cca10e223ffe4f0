import type { Order, Preview } from '@rotula/core';
import { useEffect, useState } from 'react';
import { api } from '../api/client';

export type Gravity = Pick<Preview, 'dangers' | 'shortages'>;

/** How many orders are asked about at the most: those that are served next. */
const ASKED = 60;

/**
 * What stands in the way of each open order, by its id: asked one after another, the nearest day first, so that the book never waits
 * for it. An order that cannot be asked about has none.
 */
export function useGravity(orders: readonly Order[]): ReadonlyMap<string, Gravity> {
  const [known, setKnown] = useState<ReadonlyMap<string, Gravity>>(new Map());
  const open = orders.filter(({ state }) => state !== 'finished');
  const asked = JSON.stringify(
    [...open]
      .sort((a, b) => (a.brief.servingAt < b.brief.servingAt ? -1 : 1))
      .slice(0, ASKED)
      .map(({ id, version }) => [id, version]),
  );
  useEffect(() => {
    let isOver = false;
    void (async () => {
      for (const [id] of JSON.parse(asked) as [string, number][]) {
        if (isOver) return;
        const answer = await api.preview(id).catch(() => null);
        if (isOver || !answer) continue;
        const { dangers, shortages } = answer;
        setKnown((before) => new Map(before).set(id, { dangers, shortages }));
      }
    })();
    return () => void (isOver = true);
  }, [asked]);
  return known;
}
