/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import type { Person } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { BriefSlate } from './BriefSlate';
import { aGuest } from '../../../core/src/testing/guests';
import { GuestsEditor } from './GuestsEditor';
import { TasteFields } from './TasteFields';

afterEach(cleanup);

describe('guests with limits', () => {
  const shop = demoCounter();
  const show = (persons: readonly Person[] = []) =>
    onBench(
      <GuestsEditor />,
      anOrder({ brief: aBrief({ persons, guests: { adults: 4 } }), selection: { goods: ['halyard'] } }),
      shop,
    );
  test('somebody avoids milk: each answer is a guest with another limit, of whom nobody has decided', async () => {
    const seen = show();
    await userEvent.click(screen.getByRole('button', { name: /^An allergy/ }));
    expect(seen.order.brief.persons).toMatchObject([
      {
        reach: 'undecided',
        count: 1,
        head: 'adult',
        limits: [{ what: 'allergen:milk', severity: 'allergy' }],
      },
    ]);
    await userEvent.click(screen.getByRole('button', { name: /^No goat’s, by taste/ }));
    expect(seen.order.brief.persons[1]!.limits).toEqual([{ what: 'milk:goat', severity: 'dislike' }]);
    expect(screen.getByText(/Never the route for a milk allergy/)).toBeDefined();
  });
  test('each reach says what it does, the proposed one is named, and one touch chooses', async () => {
    const seen = show([aGuest('allergen:milk', 'undecided')]);
    const board = await screen.findByRole('button', { name: /^Whole board/ });
    expect(board.textContent).toMatch(/Goes: Halyard/);
    const plate = screen.getByRole('button', { name: /^Separate plate/ });
    expect(plate.textContent).toMatch(/proposed.*Nothing leaves the board.*1 plate more.*more/);
    await userEvent.click(plate);
    expect(seen.order.brief.persons[0]!.reach).toBe('own plate');
    expect(screen.queryByText(/Nobody has decided/)).toBeNull();
  });
  test('severe, or an injector: the whole board is proposed', async () => {
    show([aGuest('allergen:milk', 'undecided')]);
    await userEvent.click(screen.getByRole('checkbox', { name: /carries an injector/ }));
    expect((await screen.findByRole('button', { name: /^Whole board/ })).textContent).toMatch(/proposed/);
  });
  test('an allergy by a card is refused in words, and its guest gets a plate', () => {
    show([aGuest('allergen:eggs', 'card')]);
    expect(screen.getByRole('alert').textContent).toMatch(/serves a dislike only.*own plate/);
  });
  test('a guest at risk: what they are usually told, each source and country once', () => {
    show([aGuest('risk:pregnant', 'board')]);
    const told = screen.getByText(/Usually told to leave alone/).textContent;
    expect(told).toMatch(/raw-milk cheese.*alcohol.*listeria.*US.*EU/i);
    // Each source once.
    expect(told.match(/public-health advice on listeria, from memory/g)).toHaveLength(1);
  });
  test('as many guests as come may have limits; no more can be added', () => {
    show([aGuest('taste:blue', 'card', { count: 4 })]);
    expect(screen.getByText(/All who come have limits already/)).toBeDefined();
    expect(screen.getByRole('button', { name: 'more: how many' })).toHaveProperty('disabled', true);
  });
  test('plates without a name of an older order: one guest’s or several', async () => {
    const two = ['allergen:milk', 'diet:vegan'].map((what) => aGuest(what, 'own plate', { unsure: true }));
    const seen = show(two);
    await userEvent.click(screen.getByRole('button', { name: 'One guest' }));
    expect(seen.order.brief.persons).toMatchObject([
      { unsure: false, limits: [{ what: 'allergen:milk' }, { what: 'diet:vegan' }] },
    ]);
    cleanup();
    const other = show(two);
    await userEvent.click(screen.getByRole('button', { name: 'Different guests' }));
    expect(other.order.brief.persons.map(({ unsure }) => unsure)).toEqual([false, false]);
  });
});

describe('what follows from the brief', () => {
  test('the reasons, the season and who is left out', () => {
    const brief = aBrief({
      limits: [{ what: 'taste:blue', severity: 'dislike', reach: 'board', guests: 1 }],
    });
    onBench(<BriefSlate />, anOrder({ brief }), demoCounter());
    expect(screen.getByText('12 people: 3 meats, by the school of odd numbers')).toBeDefined();
    expect(screen.getByText(/85 to 115 g an adult/)).toBeDefined();
    expect(document.querySelector('[data-in-season]')!.textContent).toMatch(/, .* and /);
    expect(screen.getByText('Slate Quay').parentElement!.textContent).toMatch(/no blue cheese/);
  });
});

describe('the dials', () => {
  test('say what each step is, and what waits for its stage', async () => {
    const seen = onBench(<TasteFields />, anOrder({}), demoCounter());
    expect(screen.getByText('Open to most things')).toBeDefined();
    expect(screen.queryByText('Kept for Lay, read by nothing yet.')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'more: Eat few carbohydrates' }));
    expect(seen.order.brief.lowCarb).toBe(1);
  });
});
