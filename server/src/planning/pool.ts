import { HttpException, Logger, ServiceUnavailableException } from '@nestjs/common';
import { Piscina } from 'piscina';
import type { Job, JobName, Jobs } from './jobs.js';
import { Full, Places } from './places.js';
import { TooMuch } from '../http/tooMuch.js';

/** What bounds the work of one pool. */
export interface Bounds {
  readonly threads: number;
  /** Questions that may wait; whoever comes after is told when to come back. */
  readonly mostWaiting: number;
  /** A question that is not answered by then never is: no shorter answer stands in for it. */
  readonly mostSeconds: number;
  /** Of one thread, megabytes; what needs more is ended, and the others go on. */
  readonly mostMegabytes: number;
  /** Threads stay when there is nothing to do. */
  readonly stays: boolean;
}

const serverStops = () =>
  new ServiceUnavailableException('The server is being stopped; nothing was changed. Ask again later.');

/** How much the last answer counts in the usual time of one. */
const NEWEST_WEIGHS = 0.3;

/** Work in threads, within bounds of time, memory and number; a question whose asker went away is ended. */
export class Pool {
  private pool: Piscina | null = null;
  private stopping = false;
  private usualSeconds = 1;
  private readonly places: Places;
  private readonly stops = new AbortController();
  private readonly log = new Logger('Rotula');

  constructor(
    private readonly worker: string,
    private readonly dataDirectory: string,
    private readonly bounds: Bounds,
  ) {
    this.places = new Places(bounds.threads, bounds.mostWaiting);
  }

  /** Have the threads ready before the first question. */
  warm(): void {
    if (!this.stopping) this.open();
  }

  private open(): Piscina {
    const { threads, mostMegabytes, stays } = this.bounds;
    return (this.pool ??= new Piscina({
      filename: this.worker,
      minThreads: stays ? threads : 0,
      maxThreads: threads,
      idleTimeout: 30_000,
      resourceLimits: { maxOldGenerationSizeMb: mostMegabytes },
    }));
  }

  /**
   * @param hungUp aborted when nobody waits for the answer any more
   * @throws TooMuch (429) when the queue is full; ServiceUnavailableException (503) without an answer
   */
  async run<K extends JobName>(name: K, ask: Jobs[K], hungUp: AbortSignal): Promise<unknown> {
    if (this.stopping) throw serverStops();
    const tooLong = AbortSignal.timeout(this.bounds.mostSeconds * 1000);
    const signal = AbortSignal.any([hungUp, tooLong, this.stops.signal]);
    let giveBack = () => {};
    try {
      giveBack = await this.places.take(signal);
      const began = performance.now();
      const job = { name, ask, dataDirectory: this.dataDirectory } as Job;
      const answer: unknown = await this.open().run(job, { signal });
      const took = (performance.now() - began) / 1000;
      this.usualSeconds += NEWEST_WEIGHS * (took - this.usualSeconds);
      return answer;
    } catch (fault) {
      throw this.told(fault, hungUp, tooLong);
    } finally {
      giveBack();
    }
  }

  private told(fault: unknown, hungUp: AbortSignal, tooLong: AbortSignal): HttpException {
    if (this.stopping) return serverStops();
    if (hungUp.aborted) return new ServiceUnavailableException('The question was withdrawn.');
    if (tooLong.aborted)
      return new ServiceUnavailableException(
        `This was not worked out within ${this.bounds.mostSeconds} seconds, and no shorter answer stands in for it. Nothing was changed; ask for less at once.`,
      );
    if (fault instanceof Full) return new TooMuch(this.comeBack());
    if ((fault as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
      return new ServiceUnavailableException(
        'This needs more memory than one question may have. Nothing was changed; ask for less at once.',
      );
    this.log.error(fault instanceof Error ? fault.stack : String(fault));
    return new HttpException('Something went wrong while this was worked out; nothing was changed.', 500);
  }

  /** Seconds until the queue is likely to have a place. */
  private comeBack(): number {
    const { threads } = this.bounds;
    return Math.max(1, Math.min(120, Math.ceil(this.usualSeconds / threads)));
  }

  /** End all work; whoever waits hears that the server stops. */
  async stop(): Promise<void> {
    this.stopping = true;
    this.stops.abort();
    await this.pool?.destroy();
  }
}
