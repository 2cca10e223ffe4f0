/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { House, PRACTICE_FIGURES } from '@rotula/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SWRConfig } from 'swr';
import { formatFor } from '../ui/format';
import { figureLabel } from '../words';
import Figures from './Figures';

afterEach(cleanup);
const show = (house: House, onSet: (practice: House['practice']) => void) =>
  render(
    <SWRConfig
      value={{ fallback: { counter: { goods: [], unreadable: [] }, orders: { orders: [], unreadable: [] } } }}
    >
      <Figures house={house} format={formatFor(house)} onSet={onSet} />
    </SWRConfig>,
  );

test('a figure is set in the units of the house, and goes back to the usual', async () => {
  const onSet = jest.fn<(practice: House['practice']) => void>();
  const house = House.parse({ units: 'US customary', practice: { 'gramsPerAdult.meal.cheese.high': 170 } });
  show(house, onSet);
  const name = figureLabel('gramsPerAdult.nibble.cheese.low');
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: `${name}, here` });
  expect(field.value).toBe('1.41');
  await userEvent.clear(field);
  await userEvent.type(field, '2{Enter}');
  expect(onSet.mock.calls[0]![0]['gramsPerAdult.nibble.cheese.low']).toBeCloseTo(56.7, 1);
  await userEvent.click(
    screen.getByRole('button', { name: /^as usual: the meal itself: cheese, at the most/ }),
  );
  expect(onSet.mock.calls[1]![0]).toEqual({});
});

test('every figure has a label of its own', () => {
  const labels = PRACTICE_FIGURES.map(({ path }) => figureLabel(path));
  expect(new Set(labels).size).toBe(labels.length);
  for (const label of labels) expect(label).not.toMatch(/undefined|, $/);
});
