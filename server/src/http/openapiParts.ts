import { OrderId, Refusal, SEARCHES, type SearchId } from '@rotula/core';
import { z } from 'zod';
import type { ZodOpenApiPathsObject } from 'zod-openapi';

/** What the paths of the API's description share: bodies, refusals, documents that are saved over a version, searches. */

export const json = (schema: z.ZodType, description: string) => ({
  description,
  content: { 'application/json': { schema } },
});
export const body = (schema: z.ZodType) => ({ required: true, content: { 'application/json': { schema } } });
export const refused = json(Refusal, 'The request is wrong; `problems` names each field.');
export const missing = json(Refusal, 'There is no such document.');
/** What is worked out in threads, within bounds. */
export const bounded = {
  429: json(Refusal, 'Too many questions wait; `Retry-After` says in how many seconds to come back'),
  503: json(Refusal, 'It took too long or needed too much memory: no answer, and no shorter one instead'),
};
export const id = { path: z.object({ id: OrderId }) };
export const stored = (of: string) => ({
  summary: `${of} as it is stored, as a file; also what cannot be read`,
  requestParams: id,
  responses: { 200: { description: 'The file' }, 404: missing },
});
/** The paths of documents that are saved over the version they were made from and can be taken back. */
export const versioned = (of: {
  readonly path: string;
  readonly one: string;
  readonly list: z.ZodType;
  readonly lists: string;
  readonly news: string;
  readonly document: z.ZodType;
  readonly create: z.ZodType;
  readonly save: z.ZodType;
}): ZodOpenApiPathsObject => ({
  [of.path]: {
    get: {
      summary: of.lists,
      responses: { 200: json(of.list, 'All of them; what cannot be read stands apart with its reason') },
    },
    post: {
      summary: of.news,
      requestBody: body(of.create),
      responses: { 201: json(of.document, 'As stored'), 400: refused },
    },
  },
  [`${of.path}/{id}`]: {
    get: {
      summary: `One ${of.one}`,
      requestParams: id,
      responses: { 200: json(of.document, `The ${of.one}`), 400: refused, 404: missing },
    },
    put: {
      summary: 'Save over the version it was made from',
      requestParams: id,
      requestBody: body(of.save),
      responses: {
        200: json(of.document, 'As stored, with the next version'),
        400: refused,
        404: missing,
        409: json(Refusal.extend({ current: of.document }), 'Saved elsewhere since; the current document'),
      },
    },
    delete: {
      summary: 'Delete it; it can be taken back',
      requestParams: id,
      responses: { 204: { description: 'Gone' }, 404: missing },
    },
  },
  [`${of.path}/{id}/stored`]: { get: stored(`One ${of.one}`) },
  [`${of.path}/{id}/restore`]: {
    post: {
      summary: 'Take a deleted one back, under its own id',
      requestParams: id,
      responses: { 200: json(of.document, 'As it was'), 404: missing },
    },
  },
});

/** A search of core's table, with all that it asks and answers. */
export const searched = (id: SearchId) => {
  const { finds, request, answer } = SEARCHES[id];
  return {
    post: {
      summary: `${finds}; stateless, the same question has the same answer and fingerprint`,
      requestBody: body(request),
      responses: {
        200: json(
          z.object({ fingerprint: z.string(), seed: z.number().optional() }).and(answer),
          'What was found',
        ),
        400: refused,
        ...bounded,
      },
    },
  };
};
