import {
  briefFingerprint,
  DEFAULT_NODE_LIMIT,
  NO_WISHES,
  type Alternative,
  type Ask,
  type Brief,
  type ClockWay,
  type Found,
  type Good,
  type House,
  type Layout,
  type LayQuestion,
  type OneMore,
  type OrderBody,
  type PartKey,
  type Pick,
  type PriceStep,
  type Timing,
  type TimingAsked,
  type Trouble,
} from '@rotula/core';
import { proxy, wrap, type Remote } from 'comlink';
import useSWR from 'swr';
import { houseKey, stampOf } from './question';
import type { PickWorker } from './pick.worker';
import { say, spoken } from '../language/say';

/** A thread of its own for each sort of question, so that a long one never makes a short one wait. */
type Desk = 'pick' | 'reach' | 'choices' | `lay ${PartKey}` | 'clock' | 'ways';
const desks = new Map<
  Desk,
  { worker: Worker; remote: Remote<PickWorker>; drop: Set<(reason: Error) => void> }
>();

/** The question was taken back before its answer came. */
export class Stopped extends Error {}

/** The thread ended by itself; the next question starts another. */
class WorkerDied extends Error {
  constructor() {
    super(say`The search ended without an answer (its thread died). Nothing was changed; ask again.`);
  }
}

function deskOf(name: Desk) {
  const known = desks.get(name);
  if (known) return known;
  const worker = new Worker(new URL('./pick.worker', import.meta.url), { type: 'module', name: spoken });
  const desk = { worker, remote: wrap<PickWorker>(worker), drop: new Set<(reason: Error) => void>() };
  desks.set(name, desk);
  const died = (event: Event) => {
    event.preventDefault();
    end(name, new WorkerDied());
  };
  worker.addEventListener('error', died);
  worker.addEventListener('messageerror', died);
  return desk;
}

/** End what a desk is working on. Whoever waits for it hears Stopped. */
export const stop = (name: Desk): void => end(name, new Stopped('stopped'));

function end(name: Desk, reason: Error): void {
  const desk = desks.get(name);
  if (!desk) return;
  desks.delete(name);
  desk.worker.terminate();
  for (const drop of desk.drop) drop(reason);
}

function ask<T>(name: Desk, question: (remote: Remote<PickWorker>) => Promise<unknown>): Promise<T> {
  const desk = deskOf(name);
  return new Promise<T>((resolve, reject) => {
    desk.drop.add(reject);
    question(desk.remote)
      .then((answer) => resolve(answer as T), reject)
      .finally(() => desk.drop.delete(reject));
  });
}

export const propose = (
  asked: Ask,
  counter: readonly Good[],
  house: House,
  onBest?: (found: Found) => void,
): Promise<Pick> =>
  ask(
    'pick',
    (w) => w.pick(asked, counter, house, DEFAULT_NODE_LIMIT, onBest && proxy(onBest)) as Promise<unknown>,
  );

export const findTrouble = (asked: Ask, counter: readonly Good[], house: House): Promise<Trouble> =>
  ask('pick', (w) => w.trouble(asked, counter, house) as Promise<unknown>);

export async function findAlternatives(
  asked: Ask,
  counter: readonly Good[],
  house: House,
): Promise<Alternative[]> {
  const best = await ask<Pick>(
    'choices',
    (w) => w.pick(asked, counter, house, DEFAULT_NODE_LIMIT) as Promise<unknown>,
  );
  return ask(
    'choices',
    (w) => w.alternatives(best, asked, counter, house, DEFAULT_NODE_LIMIT) as Promise<unknown>,
  );
}

/** A curve is many questions: each gets a smaller share of the steps, and says when that was not enough for a proof. */
const CURVE_NODE_LIMIT = 3000;

export const findMore = (asked: Ask, counter: readonly Good[], house: House): Promise<OneMore[]> =>
  ask('choices', (w) => w.more(asked, counter, house, CURVE_NODE_LIMIT) as Promise<unknown>);

export const findMoney = (
  asked: Ask,
  counter: readonly Good[],
  house: House,
  onStep: (steps: readonly PriceStep[]) => void,
): Promise<{ steps: PriceStep[]; more: OneMore[] }> =>
  ask('choices', (w) => w.money(asked, counter, house, CURVE_NODE_LIMIT, proxy(onStep)) as Promise<unknown>);

/**
 * Lay one of the boards of an order. A question that comes while another of the same board is worked on ends that one: its answer
 * would be stale. Boards that differ are laid side by side.
 */
export function layBoard(question: LayQuestion, part: PartKey): Promise<Layout> {
  const desk: Desk = `lay ${part}`;
  if (desks.get(desk)?.drop.size) stop(desk);
  return ask(desk, (w) => w.layOut(question) as Promise<unknown>);
}

/** Warm every good and search the day. A question that comes while another is worked on ends that one. */
export function timeDay(asked: TimingAsked): Promise<Timing> {
  if (desks.get('clock')?.drop.size) stop('clock');
  return ask('clock', (w) => w.timing(asked) as Promise<unknown>);
}

/** Ways out for a good that would be too long out of the cold. */
export function findClockWays(
  order: OrderBody,
  shelf: readonly Good[],
  house: House,
  key: string,
): Promise<ClockWay[]> {
  if (desks.get('ways')?.drop.size) stop('ways');
  return ask('ways', (w) => w.clockWays(order, shelf, house, key) as Promise<unknown>);
}

/** The best selection that this counter holds for a brief, with nothing locked: what the dial can reach. */
export function useReach(brief: Brief, counter: readonly Good[], house: House): Pick | null {
  const key = ['reach', briefFingerprint(brief), houseKey(house), stampOf(counter)];
  const question = () =>
    ask<Pick>(
      'reach',
      (w) => w.pick({ brief, wishes: NO_WISHES }, counter, house, DEFAULT_NODE_LIMIT) as Promise<unknown>,
    );
  const { data } = useSWR(key, question, {
    keepPreviousData: true,
    revalidateOnFocus: false,
    revalidateIfStale: false,
    shouldRetryOnError: false,
  });
  return data ?? null;
}
