/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { House, isDrink, plan, rankGoods } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { aBrief, anOrder, demoCounter } from '../../../core/src/testing/goods';
import { useWorkbench } from '../frame/context';
import { onBench } from '../testing/bench';
import { PairSlate } from './PairSlate';

afterEach(cleanup);
const counter = demoCounter();
const goods = ['wren-curd', 'tarpot', 'slate-quay', 'bosun-ham'];
const order = (more: object = {}) => anOrder({ brief: aBrief(), selection: { goods }, ...more });

function Slate({ id, slot = 'brine' }: { id: string; slot?: 'brine' | 'sweet' }) {
  const { plan: made } = useWorkbench();
  const [turned, setTurned] = useState<string | null>(null);
  const main = made.mains.find((m) => m.id === id) ?? null;
  return <PairSlate main={main} slot={slot} turned={turned} onTurn={setTurned} />;
}

test('a jar of the set, touched, says what it is for: the board’s goods and the counter’s, best first', async () => {
  onBench(<Slate id="tarpot" />, order(), counter);
  const made = plan(order(), counter, House.parse({}));
  const { beside } = made.pairs.set.find((entry) => !isDrink(entry.beside))!;
  await userEvent.click(document.querySelector(`[data-turn="${beside.id}"]`)!);
  const shown = [...document.querySelectorAll<HTMLElement>(`[data-turned="${beside.id}"] li`)];
  const onBoard = rankGoods(beside, made.mains).map(({ main }) => main.id);
  expect(shown.slice(0, goods.length).map((li) => li.dataset.good)).toEqual(onBoard);
  for (const li of shown.slice(goods.length)) expect(goods).not.toContain(li.dataset.good);
  await userEvent.click(screen.getByRole('button', { name: 'Back to the goods' }));
  expect(document.querySelector('[data-turned]')).toBeNull();
});

test('a clash chosen by hand is advice beside it, and what Rotula would take is one touch away', async () => {
  const seen = onBench(
    <Slate id="wren-curd" />,
    order({ pairs: { 'wren-curd': { brine: 'smooth-mustard' } } }),
    counter,
  );
  expect(screen.getByText(/ beside Wren Curd: .*(would sit better|water between)/)).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'as Rotula would' }));
  expect(seen.order.pairs['wren-curd']).toEqual({});
  expect(screen.queryByText(/would sit better/)).toBeNull();
});
