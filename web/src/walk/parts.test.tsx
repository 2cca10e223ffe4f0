/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { changeOf, House, plan } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { signed } from '../ui/format';
import { WalkList } from './WalkList';
import { WalkSlate } from './WalkSlate';

const STAGE = (
  <>
    <WalkList />
    <WalkSlate />
  </>
);

afterEach(cleanup);
const counter = demoCounter();
const goods = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'];
const order = (more: object = {}) => anOrder({ brief: aBrief(), selection: { goods }, ...more });
const names = () => [...document.querySelectorAll('ol > li .font-bold')].map((e) => e.textContent);

test('what a move costs the palate stands on it before it is made, and the way back is one touch', async () => {
  const seen = onBench(STAGE, order(), counter);
  const made = plan(order(), counter, House.parse({}));
  const steps = made.walk.steps.map(({ main }) => main);
  const last = steps.at(-1)!;
  expect(last.id).toBe('slate-quay');
  const next = [...steps.slice(0, -2), last, steps.at(-2)!];
  const row = [...document.querySelectorAll('ol.divide-y > li')].at(-1)!;
  expect(row.querySelector('[data-costs="earlier"]')!.textContent).toBe(signed(-changeOf(steps, next), 1));
  await userEvent.click(screen.getByRole('button', { name: `Move ${last.name} earlier` }));
  expect(seen.order.walk).toEqual(next.map(({ id }) => id));
  expect(screen.getByText(/Your own order: −/)).toBeDefined();
  // What follows the blue is said.
  expect(screen.getByText(new RegExp(`${steps.at(-2)!.name} comes after ${last.name}`))).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'as Rotula would' }));
  expect(seen.order.walk).toBeNull();
  expect(names().at(-1)).toBe(last.name);
});

test('relief stands before the steps that need it, and what does not lie on the board is put there with one touch', async () => {
  const off = plan(order(), counter, House.parse({})).walk;
  expect(off.steps.some(({ cleanse }) => cleanse)).toBe(true);
  const taken = plan(order(), counter, House.parse({})).cleanser!.id;
  const seen = onBench(STAGE, order({ takenOff: [taken] }), counter);
  const now = plan(seen.order, counter, House.parse({}));
  expect(document.querySelectorAll('[data-relief]')).toHaveLength(
    now.walk.steps.filter(({ cleanse }) => cleanse).length,
  );
  const put = screen.queryByRole('button', { name: /^Put .* on the board$/ });
  if (put) {
    await userEvent.click(put);
    expect(seen.order.extras).toEqual([now.cleanser!.id]);
    expect(screen.queryByRole('button', { name: /^Put .* on the board$/ })).toBeNull();
  } else expect(now.beside.some(({ id }) => id === now.cleanser!.id)).toBe(true);
});

test('a gentle rise needs nothing but water', () => {
  onBench(STAGE, order({ selection: { goods: ['wren-curd', 'halyard'] } }), counter);
  expect(screen.getByText(/water is all the palate needs/)).toBeDefined();
  expect(document.querySelectorAll('[data-relief]')).toHaveLength(0);
});

test('a place is pinned, the others are ordered round it, what it costs is said, and it is let go', async () => {
  const seen = onBench(STAGE, order(), counter);
  const [first, second] = names();
  await userEvent.click(screen.getByRole('button', { name: `Pin ${second} to place 2` }));
  await userEvent.click(screen.getByRole('button', { name: `Pin ${first} to place 1` }));
  expect(Object.values(seen.order.walkPins).sort()).toEqual([1, 2]);
  expect(screen.getByText(/The best round 2 pinned: 0 beside the best of all/)).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: `Let ${first} go where it is best` }));
  expect(Object.values(seen.order.walkPins)).toEqual([2]);
  await userEvent.click(screen.getByRole('button', { name: 'as Rotula would' }));
  expect(seen.order.walkPins).toEqual({});
});

test('a dessert of the board is a step of its own with one touch, and goes with another', async () => {
  const [sweet] = plan(order(), counter, House.parse({})).dessertChoices;
  const seen = onBench(STAGE, order(), counter);
  await userEvent.click(screen.getByRole('button', { name: sweet!.name }));
  expect(seen.order.desserts).toEqual([sweet!.id]);
  expect(document.querySelector(`[data-dessert="${sweet!.id}"]`)!.textContent).toContain(
    String(goods.length + 1),
  );
  expect(document.querySelectorAll('[data-path] text')).toHaveLength(goods.length + 2);
  await userEvent.click(screen.getByRole('button', { name: `${sweet!.name} is no step of its own` }));
  expect(seen.order.desserts).toEqual([]);
});
