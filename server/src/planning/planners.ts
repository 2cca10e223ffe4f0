import { availableParallelism } from 'node:os';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type { Jobs, SearchReply } from './jobs.js';
import { Pool, type Bounds } from './pool.js';

/** One core is left for answering. */
const THREADS = Math.max(1, availableParallelism() - 1);

/** Plans, which a page waits for, never stand behind searches. */
const QUICK: Bounds = { threads: 1, mostWaiting: 64, mostSeconds: 30, mostMegabytes: 1536, stays: true };
const SEARCH: Bounds = {
  threads: THREADS,
  mostWaiting: 64,
  mostSeconds: 120,
  mostMegabytes: 1536,
  stays: false,
};

/** The computation for whoever asks by HTTP: in threads, so that a long question keeps nobody from reading. */
@Injectable()
export class Planners implements OnApplicationShutdown {
  private readonly quick: Pool;
  private readonly search: Pool;

  /** @param printer where what draws papers is built */
  constructor(
    worker: string,
    dataDirectory: string,
    private readonly printer: string,
  ) {
    this.quick = new Pool(worker, dataDirectory, QUICK);
    this.search = new Pool(worker, dataDirectory, SEARCH);
  }

  /** Called when the server listens: the first page waits for no thread. */
  warm(): void {
    this.quick.warm();
  }

  /** @returns the answer as JSON text */
  plan = <K extends 'plan' | 'preview'>(name: K, ask: Jobs[K], hungUp: AbortSignal) =>
    this.quick.run(name, ask, hungUp) as Promise<string>;

  /** A paper takes a search or two: it stands in their queue. */
  printed = (ask: Omit<Jobs['paper'], 'printer'>, hungUp: AbortSignal) =>
    this.search.run('paper', { ...ask, printer: this.printer }, hungUp) as Promise<string>;

  searched = (ask: Jobs['search'], hungUp: AbortSignal) =>
    this.search.run('search', ask, hungUp) as Promise<SearchReply>;

  async stop(): Promise<void> {
    await Promise.all([this.quick.stop(), this.search.stop()]);
  }

  onApplicationShutdown(): Promise<void> {
    return this.stop();
  }
}
