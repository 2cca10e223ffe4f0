/** @jest-environment jsdom */
import { afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import { House, isCompanion, lotOn, plan, produceLines, stepsOf } from '@rotula/core';
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { webcrypto } from 'node:crypto';
import { useWorkbench } from '../frame/context';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { CutPanel } from './CutPanel';
import { CutSlate } from './CutSlate';
import { ProducePanel } from './ProducePanel';
import { ScaleBox } from './ScaleBox';

afterEach(cleanup);
beforeAll(() => {
  // jsdom has no ids of its own.
  Object.defineProperty(globalThis.crypto, 'randomUUID', {
    value: () => webcrypto.randomUUID(),
    configurable: true,
  });
});
const counter = demoCounter();
const goods = ['halyard', 'hare-fell', 'tarpot', 'bosun-ham'];
const order = (more: object = {}) =>
  anOrder({ brief: aBrief({ guests: { adults: 12 } }), selection: { goods }, ...more });
const planOf = (o = order()) => plan(o, counter, House.parse({}));

/** A part of the stage on the bench, of one good. */
function Of({ id, what: What }: { id: string; what: typeof CutPanel | typeof ScaleBox }) {
  const { plan: made } = useWorkbench();
  const main = made.mains.find((m) => m.id === id)!;
  return <What main={main} cut={made.cuts.find(({ goodId }) => goodId === id)!} />;
}

describe('the panel of a cut', () => {
  test('draws it with the measures, and numbers the steps as hands do them', () => {
    onBench(<Of id="tarpot" what={CutPanel} />, order(), counter);
    expect(screen.getByRole('img', { name: 'Tarpot as it is cut, to scale' })).toBeDefined();
    const made = planOf();
    const main = made.mains.find(({ id }) => id === 'tarpot')!;
    const cut = made.cuts.find(({ goodId }) => goodId === 'tarpot')!;
    const steps = stepsOf(main, cut, made.ahead.get('tarpot')!);
    const list = screen.getAllByRole('list').find((l) => l.tagName === 'OL')!;
    expect(list.querySelectorAll('li').length).toBe(steps.length + 1);
    expect(list.querySelector('[data-faces]')!.textContent).toMatch(/Cloth rind.*off/);
    expect(document.querySelector('[data-tolerance]')).not.toBeNull();
  });
  test('another cut is one touch, says what it costs, and one touch brings Rotula’s back', async () => {
    const seen = onBench(<Of id="hare-fell" what={CutPanel} />, order(), counter);
    const [other] = document.querySelectorAll<HTMLElement>('[data-cut]');
    await userEvent.click(other!);
    expect(seen.order.cuts).toEqual({ 'hare-fell': other!.dataset.cut });
    await userEvent.click(screen.getByRole('button', { name: 'as Rotula would' }));
    expect(seen.order.cuts).toEqual({});
  });
  test('a meat is drawn as it is folded', () => {
    onBench(<Of id="bosun-ham" what={CutPanel} />, order(), counter);
    expect(screen.getByRole('img', { name: /Bosun/ })).toBeDefined();
    expect(screen.queryByText(/rind\./)).toBeNull();
  });
});

describe('the scale', () => {
  test('one touch weighs: the entry names its lot and says it was simulated; taken back, nothing is left', async () => {
    const seen = onBench(<Of id="hare-fell" what={ScaleBox} />, order(), counter);
    await userEvent.click(screen.getByRole('button', { name: 'Weigh' }));
    await waitFor(() => expect(seen.order.cutting.entries).toHaveLength(1), { timeout: 10_000 });
    const [entry] = seen.order.cutting.entries;
    const main = planOf().mains.find(({ id }) => id === 'hare-fell')!;
    expect(entry).toMatchObject({
      goodId: 'hare-fell',
      simulated: true,
      lot: lotOn(main, order().brief.servingAt)!.lot.id,
    });
    expect(document.querySelector('[data-over]')!.textContent).toMatch(/target/);
    await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
    expect(seen.order.cutting.entries).toEqual([]);
    expect(seen.order.cutting.targets).toEqual({});
  });
});

test('the slate says pieces and losses, the order of cutting, and which knives are there', () => {
  function Slate() {
    const { plan: made } = useWorkbench();
    const main = made.mains.find(({ id }) => id === 'tarpot')!;
    return <CutSlate main={main} cut={made.cuts.find(({ goodId }) => goodId === 'tarpot')!} />;
  }
  onBench(<Slate />, order(), counter);
  expect(screen.getByText('Order of cutting')).toBeDefined();
  const names = planOf().sequence.map(({ main }) => main.name);
  expect(screen.getByText(names.join(' · '))).toBeDefined();
  expect(screen.getByText('Blades behind the counter')).toBeDefined();
  expect(screen.getAllByText(/not in the kit/).length).toBeGreaterThan(0);
});

describe('produce', () => {
  const lines = produceLines(planOf());
  test('what has pieces is drawn with them; a bowl is a bowl', () => {
    const piece = lines.find(({ cut }) => cut.piece)!;
    const bowl = lines.find(({ cut }) => !cut.piece)!;
    onBench(<ProducePanel line={piece} />, order(), counter);
    expect(document.querySelector(`[data-produce="${piece.good.id}"]`)).not.toBeNull();
    cleanup();
    onBench(<ProducePanel line={bowl} />, order(), counter);
    expect(screen.getByText(/It lies in a bowl/)).toBeDefined();
    expect(lines.every(({ good }) => isCompanion(good))).toBe(true);
  });
});
