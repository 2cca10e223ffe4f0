import { DEFAULT_NODE_LIMIT, takeProposal } from '@rotula/core';
import type {
  PickWishes,
  Found,
  Counted,
  Hitch,
  House,
  OrderBody,
  Pick as Picked,
  Reason,
  Trouble,
  WayOut,
} from '@rotula/core';
import { useState } from 'react';
import { runInThread, stop as stopLane, Stopped } from './threads';
import { questionKey } from './question';
import { say } from '../language/say';

/** A document that a proposal is taken into. */
export interface Changeable {
  readonly order: OrderBody;
  readonly change: (name: string, edit: (order: OrderBody) => OrderBody) => void;
}

export interface Proposal {
  readonly working: boolean;
  /** The best so far, while it is worked on. */
  readonly soFar: Found | null;
  readonly hitches: readonly Hitch[];
  /** How sure it is that nothing better can be had; it was stopped before that could be said. */
  readonly proof: Reason | 'stopped' | null;
  readonly trouble: Trouble | null;
  /** The search ended without an answer. */
  readonly fault: string | null;
  readonly propose: () => Promise<void>;
  /** The proposal that a new order opens with; what was picked meanwhile stands. */
  readonly askFirst: () => Promise<void>;
  /** Stop, and take the best so far. */
  readonly stop: () => void;
  readonly takeWayOut: (way: WayOut) => Promise<void>;
}

const wishesOf = ({ wishes }: PickWishes) => ({ locked: [...wishes.locked], leftOut: [...wishes.leftOut] });

/** What is stopped together. */
const LANE = 'pick';

const setKey = (goodIds: readonly string[]): string => [...goodIds].sort().join(' ');

/** Asking for the best selection: streams the best so far, can be stopped, and says what collides when nothing fits. */
export function useProposal({
  document,
  counter,
  house,
}: {
  document: Changeable;
  counter: Counted;
  house: House;
}): Proposal {
  const { order, change } = document;
  const [working, setWorking] = useState(false);
  const [soFar, setSoFar] = useState<Found | null>(null);
  // What was answered, and to which question: when its cause goes (the brief, a wish, the counter), so does what it said.
  const [answer, setAnswer] = useState<{ to: string; pick: Picked; trouble: Trouble | null } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [proof, setProof] = useState<{ of: string; is: Reason | 'stopped' } | null>(null);

  const run = async (wishes: PickWishes, name: string, stillWanted = (_: OrderBody) => true) => {
    setWorking(true);
    setSoFar(null);
    setAnswer(null);
    setFault(null);
    try {
      const question = { ...wishes, counter, house, nodeLimit: DEFAULT_NODE_LIMIT };
      const found = await runInThread('pick', question, { lane: LANE, onProgress: setSoFar });
      // Without goods the order stays as it is, and what is said is said of that.
      const becomes = found.goodIds
        ? { ...order, brief: wishes.brief, selection: { ...order.selection, ...wishesOf(wishes) } }
        : order;
      const to = questionKey(becomes, house, counter);
      const trouble = found.goodIds ? null : await runInThread('trouble', question, { lane: LANE });
      setAnswer({ to, pick: found, trouble });
      setProof(found.goodIds && { of: setKey(found.goodIds), is: found.reasons[0]! });
      const { goodIds } = found;
      if (goodIds)
        change(name, (o) =>
          !stillWanted(o)
            ? o
            : takeProposal(
                {
                  ...o,
                  brief: wishes.brief,
                  selection: { ...o.selection, ...wishesOf(wishes) },
                },
                goodIds,
              ),
        );
    } catch (thrown) {
      if (!(thrown instanceof Stopped)) setFault(thrown instanceof Error ? thrown.message : String(thrown));
    } finally {
      setWorking(false);
    }
  };
  const { locked, leftOut } = order.selection;
  const wishes = { brief: order.brief, wishes: { locked, leftOut } };
  const current = answer && answer.to === questionKey(order, house, counter) ? answer : null;
  return {
    working,
    soFar,
    hitches: current?.pick.hitches.filter((hitch) => hitch.rule !== 'nothing-fits') ?? [],
    fault,
    // A proof is of one selection: changed by hand it is no longer said.
    proof: proof && proof.of === setKey(order.selection.goods ?? []) ? proof.is : null,
    trouble: current?.trouble ?? null,
    propose: () => run(wishes, say`take the proposal`),
    askFirst: () => run(wishes, say`the first proposal`, (o) => o.selection.goods === null),
    stop: () => {
      stopLane(LANE);
      if (soFar) {
        change(say`take the best so far`, (o) => takeProposal(o, soFar.goodIds));
        setProof({ of: setKey(soFar.goodIds), is: 'stopped' });
      }
    },
    takeWayOut: (way) => run(way.ask, say`the way out: ${way.wishes.join(', ')}`),
  };
}
