import { z } from 'zod';
import type { Brief, House } from '../brief/index.js';
import type { Timing, TimingAsked } from '../clock/index.js';
import type { Good } from '../counter/index.js';
import type { Layout, LayQuestion } from '../lay/index.js';
import { PickRequest, PlanRequest, type ClockWay, type OrderBody } from '../order/index.js';
import type { Alternative, Found, OneMore, Pick, PriceStep, Trouble, Wishes } from '../pick/index.js';

/** What the searches over the counter are asked. */
export interface PickQuestion {
  readonly brief: Brief;
  readonly wishes: Wishes;
  readonly counter: readonly Good[];
  readonly house: House;
  /** Nodes of branch and bound at the most. */
  readonly nodeLimit: number;
}

export interface WaysQuestion {
  readonly order: OrderBody;
  readonly counter: readonly Good[];
  readonly house: House;
  /** The good's id and the number of its wave or plate, as `Standing.key` has it. */
  readonly key: string;
}

export const LayRequest = PlanRequest.extend({
  /** Which board of the order; empty: the first. */
  board: z.string().max(80).default(''),
});
export const WaysRequest = PlanRequest.extend({ key: z.string().min(1).max(120) });

type PickAsk = z.output<typeof PickRequest>;
type PlanAsk = z.output<typeof PlanRequest>;

/** Of each search: what is sent, what is asked, what is answered, and what comes on the way. */
export interface Searched {
  readonly pick: { request: PickAsk; question: PickQuestion; answer: Pick; progress: Found };
  readonly alternatives: {
    request: PickAsk;
    question: PickQuestion;
    answer: { readonly alternatives: readonly Alternative[] };
    progress: never;
  };
  readonly trouble: { request: PickAsk; question: PickQuestion; answer: Trouble; progress: never };
  readonly more: {
    request: PickAsk;
    question: PickQuestion;
    answer: { readonly more: readonly OneMore[] };
    progress: never;
  };
  readonly money: {
    request: PickAsk;
    question: PickQuestion;
    answer: { readonly steps: readonly PriceStep[]; readonly more: readonly OneMore[] };
    progress: readonly PriceStep[];
  };
  readonly lay: {
    request: z.output<typeof LayRequest>;
    question: LayQuestion;
    answer: Layout;
    /** Share of the steps that are done. */
    progress: number;
  };
  readonly clock: { request: PlanAsk; question: TimingAsked; answer: Timing; progress: never };
  readonly ways: {
    request: z.output<typeof WaysRequest>;
    question: WaysQuestion;
    answer: { readonly ways: readonly ClockWay[] };
    progress: never;
  };
}

export type SearchId = keyof Searched;
export type QuestionOf<K extends SearchId> = Searched[K]['question'];
export type AnswerOf<K extends SearchId> = Searched[K]['answer'];
export type ProgressOf<K extends SearchId> = Searched[K]['progress'];
