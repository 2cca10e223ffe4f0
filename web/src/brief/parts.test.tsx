/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import type { Limit } from '@rotula/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { BriefSlate } from './BriefSlate';
import { LimitsEditor } from './LimitsEditor';
import { TasteFields } from './TasteFields';

afterEach(cleanup);

describe('limits', () => {
  const seen: { limits: readonly Limit[] } = { limits: [] };
  function Editor({ start = [] }: { start?: readonly Limit[] }) {
    const [limits, setLimits] = useState(start);
    seen.limits = limits;
    return <LimitsEditor limits={limits} people={8} onChange={(_, next) => setLimits(next)} />;
  }
  test('somebody avoids milk: an allergy becomes an own plate, a taste stays a taste', async () => {
    render(<Editor />);
    await userEvent.click(screen.getByRole('button', { name: /^An allergy/ }));
    expect(seen.limits).toMatchObject([{ what: 'allergen:milk', severity: 'allergy', reach: 'own plate' }]);
    await userEvent.click(screen.getByRole('button', { name: /^No goat’s, by taste/ }));
    expect(seen.limits[1]).toMatchObject({ what: 'milk:goat', severity: 'dislike' });
    expect(screen.getByText(/Never the route for a milk allergy/)).toBeDefined();
  });
  test('an allergy by a card is refused in words, and its guest gets a plate', () => {
    const limit = {
      what: 'allergen:eggs',
      severity: 'allergy',
      reach: 'card',
      guests: 1,
      who: '',
      note: '',
    } as const;
    render(<Editor start={[limit]} />);
    expect(screen.getByRole('alert').textContent).toMatch(/serves a dislike only.*own plate/);
    expect(screen.getByRole('textbox', { name: 'Whose limit: eggs' })).toBeDefined();
  });
  test('a guest at risk is told with each row, source and country', () => {
    const limit = {
      what: 'risk:pregnant',
      severity: 'medical',
      reach: 'board',
      guests: 1,
      who: '',
      note: '',
    } as const;
    render(<Editor start={[limit]} />);
    expect(screen.getByText(/^Raw-milk cheese: .*listeria.*\(US, EU\)$/)).toBeDefined();
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
