/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { House, layOut, millimetres, newLimit, plan, reason, type OrderBody } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { BoardDrawing } from '../drawing/BoardDrawing';
import { onBench } from '../testing/bench';
import { BoardFields } from './BoardFields';
import { Build } from './Build';
import { GarnishFields } from './GarnishFields';
import { Kit } from './Kit';
import { LastLook } from './LastLook';
import type { OnBoard } from './onBoard';
import { Schools } from './Schools';
import { ThingPanel } from './ThingPanel';
import type { Laid } from './useLaid';

afterEach(cleanup);
const counter = demoCounter();
const order = (more: object = {}) =>
  anOrder({
    brief: aBrief({ guests: { adults: 12 } }),
    selection: { goods: ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'] },
    ...more,
  });

/** A board laid with few steps, and what hands did to it. */
function laidBoard(start: OrderBody) {
  const board = plan(start, counter, House.parse({})).boards.laid[0]!;
  const done: string[] = [];
  const note =
    (what: string) =>
    (...args: readonly unknown[]) =>
      void done.push([what, ...args.filter((arg) => typeof arg === 'string')].join(' '));
  const laid: Laid = {
    layout: layOut({ ...board.question!, steps: 3000 }),
    working: false,
    done: null,
    fault: null,
    put: note('put'),
    swap: note('swap'),
    letGo: note('let go'),
    send: note('send'),
    cover: (thing, under) => void done.push(`${under ? 'cover' : 'lift'} ${thing.id}`),
    divide: (thing, behind) => void done.push(`${behind ? 'divide' : 'join'} ${thing.id}`),
    keep: () => void done.push('keep'),
    anew: note('anew'),
    school: (part) => void done.push(`school ${Object.values(part).join(' ')}`),
    change: note('change'),
  };
  return { board, laid, done };
}
const show = (part: (on: OnBoard) => ReactNode, focus: string | null = null, start = order()) => {
  const { board, laid, done } = laidBoard(start);
  const on: OnBoard = { board, laid, focus, onFocus: (id) => void done.push(`focus ${id}`) };
  return { ...onBench(part(on), start, counter), board, laid, done };
};

test('the last look names what costs, each with a button that finds the lighter another place', async () => {
  const { laid, done, board } = show((on) => <LastLook {...on} />);
  const told = laid.layout!.violations;
  expect(document.querySelectorAll('[data-violation]')).toHaveLength(Math.min(9, told.length));
  const buttons = screen.getAllByRole('button', { name: /^Mend it: another place for / });
  await userEvent.click(buttons[0]!);
  const ids = told[0]!.reason.subject.split(' ');
  const lighter = board.things.filter(({ id }) => ids.includes(id)).sort((a, b) => a.grams - b.grams)[0]!;
  expect(done).toEqual([expect.stringMatching(new RegExp(`^let go ${lighter.id} `))]);
});

test('what is touched says its place and its company, and hands pin, turn and swap it', async () => {
  const { done, board } = show((on) => <ThingPanel {...on} />, 'halyard');
  const halyard = board.things.find(({ id }) => id === 'halyard')!;
  expect(screen.getByText(/Step \d of the walk/)).toBeDefined();
  expect(screen.getByRole('heading', { name: halyard.name })).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Turn' }));
  await userEvent.click(screen.getByRole('button', { name: 'Pin here' }));
  expect(done).toEqual([`put halyard ${halyard.name}`, `put halyard ${halyard.name}`]);
});

test('steps of building are gone through one by one, there and back', async () => {
  const steps: (string | null)[] = [];
  show((on) => <Build {...on} step={null} onStep={(step) => steps.push(step)} />);
  expect(screen.getByText('all steps')).toBeDefined();
  expect(screen.getByRole('button', { name: 'Back' })).toHaveProperty('disabled', true);
  await userEvent.click(screen.getByRole('button', { name: 'Next step' }));
  expect(steps).toEqual(['vessels']);
});

test('a plant that is poisonous, unknown or from nobody knows where is refused with the reason; a herb of the counter is laid', async () => {
  const { done } = show((on) => <GarnishFields {...on} />);
  const field = screen.getByRole('combobox', { name: 'Herb, seed or petal' });
  for (const [name, why] of [
    ['yew', /poisonous/],
    ['peony', /not on the list/],
    ['borage', /none is on the Counter/],
  ] as const) {
    await userEvent.clear(field);
    await userEvent.type(field, `${name}{Enter}`);
    expect(screen.getByRole('alert').textContent).toMatch(why);
  }
  expect(done).toEqual([]);
  await userEvent.clear(field);
  await userEvent.type(field, 'rosemary{Enter}');
  expect(screen.queryByRole('alert')).toBeNull();
  expect(done).toEqual(['change Garden Rosemary as garnish']);
});

test('the kit says what the surface needs, what the loaded board weighs, and how many picks go out', () => {
  show((on) => <Kit {...on} />);
  expect(screen.getByText(/kg loaded/)).toBeDefined();
  expect(screen.getByText(/food-grade oil/)).toBeDefined();
  const picks = [...document.querySelectorAll('[data-kit] li')].filter((li) => /^pick/.test(li.textContent!));
  for (const pick of picks) expect(pick.textContent).toMatch(/(\d+) go out, count \1 in again/);
});

test('a divider is a way out where crackers lie by what is wet; it is drawn, in the kit, and comes out again', async () => {
  const start = order();
  const { board, laid, done } = laidBoard(start);
  const crisp = board.things.find(({ traits }) => traits.crisp)!;
  const figures = { one: 'Gherkins', other: crisp.name, gap: millimetres(10) };
  const wet = reason('wet-beside-crisp', figures, { subject: `gherkins ${crisp.id}`, effect: -2 });
  const near = { ...laid, layout: { ...laid.layout!, violations: [{ reason: wet, hard: true }] } };
  onBench(<LastLook board={board} laid={near} focus={null} onFocus={() => {}} />, start, counter);
  await userEvent.click(screen.getByRole('button', { name: `A divider round ${crisp.name}` }));
  expect(done.splice(0)).toEqual([`divide ${crisp.id}`]);
  cleanup();
  const walled = { ...start, lay: { ...start.lay, dividers: [crisp.id] } };
  const behind = show((on) => <Kit {...on} />, null, walled);
  expect(document.querySelector('[data-divider]')!.textContent).toContain(crisp.name);
  await userEvent.click(screen.getByRole('button', { name: 'Without the divider' }));
  expect(behind.done).toEqual([`join ${crisp.id}`]);
  cleanup();
  onBench(
    <svg>
      <BoardDrawing board={behind.board.board} layout={behind.laid.layout!} things={behind.board.things} />
    </svg>,
    walled,
    counter,
  );
  expect(document.querySelectorAll(`[data-divided="${crisp.id}"]`)).toHaveLength(1);
});

test('a divider is put round what is touched, only where it can help', async () => {
  const { board } = laidBoard(order());
  const crisp = board.things.find(({ traits }) => traits.crisp)!;
  const { done } = show((on) => <ThingPanel {...on} />, crisp.id);
  await userEvent.click(screen.getByRole('button', { name: 'A divider round it' }));
  expect(done).toEqual([`divide ${crisp.id}`]);
  cleanup();
  const dry = board.things.find(
    ({ traits: { wet, runs, crisp: c, kind } }) => kind === 'meat' && !wet && !runs && !c,
  )!;
  show((on) => <ThingPanel {...on} />, dry.id);
  expect(screen.getByRole('heading', { name: dry.name })).toBeDefined();
  expect(screen.queryByRole('button', { name: 'A divider round it' })).toBeNull();
});

test('what smells goes under its bell from the kit, is drawn under it, and comes out again', async () => {
  const washed = (bells: string[]) => {
    const plain = order({ selection: { goods: ['marsh-lantern', 'wren-curd', 'tarpot'] } });
    return { ...plain, lay: { ...plain.lay, bells } };
  };
  const { done } = show((on) => <Kit {...on} />, null, washed([]));
  await userEvent.click(screen.getByRole('button', { name: 'Lay it under the bell' }));
  cleanup();
  const under = washed(['marsh-lantern']);
  show((on) => <Kit {...on} />, null, under).done.splice(0);
  expect(screen.getByRole('button', { name: 'Without the bell' }).getAttribute('aria-pressed')).toBe('true');
  expect(done).toEqual(['cover marsh-lantern']);
  cleanup();
  const { board, laid } = laidBoard(under);
  onBench(
    <svg>
      <BoardDrawing board={board.board} layout={laid.layout!} things={board.things} />
    </svg>,
    under,
    counter,
  );
  expect(document.querySelector('[data-under-bell="marsh-lantern"]')).not.toBeNull();
});

test('a washed rind too near what is delicate: the last look offers the bell', async () => {
  const start = order({ selection: { goods: ['marsh-lantern', 'wren-curd', 'tarpot'] } });
  const { board, laid, done } = laidBoard(start);
  const at = new Map(laid.layout!.placed.map((place) => [place.id, place]));
  const beside = {
    ...at.get('wren-curd')!,
    x: at.get('marsh-lantern')!.x + 90,
    y: at.get('marsh-lantern')!.y,
  };
  const pins = Object.fromEntries([...at.values(), beside].map((place) => [place.id, place]));
  const layout = layOut({ ...board.question!, pins, steps: 0 });
  onBench(
    <LastLook board={board} laid={{ ...laid, layout }} focus={null} onFocus={() => undefined} />,
    start,
    counter,
  );
  await userEvent.click(screen.getByRole('button', { name: /^Under a bell: / }));
  expect(done).toEqual(['cover marsh-lantern']);
});

test('other boards are offered with how full they would be; the one that is taken lets go of all places', async () => {
  const start = order({ lay: { ...order().lay, pins: { halyard: { x: 1, y: 2, turn: 0, hand: true } } } });
  const { laid, done } = laidBoard(start);
  onBench(<BoardFields laid={laid} shown={null} onShow={() => undefined} />, start, counter);
  await userEvent.click(screen.getByRole('button', { name: /^as Rotula would/ }));
  await userEvent.click(screen.getByRole('button', { name: /^Lay anew/ }));
  expect(done).toEqual(['change the board as Rotula would', 'anew']);
});

test('a board that is good is kept as it lies; own plates are told with their size and tools', async () => {
  const { done } = show((on) => <BoardFields laid={on.laid} shown={on.board} onShow={() => undefined} />);
  await userEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
  expect(done).toEqual(['keep']);
  cleanup();
  const limits = [{ ...newLimit('diet:vegan'), reach: 'own plate', guests: 2 }];
  show((on) => <Kit {...on} />, null, order({ brief: aBrief({ guests: { adults: 12 }, limits }) }));
  const told = document.querySelector('[data-own-plates]')!.textContent!;
  expect(told).toMatch(/^2 × plate of \d+ mm: .*with its own knife/);
});

test('where practitioners disagree the board is laid by the school that is chosen', async () => {
  const { done } = show((on) => <Schools laid={on.laid} />);
  await userEvent.click(screen.getByRole('button', { name: /^Colours: / }));
  await userEvent.click(await screen.findByRole('option', { name: 'Colours go on from place to place' }));
  await userEvent.click(screen.getByRole('button', { name: /^Companions: / }));
  await userEvent.click(await screen.findByRole('option', { name: 'In two or three places' }));
  expect(done).toEqual(['school echo', 'school scattered']);
});

test('what is baked is drawn in its dish, and until it comes its place waits', () => {
  const plain = order();
  const baked = { ...plain, clock: { ...plain.clock, hot: [{ id: 'halyard', way: 'baked' as const }] } };
  const drawn = (late: boolean) => {
    const { board, laid } = laidBoard(baked);
    const picture = (
      <svg>
        <BoardDrawing board={board.board} layout={laid.layout!} things={board.things} late={late} />
      </svg>
    );
    onBench(picture, baked, counter);
    const waits = document.querySelectorAll('[data-waits="halyard"]').length;
    cleanup();
    return waits;
  };
  expect(drawn(false)).toBe(0);
  expect(drawn(true)).toBe(1);
});
