/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { House, type PickWishes, type OrderBody, type Pick, type Trouble, type WayOut } from '@rotula/core';
import { act, cleanup, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { aBrief } from '../../../core/src/testing/briefs';
import { anOrder } from '../../../core/src/testing/orders';

const nothing: Pick = {
  goodIds: null,
  balance: null,
  proven: true,
  gap: 0,
  nodes: 1,
  hitches: [],
  reasons: [],
};
const trouble: Trouble = { collisions: [], waysOut: [] };
const answers = { pick: nothing, trouble };
jest.mock('./threads', () => ({
  runInThread: async (id: keyof typeof answers) => answers[id],
  stop: () => undefined,
  Stopped: class extends Error {},
}));
// After the answers stand in for the threads.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const { useProposal } = require('./useProposal') as typeof import('./useProposal');

afterEach(cleanup);

test('a way out that leads to nothing says so, and the order stays as it was', async () => {
  const start = anOrder({ brief: aBrief({ budget: { amount: 6000, per: 'total' } }) });
  const house = House.parse({});
  const counter: never[] = [];
  const { result } = renderHook(() => {
    const [order, setOrder] = useState<OrderBody>(start);
    const change = (_: string, edit: (o: OrderBody) => OrderBody) => setOrder(edit);
    return { order, proposal: useProposal({ document: { order, change }, counter, house }) };
  });
  const ask: PickWishes = {
    brief: aBrief({ budget: { amount: 9000, per: 'total' } }),
    wishes: { locked: [], leftOut: [] },
  };
  const way: WayOut = { words: [], wishes: ['budget'], ask };
  await act(() => result.current.proposal.takeWayOut(way));
  expect(result.current.order).toEqual(start);
  expect(result.current.proposal.working).toBe(false);
  expect(result.current.proposal.trouble).toBe(trouble);
});
