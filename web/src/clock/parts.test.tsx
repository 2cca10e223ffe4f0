/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { House, plan, shiftsOf, timingOf, type OrderBody, type Shift } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import ICAL from 'ical.js';
import type { ReactNode } from 'react';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { aGuest } from '../../../core/src/testing/guests';
import { anOrder } from '../../../core/src/testing/orders';
import { simulatedProbe } from '../devices/probe';
import { calendarOf } from '../frame/calendar';
import { onBench } from '../testing/bench';
import { wallClock } from '../ui/wallClock';
import { HotPanel } from './HotPanel';
import { barsOf, movedBetween, rowsOf } from './lanes';
import { RunList } from './RunList';
import { dayScale } from './scale';
import { TablePanel } from './TablePanel';
import { WorkPanel } from './WorkPanel';
import type { ClockDesk } from './useClock';

afterEach(cleanup);
const counter = demoCounter();
const order = (clock: object = {}, brief: object = {}): OrderBody => {
  const plain = anOrder({
    brief: aBrief({ guests: { adults: 12 }, hours: 3, ...brief }),
    selection: { goods: ['halyard', 'tarpot', 'kestrel-ash', 'bosun-ham'] },
  });
  return { ...plain, clock: { ...plain.clock, ...clock } };
};
const HOUSE = House.parse({ hands: 2 });

/** A day by the quick answer, and what hands did to it. */
function aDesk(of: OrderBody, more: Partial<ClockDesk> = {}) {
  const { timing } = plan(of, counter, HOUSE);
  const done: [string, object][] = [];
  const proposals: Readonly<Record<string, number>>[] = [];
  const wall = wallClock(of.brief.servingAt, 'Europe/Dublin');
  const desk: ClockDesk = {
    timing,
    working: false,
    fault: null,
    shifts: shiftsOf(timing, 2),
    wall,
    time: (minutes) => wall.wall(minutes).slice(11),
    goodsOf: (ids) => ids.join(', '),
    chosen: null,
    choose: () => undefined,
    focus: null,
    look: () => undefined,
    proposed: null,
    propose: (to) => void proposals.push(to),
    keep: () => void done.push(['keep', {}]),
    leave: () => void done.push(['leave', {}]),
    change: (what, part) => void done.push([what, part]),
    ...more,
  };
  return { desk, done, proposals, timing };
}
const show = (of: OrderBody, part: ReactNode) => onBench(part, of, counter, HOUSE);

test('before serving the minutes are wider than after, and lines stand at round times', () => {
  const scale = dayScale(-90, 180, 18 * 60 + 30);
  expect(scale.at(-90)).toBe(0);
  expect(scale.at(180)).toBe(1);
  expect(scale.at(0) - scale.at(-60)).toBeGreaterThan(scale.at(60) - scale.at(0));
  for (const share of [0.1, 0.4, 0.6, 0.9]) expect(scale.at(scale.minute(share))).toBeCloseTo(share, 9);
  for (const tick of scale.ticks) expect((18 * 60 + 30 + tick) % 5).toBe(0);
});

test('what follows at once and is of one kind is one bar, and nobody is in two places', () => {
  const { desk } = aDesk(order());
  for (const hands of [0, 1]) {
    const own = desk.shifts.filter((shift) => shift.hands === hands);
    const bars = barsOf(own);
    expect(bars.flatMap(({ shifts }) => shifts)).toEqual(own);
    for (let i = 1; i < bars.length; i++) expect(bars[i]!.start).toBeGreaterThanOrEqual(bars[i - 1]!.end);
  }
});

test('two trays at once stand in two rows, one after the other in one', () => {
  const at = (id: string, start: number, end: number) =>
    ({ task: { id }, start, end, hands: null }) as unknown as Shift;
  const ids = (shifts: Shift[]) => rowsOf(shifts).map((row) => row.map(({ task }) => task.id));
  expect(ids([at('b', -20, -10), at('a', -30, -20)])).toEqual([['a', 'b']]);
  expect(ids([at('b', -25, -10), at('a', -30, -20), at('c', -20, -5)])).toEqual([['a', 'c'], ['b']]);
});

test('a move says what it moves', () => {
  const { timing } = aDesk(order());
  const { question: asked } = plan(order(), counter, HOUSE).timing;
  const then = timingOf({ ...asked, moved: { 'cut:tarpot': -80 } });
  const moves = movedBetween(timing.day, then.day);
  expect(moves.some(({ id }) => id === 'cut:tarpot')).toBe(true);
  expect(movedBetween(timing.day, timing.day)).toEqual([]);
});

test('the list sets how long a piece takes, leaves one out, and takes all in again', async () => {
  const { desk, done } = aDesk(order({ dropped: ['clean-slicer'] }));
  show(order({ dropped: ['clean-slicer'] }), <RunList desk={desk} />);
  const field = screen.getByLabelText('Minutes: Write the cards');
  await userEvent.clear(field);
  await userEvent.type(field, '25{enter}');
  expect(done.at(-1)![1]).toMatchObject({ minutes: { cards: 25 } });
  await userEvent.click(screen.getByLabelText('leave out: Write the cards'));
  expect(done.at(-1)![1]).toEqual({ dropped: ['clean-slicer', 'cards'] });
  await userEvent.click(screen.getByText('Take them in again'));
  expect(done.at(-1)![1]).toEqual({ dropped: [] });
});

test('the chosen work is moved by five minutes, and a proposal is kept or left', async () => {
  const of = order();
  const { question: asked } = plan(of, counter, HOUSE).timing;
  const timing = timingOf({ ...asked, moved: { cards: -70 } });
  const { desk, done, proposals } = aDesk(of, { chosen: 'cards' });
  const proposed = {
    to: { cards: -70 },
    question: asked,
    timing,
    moves: movedBetween(desk.timing.day, timing.day),
  };
  show(of, <WorkPanel desk={{ ...desk, proposed }} />);
  await userEvent.click(screen.getByText('5 min earlier'));
  expect(proposals.at(-1)).toEqual({ cards: -75 });
  await userEvent.click(screen.getByText('Keep the move'));
  await userEvent.click(screen.getByText('Leave it'));
  expect(done.map(([what]) => what)).toEqual(['keep', 'leave']);
});

test('where it does not fit, what helps is offered with its minutes and does it', async () => {
  const of = order({ hands: 1, earliest: '2026-11-28T18:10' });
  const { desk, done } = aDesk(of);
  expect(desk.timing.day.cost.tooEarly).toBeGreaterThan(0);
  show(of, <WorkPanel desk={desk} />);
  await userEvent.click(screen.getByText('Begin earlier'));
  expect(done.at(-1)![1]).toEqual({ earliest: null });
  await userEvent.click(screen.getByText('One pair of hands more'));
  expect(done.at(-1)![1]).toEqual({ hands: 2 });
});

test('places at the bench are changed like hands', async () => {
  const of = order();
  const { desk, done } = aDesk(of);
  show(of, <WorkPanel desk={desk} />);
  await userEvent.click(screen.getByLabelText('fewer: Places at the bench'));
  expect(done.at(-1)![1]).toEqual({ benches: 1 });
});

test('room in the cold and in the car is set where boards wait or are carried', async () => {
  const six = { guests: { adults: 120 }, travelMinutes: 20 };
  const of = order({ way: 'whole board', carPlaces: 1 }, six);
  const { desk, done } = aDesk(of);
  show(of, <WorkPanel desk={desk} />);
  await userEvent.click(screen.getByLabelText(/^fewer: Laid boards the cold takes/));
  await userEvent.click(screen.getByLabelText(/^more: Boards a car takes at once/));
  await userEvent.click(screen.getByLabelText(/^more: Cars, each with a driver/));
  const { boards } = plan(of, counter, HOUSE).timing.question.places;
  cleanup();
  // Two pieces of work of one name have two labels.
  const half = order({ way: 'whole board', coldPlaces: 1 }, six);
  show(half, <RunList desk={aDesk(half).desk} />);
  const lays = screen.getAllByText(/^Lay tarpot, on the boards that/i).map((one) => one.textContent);
  expect(lays.map((one) => one!.toLowerCase()).sort()).toEqual([
    'lay tarpot, on the boards that leave straight away',
    'lay tarpot, on the boards that wait in the cold',
  ]);
  expect(done.map(([, change]) => change)).toEqual([
    { coldPlaces: boards - 1 },
    { carPlaces: boards === 2 ? null : 2 },
    { cars: 2 },
  ]);
});

test('waves, who keeps the table and how it travels', async () => {
  const of = order({}, { travelMinutes: 20 });
  const { desk, done } = aDesk(of);
  show(of, <TablePanel desk={desk} />);
  expect(screen.getAllByText(/^Wave \d: out of the cold/).length).toBe(2);
  await userEvent.click(screen.getByLabelText(/The customer keeps the table/));
  expect(done.at(-1)![1]).toEqual({ keeper: 'customer' });
  await userEvent.click(screen.getByLabelText(/It travels cold/));
  expect(done.at(-1)![1]).toEqual({ chilled: true });
});

test('what can be baked is offered, with the times of the oven once it is', async () => {
  const of = order({ hot: [{ id: 'halyard', way: 'baked' }] });
  const { desk, done } = aDesk(of);
  show(of, <HotPanel desk={desk} />);
  expect(screen.getByText(/Oven on .* at 220 °C/)).toBeTruthy();
  await userEvent.click(screen.getByLabelText('Halyard, baked'));
  expect(done.at(-1)![1]).toEqual({ hot: [] });
});

// Source: public-health advice on food in pregnancy (GB), from memory.
test('a pregnant guest comes: steaming right through lets a baked soft cheese pass in GB, by one touch', async () => {
  const persons = [aGuest('risk:pregnant', 'board')];
  const of = order({ hot: [{ id: 'halyard', way: 'baked' }] }, { persons });
  const held = { ...of, selection: { ...of.selection, locked: ['halyard'] } };
  const seen = onBench(<HotPanel desk={aDesk(held).desk} />, held, counter, House.parse({ country: 'GB' }));
  const dangers = () =>
    plan(seen.order, counter, House.parse({ country: 'GB' })).dangers.map(({ goods }) => goods);
  expect(dangers().flat()).toContain('halyard');
  await userEvent.click(screen.getByLabelText(/Halyard steams right through/));
  expect(seen.order.brief.steamed).toEqual(['halyard']);
  expect(dangers().flat()).not.toContain('halyard');
});

// RFC 5545, read again by ical.js: instants in UTC, alarms before what leaves the cold.
test('the calendar holds what the day holds, at the same instants', () => {
  const { desk } = aDesk(order());
  const text = calendarOf(desk, { id: 'x', title: 'Supper', place: 'the shed' }, 3);
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent');
  const out = desk.shifts.filter(({ task }) => task.kind === 'take out');
  const instants = events.map((event) => new ICAL.Event(event).startDate.toJSDate().getTime());
  for (const { start } of out) expect(instants).toContain(desk.wall.instant(start).getTime());
  expect(events.every((event) => new ICAL.Event(event).location === 'the shed')).toBe(true);
  expect(events.filter((event) => event.getFirstSubcomponent('valarm')).length).toBeGreaterThanOrEqual(
    out.length,
  );
});

beforeEach(() => void jest.useRealTimers());
test('the stand-in for a probe comes from the hand and settles within a degree', () => {
  jest.useFakeTimers();
  const felt: number[] = [];
  let settled = false;
  simulatedProbe(9, 7).watch((reading) => {
    felt.push(reading.celsius);
    settled = reading.settled;
  });
  jest.advanceTimersByTime(5000);
  expect(settled).toBe(true);
  expect(felt[0]!).toBeGreaterThan(felt.at(-1)!);
  expect(Math.abs(felt.at(-1)! - 9)).toBeLessThanOrEqual(1);
  jest.useRealTimers();
});
