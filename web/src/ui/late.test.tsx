/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Suspense, useState } from 'react';
import { late } from './late';

function Counted() {
  const [times, setTimes] = useState(0);
  return <button onClick={() => setTimes(times + 1)}>{`pressed ${times}`}</button>;
}
const code = async () => ({ default: Counted });
const drawn = (Part: ReturnType<typeof late<object>>) => (
  <Suspense fallback="on its way">
    <Part />
  </Suspense>
);

test('what is here already is drawn at once, without its fallback', async () => {
  const Part = late(code);
  await Part.comes();
  render(drawn(Part));
  expect(screen.queryByText('on its way')).toBeNull();
  expect(screen.getByRole('button').textContent).toBe('pressed 0');
});

test('what is not comes by itself, and keeps its state when it is drawn again', async () => {
  const Part = late(code);
  const { rerender } = render(drawn(Part));
  expect(screen.getByText('on its way')).toBeTruthy();
  await act(async () => undefined);
  await userEvent.click(await screen.findByRole('button'));
  rerender(drawn(Part));
  expect(screen.getByRole('button').textContent).toBe('pressed 1');
});
