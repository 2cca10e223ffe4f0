import {
  baseOf,
  withinOneTurn,
  type LaidBoard,
  type LaySchools,
  type Layout,
  type OrderBody,
  type Thing,
} from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { useLayout } from '../optimiser/useLayout';
import { say } from '../language/say';

type Pins = OrderBody['lay']['pins'];

/** What can be done with a laid board; every move is one change of the order. */
export interface Laid {
  readonly layout: Layout | null;
  readonly working: boolean;
  /** Share of the search that is done; null: none is going on, or it has just begun. */
  readonly done: number | null;
  readonly fault: string | null;
  /** Put one thing somewhere: it is pinned, and all others stay where they lie. */
  readonly put: (id: string, name: string, x: number, y: number, turn: number) => void;
  /** Two change places, and both are pinned. */
  readonly swap: (id: string, other: string, names: readonly [string, string]) => void;
  readonly letGo: (id: string, name: string) => void;
  /** To another of the boards, where it finds its own place. */
  readonly send: (id: string, name: string, key: string) => void;
  /** Under its bell, or without it; everything else may find another place. */
  readonly cover: (thing: Thing, under: boolean) => void;
  /** Behind a divider, or without it. */
  readonly divide: (thing: Thing, behind: boolean) => void;
  /** It is good as it lies: another guest or gram moves nothing that lies there. null: it is kept, or not laid yet. */
  readonly keep: (() => void) | null;
  /** Only what a person put somewhere stays; the rest is laid anew. */
  readonly anew: () => void;
  /** The same by another school. */
  readonly school: (part: Partial<LaySchools>) => void;
  readonly change: (what: string, part: Partial<OrderBody['lay']>) => void;
}

/** One of the boards of the order as it is laid, and what hands may do with it. */
export function useLaid(board: LaidBoard | null): Laid {
  const { document, plan } = useWorkbench();
  const { choice } = plan.boards;
  const found = useLayout(board);
  const { answer: layout } = found;
  const change = (what: string, part: Partial<OrderBody['lay']>) =>
    document.change(what, (order) => ({ ...order, lay: { ...order.lay, ...part } }));
  const { pins, seed, sent, schools, bells, dividers } = document.order.lay;
  const byHand = Object.fromEntries(Object.entries(pins).filter(([, pin]) => pin.hand));
  /** As it lies now: nothing moves but what is moved; other boards stay as they are. */
  const asItLies = (): Pins => ({
    ...pins,
    ...Object.fromEntries(
      (layout?.placed ?? []).map(({ id, x, y, turn }) => [id, { x, y, turn, hand: pins[id]?.hand ?? false }]),
    ),
  });
  const placeOf = (id: string) => layout!.placed.find((place) => place.id === id)!;
  const without = (id: string): Pins => {
    const { [id]: _gone, ...rest } = asItLies();
    return rest;
  };
  return {
    layout,
    working: found.working,
    done: found.soFar,
    fault: found.fault,
    change,
    put: (id, name, x, y, turn) =>
      change(say`move ${name} on the board`, {
        pins: { ...asItLies(), [id]: { x, y, turn: withinOneTurn(turn), hand: true } },
      }),
    swap: (id, other, [name, otherName]) => {
      const [a, b] = [placeOf(id), placeOf(other)];
      change(say`${name} and ${otherName} change places`, {
        pins: {
          ...asItLies(),
          [id]: { x: b.x, y: b.y, turn: a.turn, hand: true },
          [other]: { x: a.x, y: a.y, turn: b.turn, hand: true },
        },
      });
    },
    letGo: (id, name) => change(say`${name} as Rotula would`, { pins: without(id) }),
    send: (id, name, key) =>
      change(say`${name} on another board`, {
        sent: { ...sent, [id.split('--')[0]!]: key },
        pins: without(id),
      }),
    cover: (thing, under) => {
      const id = baseOf(thing);
      const rest = bells.filter((one) => one !== id);
      change(under ? say`${thing.name} under a bell` : say`${thing.name} without its bell`, {
        bells: under ? [...rest, id] : rest,
        pins: byHand,
      });
    },
    divide: (thing, behind) => {
      const id = baseOf(thing);
      const rest = dividers.filter((one) => one !== id);
      change(behind ? say`${thing.name} behind a divider` : say`${thing.name} without its divider`, {
        dividers: behind ? [...rest, id] : rest,
        pins: byHand,
      });
    },
    keep:
      layout && choice && !layout.placed.every(({ id }) => pins[id])
        ? () => change(say`the board kept as it lies`, { pins: asItLies(), choice: choice.id })
        : null,
    anew: () => change(say`the rest of the board laid anew`, { pins: byHand, seed: seed + 1 }),
    school: (part) =>
      change(say`another school of laying`, { pins: byHand, schools: { ...schools, ...part } }),
  };
}
