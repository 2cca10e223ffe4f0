import { Injectable, NotFoundException } from '@nestjs/common';
import { canonicalText, hashOf, ROW_LIST, type House, type Pick, type PickRequest } from '@rotula/core';
import type { z } from 'zod';
import { CounterService } from '../counter/counter.service.js';
import { Planners } from './planners.js';

export type PickAsk = z.infer<typeof PickRequest>;

/** What a search found, with the fingerprint of all that it was asked for. */
export interface Found extends Pick {
  readonly seed: number;
  readonly fingerprint: string;
}

/** So many answers are kept; the one longest not asked for goes first. */
const MOST_KEPT = 64;

/** Which stages search, by their rows. */
const SEARCHED = ROW_LIST.filter(({ searched }) => searched !== undefined).map(({ id }) => id as string);

/**
 * What is searched, kept by the fingerprint of its inputs: the same question is answered once. Nothing of it is stored;
 * what a person accepts goes into the order.
 */
@Injectable()
export class Searches {
  private readonly kept = new Map<string, Pick>();

  constructor(
    private readonly counter: CounterService,
    private readonly planners: Planners,
  ) {}

  /** @throws NotFoundException for a stage that searches nothing */
  async find(stage: string, ask: PickAsk, house: House, signal: AbortSignal): Promise<Found> {
    if (!SEARCHED.includes(stage))
      throw new NotFoundException(
        `The stage “${stage}” searches nothing. What is searched: ${SEARCHED.join(', ')}.`,
      );
    const { brief, locks, search } = ask;
    const shelf = ask.counter ?? { stored: this.counter.revision, takings: await this.counter.takings() };
    const { columnMaps: _, ...schools } = house;
    const fingerprint = hashOf(canonicalText([stage, brief, locks, search.nodeLimit, schools, shelf]));
    const known = this.kept.get(fingerprint);
    const answer =
      known ??
      ((await this.planners.pick(
        {
          brief,
          house,
          locks,
          nodeLimit: search.nodeLimit,
          shelf: ask.counter ? { asked: ask.counter } : { stored: this.counter.revision },
        },
        signal,
      )) as Pick);
    this.keep(fingerprint, answer);
    return { ...answer, seed: search.seed, fingerprint };
  }

  private keep(fingerprint: string, answer: Pick) {
    this.kept.delete(fingerprint);
    this.kept.set(fingerprint, answer);
    const [oldest] = this.kept.keys();
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.kept.delete(oldest);
  }
}
