import { runSearch, timingOf, type AnswerOf, type QuestionOf, type SearchId } from '@rotula/core';
import type { ThreadQuestion, Heard } from '../optimiser/threads';

type Roughly = { readonly [K in SearchId]?: (question: QuestionOf<K>) => AnswerOf<K> };
/** What takes a thread seconds is worked out roughly here. */
const ROUGHLY: Roughly = {
  lay: (question) => runSearch('lay', { ...question, steps: 800 }),
  clock: (question) => ({ ...timingOf(question), exact: true }),
};
function answerTo<K extends SearchId>({ id, question }: ThreadQuestion<K>): AnswerOf<K> {
  const roughly: Roughly[K] = ROUGHLY[id];
  return roughly ? roughly(question) : runSearch(id, question);
}

/** A thread of the browser, whose work is done here; it answers in a turn of its own: what is shown meanwhile is shown. */
class Thread {
  onmessage: ((event: { data: Heard }) => void) | null = null;
  onerror = null;
  onmessageerror = null;
  private ended = false;
  postMessage(asked: ThreadQuestion) {
    setTimeout(() => {
      if (!this.ended) this.onmessage?.({ data: { answer: answerTo(asked) } });
    });
  }
  terminate() {
    this.ended = true;
  }
}
// jsdom has none; whoever imports this has them.
Object.assign(globalThis, { Worker: Thread });
