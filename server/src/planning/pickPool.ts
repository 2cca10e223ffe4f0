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

const serverStops = () =>
  new ServiceUnavailableException('The server is being stopped; nothing was changed. Ask again later.');

/** Picks run in threads, one core left for answering; a question whose asker went away is ended. */
@Injectable()
export class PickPool implements OnApplicationShutdown {
  private pool: Piscina | null = null;
  private stopping = false;

  constructor(
    private readonly worker: string,
    private readonly dataDirectory: string,
  ) {}

  /** @param signal aborted when nobody waits for the answer any more */
  async run(job: Omit<PickJob, 'dataDirectory'>, signal: AbortSignal): Promise<Pick> {
    if (this.stopping) throw serverStops();
    // Started at the first question, so that it costs nothing at the start.
    this.pool ??= new Piscina({
      filename: this.worker,
      minThreads: 0,
      maxThreads: Math.max(1, availableParallelism() - 1),
      maxQueue: MOST_WAITING,
      idleTimeout: 30_000,
    });
    try {
      return (await this.pool.run({ ...job, dataDirectory: this.dataDirectory } satisfies PickJob, {
        signal,
      })) as Pick;
    } catch (fault) {
      if (this.stopping) throw serverStops();
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

  /** End every pick; whoever waits hears that the server stops. */
  async stop() {
    this.stopping = true;
    await this.pool?.destroy();
  }

  onApplicationShutdown() {
    return this.stop();
  }
}
