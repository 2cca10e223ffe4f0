/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import {
  bottlesFor,
  House,
  isDrink,
  plan,
  rankGoods,
  scoreOf,
  type Companion,
  type Main,
} from '@rotula/core';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { useWorkbench } from '../frame/context';
import { onBench } from '../testing/bench';
import { signed } from '../ui/format';
import { PairMatrix } from './PairMatrix';
import { PairSlate } from './PairSlate';

afterEach(cleanup);
const counter = demoCounter();
const goods = ['wren-curd', 'tarpot', 'slate-quay', 'bosun-ham'];
const order = (more: object = {}) => anOrder({ brief: aBrief(), selection: { goods }, ...more });

function Slate({ id, slot = 'brine' }: { id: string; slot?: 'brine' | 'sweet' | 'drink' }) {
  const { plan: made } = useWorkbench();
  const [turned, setTurned] = useState<string | null>(null);
  const main = made.mains.find((m) => m.id === id) ?? null;
  return <PairSlate main={main} slot={slot} turned={turned} onTurn={setTurned} />;
}

test('a jar of the set, touched, says what it is for: the board’s goods and the counter’s, best first', async () => {
  onBench(<Slate id="tarpot" />, order(), counter);
  const made = plan(order(), counter, House.parse({}));
  const { beside } = made.pairs.set.find((entry) => !isDrink(entry.beside))!;
  await userEvent.click(screen.getByRole('tab', { name: 'The set' }));
  await userEvent.click(document.querySelector(`[data-turn="${beside.id}"]`)!);
  await screen.findByText(`What ${beside.name} is for`);
  const shown = [...document.querySelectorAll<HTMLElement>(`[data-turned="${beside.id}"] li`)];
  const onBoard = rankGoods(beside, made.mains).map(({ main }) => main.id);
  expect(shown.slice(0, goods.length).map((li) => li.dataset.good)).toEqual(onBoard);
  for (const li of shown.slice(goods.length)) expect(goods).not.toContain(li.dataset.good);
  await userEvent.click(screen.getByRole('button', { name: 'Back to the goods' }));
  expect(document.querySelector('[data-turned]')).toBeNull();
});

test('taking a jar off says first what it costs, and it may stand again', async () => {
  const seen = onBench(<Slate id="tarpot" />, order(), counter);
  const { beside } = plan(order(), counter, House.parse({})).pairs.set[0]!;
  await userEvent.click(screen.getByRole('tab', { name: 'The set' }));
  await userEvent.click(document.querySelector(`[data-turn="${beside.id}"]`)!);
  const off = document.querySelector<HTMLElement>(`[data-take-off="${beside.id}"]`)!;
  expect(off.textContent).toMatch(/(points|no loss), (saves|costs)/);
  await userEvent.click(off);
  expect(seen.order.takenOff).toEqual([beside.id]);
  expect(document.querySelector(`[data-turn="${beside.id}"]`)).toBeNull();
  await userEvent.click(document.querySelector('[data-taken-off] button')!);
  expect(seen.order.takenOff).toEqual([]);
});

test('a pair of the table that does not stand on the board can be set', async () => {
  const made = plan(order(), counter, House.parse({}));
  // A slot of which the board has two things: the good has one of them.
  const { slot, match } = made.pairs.byGood
    .get('tarpot')!
    .find((own) => own.match && made.pairs.set.filter((entry) => entry.slot === own.slot).length > 1)!;
  const other = made.pairs.set.find(
    (entry) => entry.slot === slot && entry.beside.id !== match!.beside.id,
  )!.beside;
  function Asked() {
    const { plan: now } = useWorkbench();
    const main = now.mains.find(({ id }) => id === 'tarpot')!;
    const cell = { main: 'tarpot', beside: other.id };
    return <PairSlate main={main} slot={slot} cell={cell} turned={null} onTurn={() => undefined} />;
  }
  const seen = onBench(<Asked />, order(), counter);
  expect(screen.getByText(`Why ${other.name}`)).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Set it beside Tarpot' }));
  expect(seen.order.pairs.tarpot).toEqual({ [slot]: other.id });
});

test('a clash chosen by hand is advice beside it, and what Rotula would take is one touch away', async () => {
  const seen = onBench(
    <Slate id="wren-curd" />,
    order({ pairs: { 'wren-curd': { brine: 'smooth-mustard' } } }),
    counter,
  );
  expect(screen.getByText(/ beside Wren Curd: .*(would sit better|water between)/)).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'as Rotula would' }));
  expect(seen.order.pairs['wren-curd']).toEqual({});
  expect(screen.queryByText(/would sit better/)).toBeNull();
});

test('one shelf of a slot alone, and another slot, may be looked through', async () => {
  onBench(<Slate id="tarpot" slot="sweet" />, order(), counter);
  const listed = () =>
    [...document.querySelectorAll<HTMLElement>('[data-ranked]')].map((e) => e.dataset.ranked!);
  const of = (id: string) => counter.find((good) => good.id === id)!;
  await userEvent.click(screen.getByRole('button', { name: 'Honeys' }));
  expect(listed().length).toBeGreaterThan(3);
  for (const id of listed()) expect(of(id)).toMatchObject({ role: 'honey' });
  const points = listed().map((id) => scoreOf(of('tarpot') as Main, of(id) as Companion));
  expect(points).toEqual([...points].sort((a, b) => b - a));
});

test('how many things stand beside follows the curve until a person says', async () => {
  const seen = onBench(<Slate id="tarpot" />, order(), counter);
  await userEvent.click(screen.getByRole('tab', { name: 'The set' }));
  const kinds = Number(document.querySelector('[data-kinds]')!.textContent);
  await userEvent.click(screen.getByRole('button', { name: 'One thing fewer' }));
  expect(seen.order.pairKinds).toBe(kinds - 1);
  expect(Number(document.querySelector('[data-kinds]')!.textContent)).toBe(kinds - 1);
  await userEvent.click(screen.getByRole('button', { name: 'As many as pay' }));
  expect(seen.order.pairKinds).toBeNull();
});

test('drinks for the table: one, two or three bottles, and with one touch they are poured and no others', async () => {
  const seen = onBench(<Slate id="tarpot" />, order(), counter);
  await userEvent.click(screen.getByRole('tab', { name: 'Drinks' }));
  const two = document.querySelector<HTMLElement>('[data-bottles="2"]')!;
  const made = plan(order(), counter, House.parse({}));
  const best = bottlesFor(made.mains, made.pairs.candidates.drink.filter(isDrink))[1]!;
  for (const { name } of best.drinks) expect(two.textContent).toContain(name);
  await userEvent.click(within(two).getByRole('button', { name: 'Pour these' }));
  const now = plan(seen.order, counter, House.parse({}));
  const poured = now.pairs.set.filter(({ slot }) => slot === 'drink').map(({ beside }) => beside.id);
  expect(poured.sort()).toEqual(best.drinks.map(({ id }) => id).sort());
  expect(document.querySelector('[data-standard-drinks]')!.textContent).toMatch(
    /US standard drinks, .* UK units/,
  );
});

test('where the shop has no licence, styles are named and nothing is priced', async () => {
  onBench(<Slate id="tarpot" />, order(), counter, House.parse({ licensed: false }));
  await userEvent.click(screen.getByRole('tab', { name: 'Drinks' }));
  const one = document.querySelector<HTMLElement>('[data-bottles="1"]')!;
  const made = plan(order(), counter, House.parse({}));
  const [best] = bottlesFor(made.mains, made.pairs.candidates.drink.filter(isDrink));
  expect(one.textContent).not.toContain(best!.drinks[0]!.name);
  expect(one.textContent!.toLowerCase()).toContain(best!.drinks[0]!.style.toLowerCase());
  expect(screen.getAllByText('unpriced').length).toBeGreaterThan(0);
});

test('where the trade disagrees both sides are read', () => {
  onBench(
    <Slate id="tarpot" slot="drink" />,
    order({ pairs: { tarpot: { drink: 'hull-number-nine' } } }),
    counter,
  );
  const disputed = document.querySelector('[data-dispute="red wine and cheese"]')!;
  expect(disputed.textContent).toMatch(/Red belongs.*White, sparkling and fortified/);
});

describe('the whole board at a glance', () => {
  const seen: { cells: string[]; turned: string[] } = { cells: [], turned: [] };
  function Matrix() {
    return (
      <PairMatrix
        cell={null}
        turned={null}
        onCell={(main, { beside }) => seen.cells.push(`${main.id} ${beside.id}`)}
        onTurn={(beside) => seen.turned.push(beside)}
      />
    );
  }
  const made = plan(order(), counter, House.parse({}));
  const cellOf = (main: string, beside: string) =>
    document.querySelector<HTMLElement>(`[data-cell="${main} ${beside}"]`)!;
  test('every good against everything chosen, the score said, a disc or a cross by its sign, one ringed of each slot', () => {
    onBench(<Matrix />, order(), counter);
    for (const { main } of made.walk.steps) {
      for (const { beside } of made.pairs.set) {
        const cell = cellOf(main.id, beside.id);
        const score = scoreOf(main, beside);
        expect(cell.getAttribute('aria-label')).toContain(
          `${beside.name} beside ${main.name}: ${signed(score, 1)}`,
        );
        expect(cell.querySelector('path') !== null).toBe(score < 0);
      }
      for (const slot of new Set(made.pairs.set.map((entry) => entry.slot))) {
        const own = made.pairs.set.filter((entry) => entry.slot === slot);
        const ringed = own.filter(({ beside }) =>
          cellOf(main.id, beside.id).getAttribute('aria-label')!.includes('the best of its kind'),
        );
        const best = Math.max(...own.map(({ beside }) => scoreOf(main, beside)));
        // The least of several clashes is no match.
        expect(ringed.map(({ beside }) => scoreOf(main, beside))).toEqual(best >= 0 ? [best] : []);
      }
    }
  });
  test('the least of several clashes is ringed nowhere', () => {
    const start = order({ selection: { goods: ['meadow-pearls', 'tarpot', 'slate-quay'] }, pairKinds: 6 });
    onBench(<Matrix />, start, counter);
    const { mains, pairs } = plan(start, counter, House.parse({}));
    const clashes = mains.flatMap((main) =>
      pairs.set
        .filter(({ beside, slot }) =>
          pairs.set.every(
            (one) => one.slot !== slot || scoreOf(main, one.beside) < 0 || one.beside === beside,
          ),
        )
        .filter(({ beside }) => scoreOf(main, beside) < 0)
        .map(({ beside }) => cellOf(main.id, beside.id)),
    );
    expect(clashes.length).toBeGreaterThan(0);
    for (const cell of clashes) expect(cell.getAttribute('aria-label')).not.toContain('the best of its kind');
  });
  test('a cell opens its reasons, a heading turns the question round, the arrow keys walk', async () => {
    onBench(<Matrix />, order(), counter);
    const [a, b] = made.pairs.set;
    const { main } = made.walk.steps[0]!;
    await userEvent.click(cellOf(main.id, a!.beside.id));
    expect(seen.cells).toEqual([`${main.id} ${a!.beside.id}`]);
    await userEvent.keyboard('{ArrowRight}');
    expect(document.activeElement).toBe(cellOf(main.id, b!.beside.id));
    await userEvent.keyboard('{ArrowUp}');
    expect((document.activeElement as HTMLElement).dataset.turnColumn).toBe(b!.beside.id);
    await userEvent.keyboard('{Enter}');
    expect(seen.turned).toEqual([b!.beside.id]);
  });
});
