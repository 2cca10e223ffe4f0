import { layOut, type Layout, type LayQuestion } from '@rotula/core';
import { expose } from 'comlink';

/** Lays a board off the main thread. */
const worker = { layOut: (question: LayQuestion): Layout => layOut(question) };
export type LayWorker = typeof worker;
expose(worker);
