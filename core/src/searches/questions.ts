import { z } from 'zod';
import type { Brief, House } from '../brief/index.js';
import type { Timing, TimingQuestion } from '../clock/index.js';
import type { Counted } from '../counter/index.js';
import type { Layout, LayQuestion } from '../lay/index.js';
import { PickRequest, PlanRequest, type ClockWay, type OrderBody } from '../order/index.js';
import type { Alternative, Found, OneMore, Pick, PriceStep, Trouble, Wishes } from '../pick/index.js';

/** What the searches over the counter are asked. */
export interface PickQuestion {
  readonly brief: Brief;
  readonly wishes: Wishes;
  readonly counter: Counted;
  readonly house: House;
  /** Nodes of branch and bound at the most. */
  readonly nodeLimit: number;
}

export interface WaysQuestion {
  readonly order: OrderBody;
  readonly counter: Counted;
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

interface Kind<Request, Question, Answer, Progress> {
  readonly request: Request;
  readonly question: Question;
  readonly answer: Answer;
  /** What comes while it is worked on; never: nothing does. */
  readonly progress: Progress;
}
type OverCounter<Answer, Progress = never> = Kind<PickAsk, PickQuestion, Answer, Progress>;
type More = readonly OneMore[];

/** Each search by its id: what a client sends, what is asked, what is answered, and what comes on the way. */
export interface Searched {
  readonly pick: OverCounter<Pick, Found>;
  readonly alternatives: OverCounter<{ readonly alternatives: readonly Alternative[] }>;
  readonly trouble: OverCounter<Trouble>;
  readonly more: OverCounter<{ readonly more: More }>;
  readonly money: OverCounter<
    { readonly steps: readonly PriceStep[]; readonly more: More },
    readonly PriceStep[]
  >;
  /** The progress is the share of the steps that are done, 0 to 1. */
  readonly lay: Kind<z.output<typeof LayRequest>, LayQuestion, Layout, number>;
  readonly clock: Kind<z.output<typeof PlanRequest>, TimingQuestion, Timing, never>;
  readonly ways: Kind<
    z.output<typeof WaysRequest>,
    WaysQuestion,
    { readonly ways: readonly ClockWay[] },
    never
  >;
}

export type SearchId = keyof Searched;
export type QuestionOf<K extends SearchId> = Searched[K]['question'];
export type AnswerOf<K extends SearchId> = Searched[K]['answer'];
export type ProgressOf<K extends SearchId> = Searched[K]['progress'];
