/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { OrderBody } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Suspense } from 'react';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { useWorkbench } from '../frame/context';
import { onBench } from '../testing/bench';
import '../testing/threads';
import { useLaid } from './useLaid';

function Hands() {
  const { plan } = useWorkbench();
  const laid = useLaid(plan.boards.laid[0]!);
  if (!laid.layout) return null;
  return (
    <>
      <button onClick={() => laid.put('halyard', 'Halyard', 10, 20, 765)}>turn</button>
      <button onClick={() => laid.put('halyard', 'Halyard', 10, 20, -30)}>turn back</button>
      <button onClick={() => laid.keep?.()}>keep</button>
    </>
  );
}
afterEach(cleanup);

test('what hands turn or keep is a turn that an order takes, however far round it came', async () => {
  const start = anOrder({
    brief: aBrief({ guests: { adults: 8 } }),
    selection: { goods: ['halyard', 'tarpot', 'bosun-ham'] },
  });
  // As the search left it: more than twice round.
  const lay = { ...start.lay, pins: { tarpot: { x: 0, y: 90, turn: 719, hand: true } } };
  const seen = onBench(
    <Suspense>
      <Hands />
    </Suspense>,
    { ...start, lay },
    demoCounter(),
  );
  await userEvent.click(await screen.findByRole('button', { name: 'turn' }));
  expect(seen.order.lay.pins['halyard']).toEqual({ x: 10, y: 20, turn: 45, hand: true });
  await userEvent.click(await screen.findByRole('button', { name: 'turn back' }));
  expect(seen.order.lay.pins['halyard']!.turn).toBe(330);
  await userEvent.click(await screen.findByRole('button', { name: 'keep' }));
  const pins = Object.values(seen.order.lay.pins);
  expect(pins.length).toBeGreaterThan(3);
  for (const { turn } of pins) expect(turn >= 0 && turn < 360).toBe(true);
  expect(OrderBody.safeParse(seen.order).success).toBe(true);
});
