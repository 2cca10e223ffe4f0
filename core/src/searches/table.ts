import { EXACTLY, timingOf } from '../clock/index.js';
import { layOut } from '../lay/index.js';
import { clockWays, PickRequest, plan, PlanRequest } from '../order/index.js';
import { alternativesTo, CURVE_NODE_LIMIT, oneMore, pick, priceSteps, troubleOf } from '../pick/index.js';
import { canonicalText, hashOf } from '../units/index.js';
import {
  AlternativesJson,
  LayoutJson,
  MoneyJson,
  MoreJson,
  PickJson,
  TimingJson,
  TroubleJson,
  WaysJson,
} from './answers.js';
import {
  LayRequest,
  WaysRequest,
  type AnswerOf,
  type PickQuestion,
  type ProgressOf,
  type QuestionOf,
  type Searched,
  type SearchId,
} from './questions.js';
import { NoQuestion, type Search, type Shop } from './search.js';

const picking = (
  { brief, locks, search }: Searched['pick']['request'],
  { counter, house }: Shop,
): PickQuestion => ({ brief, wishes: locks, counter, house, nodeLimit: search.nodeLimit });
const pickingCurve = (request: Searched['pick']['request'], shop: Shop): PickQuestion => ({
  ...picking(request, shop),
  nodeLimit: Math.min(request.search.nodeLimit, CURVE_NODE_LIMIT),
});

const best = ({ brief, counter, house, wishes, nodeLimit }: PickQuestion) =>
  pick(brief, counter, house, wishes, { nodeLimit });

/** Every search there is. The worker of the browser, the threads of the server, the API and its documentation are made from it. */
export const SEARCHES: {
  readonly [K in SearchId]: Search<
    Searched[K]['request'],
    Searched[K]['question'],
    Searched[K]['answer'],
    Searched[K]['progress']
  >;
} = {
  pick: {
    version: 1,
    finds: 'The best selection for a brief',
    request: PickRequest,
    question: picking,
    run: ({ brief, counter, house, wishes, nodeLimit }, onProgress) =>
      pick(brief, counter, house, wishes, {
        nodeLimit,
        onBest: (found) => {
          onProgress?.(found);
          return false;
        },
      }),
    answer: PickJson,
  },
  alternatives: {
    version: 1,
    finds: 'Selections that are truly different from the best and nearly as good',
    request: PickRequest,
    question: picking,
    run: (question) => {
      const { brief, counter, house, wishes, nodeLimit } = question;
      return { alternatives: alternativesTo(best(question), brief, counter, house, wishes, { nodeLimit }) };
    },
    answer: AlternativesJson,
  },
  trouble: {
    version: 1,
    finds: 'Where nothing fits: which wishes collide, and the cheapest ways out',
    request: PickRequest,
    question: picking,
    run: ({ brief, wishes, counter, house }) => troubleOf({ brief, wishes }, counter, house),
    answer: TroubleJson,
  },
  more: {
    version: 1,
    finds: 'What one more cheese and one more meat would bring and cost',
    request: PickRequest,
    question: pickingCurve,
    run: ({ brief, counter, house, wishes, nodeLimit }) => ({
      more: oneMore(brief, counter, house, wishes, { nodeLimit }),
    }),
    answer: MoreJson,
  },
  money: {
    version: 1,
    finds: 'The best selection for every budget, and what one more kind would bring',
    request: PickRequest,
    question: pickingCurve,
    run: ({ brief, counter, house, wishes, nodeLimit }, onProgress) => ({
      steps: priceSteps(brief, counter, house, wishes, {
        nodeLimit,
        onStep: (steps) => {
          onProgress?.(steps);
          return false;
        },
      }),
      more: oneMore(brief, counter, house, wishes, { nodeLimit }),
    }),
    answer: MoneyJson,
  },
  lay: {
    version: 1,
    finds: 'Where everything lies on a board of an order',
    request: LayRequest,
    question: ({ order, board }, { counter, house }) => {
      const { laid } = plan(order, counter, house).boards;
      const wanted = board === '' ? laid[0] : laid.find(({ key }) => key === board);
      if (!wanted?.question)
        throw new NoQuestion(
          laid.length === 0
            ? 'The order has no board to lay: pick goods first.'
            : `The order has nothing on a board “${board}”. Its boards: ${laid.map(({ key }) => key).join(', ')}.`,
        );
      return wanted.question;
    },
    // Reported by tenths: every report draws a screen anew.
    run: (question, onProgress) => {
      let reported = 0;
      return layOut(question, (share) => {
        const tenths = Math.floor(10 * share);
        if (tenths > reported) onProgress?.((reported = tenths) / 10);
      });
    },
    answer: LayoutJson,
  },
  clock: {
    version: 1,
    finds: 'When everything happens: what leaves the cold and is gone, and the day’s work',
    request: PlanRequest,
    question: ({ order }, { counter, house }) => plan(order, counter, house).timing.question,
    // Every good warmed by series and sections, the work scheduled backwards by branch and bound.
    run: (question) => timingOf(question, EXACTLY),
    answer: TimingJson,
  },
  ways: {
    version: 1,
    finds: 'What can be changed where a good would be too long out of the cold, each planned through',
    request: WaysRequest,
    question: ({ order, key }, { counter, house }) => ({ order, counter, house, key }),
    run: ({ order, counter, house, key }) => ({ ways: clockWays(order, counter, house, key) }),
    answer: WaysJson,
  },
};

export const SEARCH_IDS = Object.keys(SEARCHES) as SearchId[];
export const isSearch = (id: string): id is SearchId => Object.hasOwn(SEARCHES, id);

/** Run a search by its id. Deterministic. */
export function runSearch<K extends SearchId>(
  id: K,
  question: QuestionOf<K>,
  onProgress?: (soFar: ProgressOf<K>) => void,
): AnswerOf<K> {
  return SEARCHES[id].run(question, onProgress);
}

/**
 * Equal for requests that have the same answer, over restarts and machines.
 * @param request as its schema gives it, without counter and house
 * @param shop what stands for counter and house: their revisions, or they themselves
 */
export const searchFingerprint = (id: SearchId, request: unknown, shop: unknown): string =>
  hashOf(canonicalText([id, SEARCHES[id].version, request, shop]));
