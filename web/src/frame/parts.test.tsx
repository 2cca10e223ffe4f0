/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { House } from '@rotula/core';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aBrief } from '../../../core/src/testing/briefs';
import { aCheese, demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { AdviceList } from './AdviceList';
import { Cautions } from './Cautions';
import { OwnPlates } from './OwnPlates';
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
