import type { Layout, OrderBody } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { useLayout } from '../optimiser/useLayout';
import { say } from '../language/say';

type Pins = OrderBody['lay']['pins'];

/** What can be done with a laid board; every move is one change of the order. */
export interface Laid {
  readonly layout: Layout | null;
  readonly working: boolean;
  readonly fault: string | null;
  /** Put one thing somewhere: it is pinned, and all others stay where they lie. */
  readonly put: (id: string, name: string, x: number, y: number, turn: number) => void;
  readonly letGo: (id: string, name: string) => void;
  /** Only what a person put somewhere stays; the rest is laid anew. */
  readonly anew: () => void;
  readonly change: (what: string, part: Partial<OrderBody['lay']>) => void;
}

export function useLaid(): Laid {
  const { plan, document } = useWorkbench();
  const found = useLayout(plan.boards.question);
  const { layout } = found;
  const change = (what: string, part: Partial<OrderBody['lay']>) =>
    document.change(what, (order) => ({ ...order, lay: { ...order.lay, ...part } }));
  const { pins, seed } = document.order.lay;
  /** As it lies now: nothing moves but what is moved. */
  const asItLies = (): Pins =>
    Object.fromEntries(
      (layout?.placed ?? []).map(({ id, x, y, turn }) => [id, { x, y, turn, hand: pins[id]?.hand ?? false }]),
    );
  return {
    ...found,
    change,
    put: (id, name, x, y, turn) =>
      change(say`move ${name} on the board`, { pins: { ...asItLies(), [id]: { x, y, turn, hand: true } } }),
    letGo: (id, name) => {
      const { [id]: _gone, ...rest } = asItLies();
      change(say`${name} as Rotula would`, { pins: rest });
    },
    anew: () =>
      change(say`the rest of the board laid anew`, {
        pins: Object.fromEntries(Object.entries(pins).filter(([, pin]) => pin.hand)),
        seed: seed + 1,
      }),
  };
}
