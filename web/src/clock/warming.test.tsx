/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { act, cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LONG, order, show } from '../testing/day';
import '../testing/threads';
import ClockStage from './ClockStage';

// The curve has its own numbers, and no canvas here.
jest.mock('./WarmCurve', () => ({ __esModule: true, default: () => null }));

afterEach(cleanup);

test('the tight one is in focus, says why in minutes, and a way out changes the order', async () => {
  const seen = show(<ClockStage />, order());
  await screen.findByText('Why it is tight', {}, LONG);
  expect(screen.getByText(/too many: safe comes first/)).toBeTruthy();
  expect(screen.getByText(/out of the cold at the most: two-hour advice/)).toBeTruthy();
  await userEvent.click(await screen.findByText('Serve it in 2 waves', {}, LONG));
  expect(seen.order.waves.count).toBe(2);
});

test('another good is looked at by touch or by key, and says how long it needs', async () => {
  show(<ClockStage />, order({}, { hours: 1 }));
  const ham = await screen.findByRole('button', { name: /^Bosun/ }, LONG);
  await act(async () => ham.focus());
  await userEvent.keyboard('{Enter}');
  expect(ham.getAttribute('aria-pressed')).toBe('true');
  expect(await screen.findByText('How long', {}, LONG)).toBeTruthy();
  expect(screen.getByText('to spare')).toBeTruthy();
});

// Consumer advice of the USDA FSIS: an hour out where it is above 32 degrees; the way alone takes most of it.
test('a board that is carried through the heat is said to be over before it is served, in minutes that add up', async () => {
  show(<ClockStage />, order({}, { setting: 'outdoors, hot', travelMinutes: 45, hours: 2 }));
  expect(await screen.findByText('before it is served', {}, LONG)).toBeTruthy();
  // The ham needs few minutes; it is out for as long as the board is.
  const [ham] = await screen.findAllByRole('button', { name: /^Bosun/ }, LONG);
  await act(async () => ham!.focus());
  await userEvent.keyboard('{Enter}');
  expect(await screen.findByText(/^too many: it must be gone by/, {}, LONG)).toBeTruthy();
  expect(screen.queryByText('to spare')).toBeNull();
  const figures = [...document.querySelectorAll('[data-why] li')].map((li) => ({
    minutes: Number(li.querySelector('span')!.textContent),
    says: li.lastElementChild!.textContent!,
  }));
  const of = (start: string) => figures.find(({ says }) => says.startsWith(start))!.minutes;
  expect(of('out before it is served') + of('on the table') - of('out of the cold at the most')).toBe(
    of('too many'),
  );
});

test('a reading is typed, moves the forecast, and is forgotten; what is no temperature is not taken', async () => {
  const seen = show(<ClockStage />, order());
  const field = await screen.findByLabelText('Reading', {}, LONG);
  await userEvent.type(field, 'warm{enter}');
  expect(seen.order.clock.readings).toEqual([]);
  await userEvent.type(field, '11{enter}');
  expect(seen.order.clock.readings).toMatchObject([
    { goodId: 'halyard', after: 15, celsius: 11, simulated: false },
  ]);
  await userEvent.click(await screen.findByText('Forget its readings', {}, LONG));
  expect(seen.order.clock.readings).toEqual([]);
});

test('serving time, room, hands and way are changes of the order; a time that is none is marked and stays', async () => {
  const seen = show(<ClockStage />, order());
  const room = await screen.findByLabelText('Room', {}, LONG);
  await userEvent.clear(room);
  await userEvent.type(room, '18{enter}');
  expect(seen.order.brief.roomCelsius).toBe(18);
  await userEvent.clear(room);
  await userEvent.type(room, '900{enter}');
  expect(seen.order.brief.roomCelsius).toBe(18);
  await userEvent.click(screen.getByLabelText('more: Hands'));
  expect(seen.order.clock.hands).toBe(3);
  await userEvent.click(screen.getByRole('radio', { name: /^Whole board/ }));
  expect(seen.order.clock.way).toBe('whole board');
  const time = screen.getByLabelText('Served, time');
  await userEvent.clear(time);
  await userEvent.type(time, '25:99{Tab}');
  expect(seen.order.brief.servingAt).toMatch(/T18:30$/);
  expect(screen.getByText(/no such time/)).toBeTruthy();
  await userEvent.click(screen.getByText('as Rotula would'));
  expect(seen.order.clock.way).toBeNull();
});

test('with nothing picked there is no day to plan, and it says so', async () => {
  show(<ClockStage />, order({}, {}, []));
  expect(await screen.findByText(/the day is planned once there is something to serve/)).toBeTruthy();
});

test('a bowl that is served cold has its time to be gone, and ways out of its own', async () => {
  const plain = order({}, { hours: 3 });
  const of = { ...plain, extras: ['yoghurt-dip'], waves: { ...plain.waves, count: 1, first: null } };
  const seen = show(<ClockStage />, of);
  await userEvent.click(
    await screen.findByLabelText(/^Yoghurt.* off .*: out of the cold .*, served cold$/, {}, LONG),
  );
  expect(await screen.findByText(/^Served cold\./, {}, LONG)).toBeTruthy();
  expect(screen.getByText(/before its wave ends: a fresh bowl then/)).toBeTruthy();
  await userEvent.click(await screen.findByText(/^Begin later, at/, {}, LONG));
  expect(seen.order.brief.hours).toBe(2.5);
});
