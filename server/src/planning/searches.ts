import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import {
  isSearch,
  SEARCH_IDS,
  SEARCHES,
  searchFingerprint,
  type House,
  type Searched,
  type SearchId,
} from '@rotula/core';
import { LRUCache } from 'lru-cache';
import type { z } from 'zod';
import { CounterService } from '../counter/counter.service.js';
import { checkedBody } from '../http/checked.js';
import { HouseService } from '../house/house.service.js';
import type { Shelf } from './jobs.js';
import { Planners } from './planners.js';

/** Answers that are kept, and their length in characters: the one longest not asked for goes first. */
const MOST_KEPT = 64;
const MOST_CHARACTERS = 32_000_000;

/**
 * What is searched, kept by the fingerprint of its inputs: the same question is answered once. Nothing of it is stored;
 * what a person accepts goes into the order.
 */
@Injectable()
export class Searches {
  private readonly kept = new LRUCache<string, string>({
    max: MOST_KEPT,
    maxSize: MOST_CHARACTERS,
    sizeCalculation: (answer) => answer.length + 1,
  });

  constructor(
    private readonly counter: CounterService,
    private readonly house: HouseService,
    private readonly planners: Planners,
  ) {}

  /**
   * @param body as it was sent
   * @returns the answer with its fingerprint, as JSON text
   * @throws NotFoundException for what is no search; BadRequestException for a request that its schema refuses
   */
  async find(id: string, body: unknown, signal: AbortSignal): Promise<string> {
    if (!isSearch(id))
      throw new NotFoundException(
        `Nothing is searched under “${id}”. What is searched: ${SEARCH_IDS.join(', ')}.`,
      );
    const schema: z.ZodType<Searched[SearchId]['request']> = SEARCHES[id].request;
    return this.answer(id, checkedBody(schema, body), signal);
  }

  private async answer(id: SearchId, request: Searched[SearchId]['request'], signal: AbortSignal) {
    const { counter, house: sent, ...rest } = request;
    const house: House = sent ?? (await this.house.read());
    const { columnMaps: _, ...felt } = house;
    const stored = { stored: this.counter.revision };
    const shelf: Shelf = counter ? { sent: counter } : stored;
    const fingerprint = searchFingerprint(id, rest, [
      felt,
      counter ?? { ...stored, takings: await this.counter.takings() },
    ]);
    const known = this.kept.get(fingerprint);
    if (known) return known;
    const reply = await this.planners.searched({ id, request: request, house, shelf }, signal);
    if ('refused' in reply) throw new BadRequestException(reply.refused);
    const head = { fingerprint, ...('search' in request ? { seed: request.search.seed } : {}) };
    // Both are objects of JSON: one after the other they are one.
    const answer = `${JSON.stringify(head).slice(0, -1)},${reply.found.slice(1)}`;
    this.kept.set(fingerprint, answer);
    return answer;
  }
}
