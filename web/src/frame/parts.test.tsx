/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { House, settledOrder } from '@rotula/core';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aBrief } from '../../../core/src/testing/briefs';
import { aCheese, demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { AdviceList } from './AdviceList';
import { Cautions } from './Cautions';
import { OwnPlates } from './OwnPlates';
import { ShortMark } from './ShortMark';
import { SmallChildren } from './SmallChildren';

afterEach(cleanup);
const counter = demoCounter();

describe('advice', () => {
  const strong = ['a', 'b', 'c'].map((id) =>
    aCheese(id, { name: `Cheese ${id}` }, { intensity: 8, funk: 2 }),
  );
  const order = anOrder({
    brief: aBrief({ adventurous: 1, kinds: { cheeses: 3, meats: 0 } }),
    selection: { goods: ['a', 'b', 'c'] },
  });
  test('a piece that is left stays to be seen, and the others stay as they are', async () => {
    const seen = onBench(<AdviceList at="pick" />, order, strong);
    const about = (name: string) => screen.getByText(`${name}: strong for a timid table`).parentElement!;
    await userEvent.click(within(about('Cheese b')).getByRole('button', { name: 'leave it' }));
    expect(seen.order.adviceLeft).toEqual([{ rule: 'timid-and-strong', subject: 'b' }]);
    expect(within(about('Cheese b')).getByRole('button').textContent).toContain('left');
    expect(within(about('Cheese a')).getByRole('button').textContent).toBe('leave it');
    await userEvent.click(within(about('Cheese b')).getByRole('button'));
    expect(seen.order.adviceLeft).toEqual([]);
    expect(seen.changes).toEqual(['leave the advice', 'take the advice back up']);
  });
  test('a good that a limit keeps off is named with the limit, and cannot be left', () => {
    const vegan = anOrder({
      brief: aBrief({ limits: [{ what: 'diet:vegan', severity: 'diet', reach: 'board', guests: 1 }] }),
      selection: { goods: ['halyard'] },
    });
    onBench(<AdviceList at="pick" />, vegan, counter);
    const told = screen.getByText('Halyard').closest('div')!;
    expect(told.textContent).toMatch(/Kept off this board for a guest’s limit.*Halyard vegan \(is milk\)/);
    expect(within(told).queryByRole('button')).toBeNull();
  });
});

describe('by stage and by gravity', () => {
  const order = anOrder({
    brief: aBrief({ adventurous: 1, kinds: { cheeses: 3, meats: 0 }, travelMinutes: 20 }),
    selection: { goods: ['a', 'b', 'c'] },
  });
  const goods = ['a', 'b', 'c'].map((id) =>
    aCheese(
      id,
      { name: `Cheese ${id}`, lots: id === 'a' ? [{ id: 'l', grams: 20 }] : [] },
      { intensity: 8, funk: 2 },
    ),
  );
  test('a stage says its own, of the others a number with the way there; no sentence stands twice', () => {
    onBench(<AdviceList at="brief" />, order, goods);
    expect(screen.queryByText(/strong for a timid table/)).toBeNull();
    const others = screen.getByRole('navigation', { name: 'Advice of other stages' });
    const pick = within(others).getByRole('link', { name: /^Pick \d+$/ });
    expect(pick.getAttribute('href')).toBe('/orders/x/pick');
    expect(within(others).queryByRole('link', { name: /^Brief/ })).toBeNull();
    const said = [...document.querySelectorAll('[class*="rounded-r-md"]')].map((one) => one.textContent);
    expect(new Set(said).size).toBe(said.length);
    expect(said.length).toBeGreaterThan(0);
  });
  test('what is short stands on every stage, cannot be left, and marks its good', () => {
    for (const at of ['brief', 'cut', 'clock'] as const) {
      onBench(
        <>
          <AdviceList at={at} />
          <ShortMark good="a" />
          <ShortMark good="b" />
        </>,
        order,
        goods,
      );
      const short = document.querySelector('[data-shortage="a"]')!;
      expect(short.textContent).toMatch(/^Cheese a: only 20 g on the counter/);
      expect(within(short.parentElement!).queryByRole('button')).toBeNull();
      expect(document.querySelectorAll('[data-short]')).toHaveLength(1);
      expect(document.querySelector('[data-short="a"]')!.getAttribute('title')).toMatch(/only 20 g/);
      cleanup();
    }
  });
  test('another lot in place of one that is sold out asks: it will do, or a swap', async () => {
    const lot = (id: string, madeOn: string) => ({ id, grams: 5000, madeOn });
    const one = (...lots: object[]) => [
      aCheese('a', { name: 'Gouda', texture: 'hard', lots }),
      ...goods.slice(1),
    ];
    const before = settledOrder(order, one(lot('old', '2020-01-01')), House.parse({}));
    const seen = onBench(<AdviceList at="walk" />, before, one(lot('young', '2025-01-01')));
    expect(document.querySelector('[data-shortage="a"]')!.textContent).toMatch(
      /^Gouda of .* is sold out; .* in its place: taste and price differ\. Will that do\?$/,
    );
    await userEvent.click(screen.getByRole('button', { name: 'It will do' }));
    expect(seen.order.selection.lots).toEqual({ a: 'young' });
    expect(document.querySelector('[data-shortage="a"]')).toBeNull();
  });
});

describe('cautions', () => {
  test('each names its goods, source and country; local codes decide', () => {
    onBench(<Cautions />, anOrder({ selection: { goods: ['tarpot'] } }), counter);
    const raw = screen.getByText(/^Raw milk: say so/).closest('li')!;
    expect(raw.textContent).toMatch(/Tarpot.*21 CFR 133.*\(US, EU\)/);
    expect(screen.getByText(/Local codes and licensed practice decide/)).toBeDefined();
  });
  test('in US units the temperature is Fahrenheit', () => {
    const house = House.parse({ units: 'US customary', country: 'US' });
    onBench(<Cautions />, anOrder({ selection: { goods: ['tarpot'] } }), counter, house);
    expect(screen.getByText(/one hour above 90 °F/)).toBeDefined();
    expect(document.body.textContent).not.toMatch(/°C/);
  });
});

describe('plates and children', () => {
  const guests = { adults: 6, under5: 1 };
  const limits = [{ what: 'allergen:milk', severity: 'allergy', reach: 'own plate', guests: 1, who: 'Ada' }];
  const order = anOrder({ brief: aBrief({ guests, limits }), selection: { goods: ['tarpot', 'bosun-ham'] } });
  test('an own plate says whose it is, what lies on it and how much', () => {
    onBench(<OwnPlates />, order, counter);
    expect(screen.getByText('Ada: milk allergy: no milk of any animal')).toBeDefined();
    const lines = document.querySelectorAll('[data-own-plate] li');
    expect(lines.length).toBeGreaterThan(2);
    for (const line of lines) expect(line.textContent).toMatch(/\d+ g$/);
  });
  test('what small children can choke on has its safe form', () => {
    onBench(<SmallChildren />, order, counter);
    const lines = [...document.querySelectorAll('[data-child-line]')].map((line) => line.textContent);
    expect(lines.some((line) => /grated|slices|strips|quartered/.test(line!))).toBe(true);
    // Of raw milk: no part of it is theirs.
    expect(document.querySelector('[data-child-line="tarpot"]')!.textContent).toMatch(/not for them/);
  });
});
