import { runSearch } from '@rotula/core';
import type { ThreadQuestion, Heard } from './threads';

/** Runs whatever search it is handed, off the main thread, one at a time; who no longer wants the answer ends the thread. */
addEventListener('message', ({ data }: MessageEvent<ThreadQuestion>) => {
  const say = (heard: Heard) => postMessage(heard);
  try {
    say({ answer: runSearch(data.id, data.question, (soFar) => say({ soFar })) });
  } catch (fault) {
    say({ fault: fault instanceof Error ? fault.message : String(fault) });
  }
});
