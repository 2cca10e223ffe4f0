import { jest } from '@jest/globals';
import { groundOf, House, plan, type Good, type OrderBody } from '@rotula/core';
import { render } from '@testing-library/react';
import { useState, type ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { WorkbenchContext, type Workbench } from '../frame/context';
import { formatFor } from '../ui/format';

/** A part of the interface on an open order, without server or browser: what it changes is shown as it would be. */
export function onBench(
  part: ReactNode,
  start: OrderBody,
  counter: readonly Good[],
  house: House = House.parse({}),
) {
  const seen = { order: start, changes: [] as string[] };
  const ask = jest.fn(async () => undefined);
  function Bench() {
    const [order, setOrder] = useState(start);
    seen.order = order;
    const change = (name: string, edit: (o: OrderBody) => OrderBody) => {
      seen.changes.push(name);
      setOrder(edit);
    };
    const made = plan(order, counter, house);
    const ground = groundOf(order, counter, house);
    const bench = {
      document: {
        id: 'x',
        order,
        change,
        undo: null,
        redo: null,
        found: { elsewhere: null, unreadable: null },
        saving: { state: 'saved', refused: [], conflict: null },
      },
      plan: made,
      counter: ground.counter,
      shelf: counter,
      stock: counter,
      goods: ground.goods,
      house,
      format: formatFor(house),
      reach: null,
      proposal: { working: false, ask, hitches: [], trouble: null },
      focus: made.mains[0] ?? null,
      setFocus: () => undefined,
    } as unknown as Workbench;
    return (
      <MemoryRouter>
        <WorkbenchContext value={bench}>{part}</WorkbenchContext>
      </MemoryRouter>
    );
  }
  render(<Bench />);
  return seen;
}
