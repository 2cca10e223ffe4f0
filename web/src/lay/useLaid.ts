import {
  bySchool,
  coverThing,
  divideThing,
  isKept,
  keepLayout,
  layAnew,
  letGo,
  putThing,
  sendTo,
  swapThings,
  type LaidBoard,
  type LaySchools,
  type Laying,
  type Layout,
  type Thing,
} from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { useLayout } from '../optimiser/useLayout';
import { say } from '../language/say';

/** What can be done with a laid board; every move (core/src/lay/moves.ts) is one change of the order. */
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
  readonly change: (what: string, part: Partial<Laying>) => void;
}

/** One of the boards of the order as it is laid, and what hands may do with it. */
export function useLaid(board: LaidBoard | null): Laid {
  const { document, plan } = useWorkbench();
  const { choice } = plan.boards;
  const { answer: layout, working, soFar: done, fault } = useLayout(board);
  const lies = layout ?? { placed: [] };
  const move = (what: string, make: (laying: Laying) => Laying) =>
    document.change(what, (order) => ({ ...order, lay: make(order.lay) }));
  return {
    layout,
    working,
    done,
    fault,
    change: (what, part) => move(what, (laying) => ({ ...laying, ...part })),
    put: (id, name, x, y, turn) =>
      move(say`move ${name} on the board`, (laying) => putThing(laying, lies, id, { x, y, turn })),
    swap: (id, other, [name, otherName]) =>
      move(say`${name} and ${otherName} change places`, (laying) => swapThings(laying, lies, id, other)),
    letGo: (id, name) => move(say`${name} as Rotula would`, (laying) => letGo(laying, lies, id)),
    send: (id, name, key) => move(say`${name} on another board`, (laying) => sendTo(laying, lies, id, key)),
    cover: ({ id, name }, under) =>
      move(under ? say`${name} under a bell` : say`${name} without its bell`, (laying) =>
        coverThing(laying, id, under),
      ),
    divide: ({ id, name }, behind) =>
      move(behind ? say`${name} behind a divider` : say`${name} without its divider`, (laying) =>
        divideThing(laying, id, behind),
      ),
    keep:
      layout && choice && !isKept(document.order.lay, layout)
        ? () => move(say`the board kept as it lies`, (laying) => keepLayout(laying, layout, choice.id))
        : null,
    anew: () => move(say`the rest of the board laid anew`, layAnew),
    school: (part) => move(say`another school of laying`, (laying) => bySchool(laying, part)),
  };
}
