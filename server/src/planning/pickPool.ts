import { availableParallelism } from 'node:os';
import {
  Injectable,
  InternalServerErrorException,
  ServiceUnavailableException,
  type OnApplicationShutdown,
} from '@nestjs/common';
import type { Pick } from '@rotula/core';
import { Piscina } from 'piscina';
import type { PickJob } from './pick.worker.js';

/** Picks that may wait; whoever comes after is asked to try again. */
const MOST_WAITING = 64;

/** Picks run in threads, one core left for answering; a question whose asker went away is ended. */
@Injectable()
export class PickPool implements OnApplicationShutdown {
  private pool: Piscina | null = null;

  constructor(private readonly worker: string) {}

  /** @param signal aborted when nobody waits for the answer any more */
  async run(job: PickJob, signal: AbortSignal): Promise<Pick> {
    // Started at the first question, so that it costs nothing at the start.
    this.pool ??= new Piscina({
      filename: this.worker,
      minThreads: 0,
      maxThreads: Math.max(1, availableParallelism() - 1),
      maxQueue: MOST_WAITING,
      idleTimeout: 30_000,
    });
    try {
      return (await this.pool.run(job, { signal })) as Pick;
    } catch (fault) {
      if (signal.aborted) throw new ServiceUnavailableException('The pick was stopped.');
      if (/queue/i.test((fault as Error).message))
        throw new ServiceUnavailableException('Too many picks wait already; try again in a moment.');
      throw new InternalServerErrorException(
        'The pick ended without an answer; nothing was changed. Try again.',
        {
          cause: fault,
        },
      );
    }
  }

  async onApplicationShutdown() {
    await this.pool?.destroy();
  }
}
