import type { AnswerOf, ProgressOf, QuestionOf, SearchId } from '@rotula/core';
import { say } from '../language/say';
import { startThread } from './startThread';

/** The threads of the browser: work is handed out to a few, and a thread whose work nobody wants any more is ended. */

/** What a thread is asked, and what it says. */
export interface ThreadQuestion<K extends SearchId = SearchId> {
  readonly id: K;
  readonly question: QuestionOf<K>;
}
export type Heard<K extends SearchId = SearchId> =
  { readonly soFar: ProgressOf<K> } | { readonly answer: AnswerOf<K> } | { readonly fault: string };

/** The question was taken back before its answer came. */
export class Stopped extends Error {}

/** The thread ended by itself; the next question starts another. */
class ThreadDied extends Error {
  constructor() {
    super(say`The search ended without an answer (its thread died). Nothing was changed; ask again.`);
  }
}

/** One is always left for what a person waits for: what is only looked up beside (reach, curves) takes no more than the others. */
const MOST = Math.max(2, Math.min(4, navigator.hardwareConcurrency || 2));

interface Work {
  readonly lane: string;
  readonly beside: boolean;
  readonly begin: (thread: Worker) => void;
  readonly drop: (reason: Error) => void;
}

const idle: Worker[] = [];
const running = new Map<Work, Worker>();
const waiting: Work[] = [];

/** Hand out what waits, first come first served. */
function handOut(): void {
  for (const work of [...waiting]) {
    const beside = [...running.keys()].filter((one) => one.beside).length;
    if (running.size >= MOST || (work.beside && beside >= MOST - 1)) continue;
    waiting.splice(waiting.indexOf(work), 1);
    const thread = idle.pop() ?? startThread();
    running.set(work, thread);
    work.begin(thread);
  }
}

/** Its thread is ended when it was still at work, else it takes the next. */
function done(work: Work, ended: boolean): void {
  const thread = running.get(work);
  if (!thread) return;
  running.delete(work);
  thread.onmessage = thread.onerror = thread.onmessageerror = null;
  if (ended) thread.terminate();
  else idle.push(thread);
  handOut();
}

/** Take back all that was asked in a lane; whoever waits for it hears Stopped. */
export function stop(lane: string): void {
  for (const work of waiting.filter((one) => one.lane === lane)) {
    waiting.splice(waiting.indexOf(work), 1);
    work.drop(new Stopped('stopped'));
  }
  for (const work of [...running.keys()].filter((one) => one.lane === lane)) {
    work.drop(new Stopped('stopped'));
    done(work, true);
  }
}

export interface Manner<K extends SearchId> {
  /** What is stopped together. */
  readonly lane: string;
  /** A newer question of the lane ends the one before: its answer would be stale. */
  readonly replaces?: boolean;
  /** Nobody waits for it: it leaves a thread free for what somebody does. */
  readonly beside?: boolean;
  readonly onProgress?: (soFar: ProgressOf<K>) => void;
}

/** Run a search in a thread. @throws Stopped when it was taken back; Error in words when it ended without an answer */
export function runInThread<K extends SearchId>(
  id: K,
  question: QuestionOf<K>,
  { lane, replaces = false, beside = false, onProgress }: Manner<K>,
): Promise<AnswerOf<K>> {
  if (replaces) stop(lane);
  return new Promise((resolve, reject) => {
    const message: ThreadQuestion<K> = { id, question };
    const work: Work = {
      lane,
      beside,
      drop: reject,
      begin: (thread) => {
        thread.onmessage = ({ data }: MessageEvent<Heard<K>>) => {
          if ('soFar' in data) return onProgress?.(data.soFar);
          if ('answer' in data) resolve(data.answer);
          else reject(new Error(data.fault));
          done(work, false);
        };
        const died = (event: Event) => {
          event.preventDefault();
          reject(new ThreadDied());
          done(work, true);
        };
        thread.onerror = died;
        thread.onmessageerror = died;
        try {
          thread.postMessage(message);
        } catch (fault) {
          // What cannot be handed over is the question's fault, not that of whoever asked at the same time.
          reject(fault instanceof Error ? fault : new Error(String(fault)));
          done(work, true);
        }
      },
    };
    waiting.push(work);
    handOut();
  });
}
