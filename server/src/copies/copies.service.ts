import { Worker } from 'node:worker_threads';
import { Injectable, Logger, ServiceUnavailableException, type OnApplicationShutdown } from '@nestjs/common';
import type { Copies } from '@rotula/core';
import { copiesIn, copiesOf } from '../database/copies.js';
import { copyIsDue } from '../database/keptCopies.js';

const LOOK_AFTER_MS = 60_000;
/** What failed in the night is not tried every minute. */
const TRY_AGAIN_MS = 3_600_000;

/** Copies of the running shop: at the first start of a day, in the night, before an import, and when somebody asks. */
@Injectable()
export class CopiesService implements OnApplicationShutdown {
  private readonly log = new Logger('Rotula');
  private making: Promise<void> | null = null;
  private trouble: string | null = null;
  private failedAt = -Infinity;
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly worker: string,
    private readonly directory: string,
  ) {}

  told(): Copies {
    const copies = copiesOf(this.directory);
    return {
      folder: copiesIn(this.directory),
      last: copies[0]?.at.toISOString() ?? null,
      count: copies.length,
      trouble: this.trouble,
    };
  }

  /** Make one now; whoever asks while one is made gets that one. @throws ServiceUnavailableException in words */
  async make(): Promise<Copies> {
    await (this.making ??= this.inThread().finally(() => (this.making = null)));
    return this.told();
  }

  /** From now on: one at once if none was made since last night, and one every night. */
  keepUp(): void {
    this.lookAfter();
    this.timer = setInterval(() => this.lookAfter(), LOOK_AFTER_MS);
    this.timer.unref();
  }

  private lookAfter(): void {
    if (!copyIsDue(copiesOf(this.directory)[0]?.at ?? null, new Date())) return;
    if (performance.now() - this.failedAt < TRY_AGAIN_MS) return;
    // What went wrong is logged, and shown on the page of the house.
    void this.make().catch(() => undefined);
  }

  private async inThread(): Promise<void> {
    const said = await new Promise<{ file?: string; trouble?: string }>((resolve) => {
      const worker = new Worker(this.worker, {
        workerData: { directory: this.directory, now: new Date().toISOString() },
      });
      worker.once('message', resolve);
      worker.once('error', (fault) => resolve({ trouble: fault.message }));
      worker.once('exit', () => resolve({ trouble: 'The copy ended before it was made.' }));
    });
    this.trouble = said.trouble ?? null;
    if (!said.trouble) return;
    this.failedAt = performance.now();
    this.log.warn(`No copy of the data was made. ${said.trouble}`);
    throw new ServiceUnavailableException(`No copy of the data was made. ${said.trouble}`);
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.timer);
    await this.making?.catch(() => undefined);
  }
}
