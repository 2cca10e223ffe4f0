import { House, type OrderBody } from '@rotula/core';
import { Suspense, type ReactNode } from 'react';
import { SWRConfig } from 'swr';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from './bench';

/** A day that the tests look at, in a house with two pairs of hands; each part may wait for what it loads. */

export const counter = demoCounter();
export const HOUSE = House.parse({ hands: 2, country: 'IE', timeZone: 'Europe/Dublin' });
export const order = (
  clock: object = {},
  brief: object = {},
  goods = ['halyard', 'tarpot', 'slate-quay', 'bosun-ham'],
  more: Partial<OrderBody> = {},
): OrderBody => {
  const plain = anOrder({
    brief: aBrief({ guests: { adults: 12 }, hours: 2, ...brief }),
    selection: { goods },
  });
  return { ...plain, clock: { ...plain.clock, ...clock }, ...more };
};
export const show = (part: ReactNode, of: OrderBody, house = HOUSE) =>
  onBench(
    <SWRConfig value={{ provider: () => new Map(), dedupingInterval: 0 }}>
      <Suspense fallback={null}>{part}</Suspense>
    </SWRConfig>,
    of,
    counter,
    house,
  );
/** What is searched takes a moment. */
export const LONG = { timeout: 15_000 };
