import {
  briefFingerprint,
  DEFAULT_NODE_LIMIT,
  type Brief,
  type Good,
  type House,
  type Pick,
} from '@rotula/core';
import { wrap, type Remote } from 'comlink';
import useSWR from 'swr';
import type { PickWorker } from './pick.worker';

let remote: Remote<PickWorker> | null = null;

/** One worker for the whole page, made when it is first asked. */
function optimiser(): Remote<PickWorker> {
  remote ??= wrap<PickWorker>(new Worker(new URL('./pick.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

export function propose(
  brief: Brief,
  counter: readonly Good[],
  house: House,
  locked: readonly string[],
  leftOut: readonly string[],
): Promise<Pick> {
  return optimiser().pick(brief, counter, house, locked, leftOut, DEFAULT_NODE_LIMIT) as Promise<Pick>;
}

/** The best selection that this counter holds for a brief, with nothing locked: what the dial can reach. */
export function useReach(brief: Brief, counter: readonly Good[], house: House): Pick | null {
  const key = ['reach', briefFingerprint(brief), house.amountSchool, house.parity, counter.length];
  const { data } = useSWR(key, () => propose(brief, counter, house, [], []), {
    keepPreviousData: true,
    revalidateOnFocus: false,
    revalidateIfStale: false,
  });
  return data ?? null;
}
