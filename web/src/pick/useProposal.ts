import { takeProposal } from '@rotula/core';
import type { Ask, Found, Hitch, Pick, Trouble, WayOut } from '@rotula/core';
import { useState } from 'react';
import { useWorkbench } from '../order/context';
import { findTrouble, propose, stop as stopDesk, Stopped } from './optimiser';

export interface Proposal {
  readonly working: boolean;
  /** The best so far, while it is worked on. */
  readonly soFar: Found | null;
  readonly hitches: readonly Hitch[];
  readonly proof: string | null;
  readonly trouble: Trouble | null;
  readonly ask: () => Promise<void>;
  /** Stop, and take the best so far. */
  readonly stop: () => void;
  readonly takeWayOut: (way: WayOut) => Promise<void>;
}

const setKey = (goodIds: readonly string[]): string => [...goodIds].sort().join(' ');

/** Asking for the best selection: streams the best so far, can be stopped, and says what collides when nothing fits. */
export function useProposal(): Proposal {
  const { document, counter, house } = useWorkbench();
  const { order, change } = document;
  const [working, setWorking] = useState(false);
  const [soFar, setSoFar] = useState<Found | null>(null);
  const [answer, setAnswer] = useState<Pick | null>(null);
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const [proof, setProof] = useState<{ of: string; says: string } | null>(null);

  const run = async (asked: Ask, name: string) => {
    setWorking(true);
    setSoFar(null);
    setTrouble(null);
    try {
      const found = await propose(asked, counter, house, setSoFar);
      setAnswer(found);
      setProof(found.goodIds && { of: setKey(found.goodIds), says: found.reasons[0]?.says ?? '' });
      const { goodIds } = found;
      if (goodIds)
        change(name, (o) =>
          takeProposal(
            {
              ...o,
              brief: asked.brief,
              selection: {
                ...o.selection,
                ...asked.wishes,
                locked: [...asked.wishes.locked],
                leftOut: [...asked.wishes.leftOut],
              },
            },
            goodIds,
          ),
        );
      else setTrouble(await findTrouble(asked, counter, house));
    } catch (fault) {
      if (!(fault instanceof Stopped)) throw fault;
    } finally {
      setWorking(false);
    }
  };
  const { locked, leftOut } = order.selection;
  return {
    working,
    soFar,
    hitches: answer?.hitches.filter((hitch) => hitch.id !== 'nothing fits') ?? [],
    // A proof is of one selection: changed by hand it is no longer said.
    proof: proof && proof.of === setKey(order.selection.goods ?? []) ? proof.says : null,
    trouble,
    ask: () => run({ brief: order.brief, wishes: { locked, leftOut } }, 'take the proposal'),
    stop: () => {
      stopDesk('pick');
      if (soFar) {
        change('take the best so far', (o) => takeProposal(o, soFar.goodIds));
        setProof({ of: setKey(soFar.goodIds), says: 'the best found before it was stopped; not proven' });
      }
    },
    takeWayOut: (way) => run(way.ask, `the way out: ${way.wishes.join(', ')}`),
  };
}
