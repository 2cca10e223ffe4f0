import type { z } from 'zod';
import type { House } from '../brief/index.js';
import type { Counted } from '../counter/index.js';

/** What a search is run in: the counter as it is today, and the settings of the house. */
export interface Shop {
  readonly counter: Counted;
  readonly house: House;
}

/**
 * One search. `Request` is what an API client sends, `Question` plain data from which alone the answer follows, `Progress` the best
 * so far.
 */
export interface Search<Request, Question, Answer, Progress> {
  /** Rises when the same question may have another answer; it is part of the fingerprint. */
  readonly version: number;
  /** What it finds, one sentence for the documentation of the API. */
  readonly finds: string;
  readonly request: z.ZodType<Request>;
  /** @throws NoQuestion when the request names what its order does not have */
  readonly question: (request: Request, shop: Shop) => Question;
  /** Deterministic: limits are counted in steps, never in seconds. */
  readonly run: (question: Question, onProgress?: (soFar: Progress) => void) => Answer;
  /** The answer as JSON: goods by their ids, maps as records. */
  readonly answer: z.ZodType;
}

/** The request is well formed, and there is nothing to search for it; the message says what to ask for instead. */
export class NoQuestion extends Error {}
