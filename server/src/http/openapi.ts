import {
  ChangeAnswer,
  Copies,
  CounterAnswer,
  CounterChange,
  CounterLine,
  CreateOrder,
  CreateTasting,
  House,
  Order,
  OrderBody,
  OrderId,
  OrdersAnswer,
  PAPER_FORMS,
  PAPER_IDS,
  PaperAnswer,
  PapersAnswer,
  PlanAnswer,
  PlanRequest,
  PreviewAnswer,
  Refusal,
  SaveHouse,
  SaveOrder,
  SaveTasting,
  SEARCH_IDS,
  SessionAnswer,
  SessionsAnswer,
  StoredHouse,
  TakingsAnswer,
} from '@rotula/core';
import { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';
import { body, bounded, id, json, missing, refused, searched, stored, versioned } from './openapiParts.js';

const paths: ZodOpenApiPathsObject = {
  '/api/counter': {
    get: {
      summary: 'Every good with its lots',
      responses: {
        200: json(CounterAnswer, 'The counter; what cannot be read stands apart with its reason'),
      },
    },
  },
  '/api/counter/changes': {
    post: {
      summary: 'Put goods and take goods away in one step, all or nothing; its inverse undoes it',
      requestBody: body(CounterChange),
      responses: {
        200: json(ChangeAnswer, 'How many goods were written'),
        400: refused,
        409: json(
          Refusal.extend({ stale: z.array(z.string()) }),
          'Changed elsewhere since; nothing was written',
        ),
      },
    },
  },
  '/api/counter/changes/lines': {
    post: {
      summary: 'The same in lines of JSON, for an import: its name first, then one good a line',
      requestBody: { required: true, content: { 'application/x-ndjson': { schema: CounterLine } } },
      responses: {
        200: json(ChangeAnswer, 'How many goods were written'),
        400: refused,
        409: json(Refusal.extend({ stale: z.array(z.string()) }), 'Changed elsewhere since'),
      },
    },
  },
  '/api/copies': {
    get: {
      summary: 'How the copies of the data stand: where they lie, when the last good one was made',
      responses: { 200: json(Copies, 'The copies') },
    },
    post: {
      summary: 'Make a copy now: written aside, checked, then named',
      responses: {
        200: json(Copies, 'The copies, with the new one'),
        503: json(Refusal, 'None was made, and why'),
      },
    },
  },
  '/api/counter/taken': {
    get: {
      summary:
        'What orders cut off the lots: what is left of one is its count less these since it was counted',
      responses: {
        200: json(TakingsAnswer, 'Every weighing of the orders that stand'),
      },
    },
  },
  '/api/counter/{id}/stored': { get: stored('A good') },
  '/api/house': {
    get: { summary: 'The shop’s settings', responses: { 200: json(StoredHouse, 'The house') } },
    put: {
      summary: 'Save over the version they were made from',
      requestBody: body(SaveHouse),
      responses: {
        200: json(StoredHouse, 'As saved'),
        400: refused,
        409: json(Refusal.extend({ current: StoredHouse }), 'Changed elsewhere since; the current settings'),
      },
    },
  },
  '/api/house/stored': {
    get: {
      summary: 'The settings as they are stored',
      responses: { 200: { description: 'The file' }, 404: missing },
    },
  },
  ...versioned({
    path: '/api/orders',
    one: 'order',
    list: OrdersAnswer,
    lists: 'All orders, the earliest serving first',
    news: 'A new order; a head count and a time are enough',
    document: Order,
    create: CreateOrder,
    save: SaveOrder,
  }),
  '/api/orders/{id}/papers': {
    get: {
      summary: 'Which papers there are, and for whom',
      requestParams: id,
      responses: { 200: json(PapersAnswer, 'The papers'), 404: missing },
    },
  },
  '/api/orders/{id}/papers/{paper}': {
    get: {
      summary: 'A paper of a stored order, as data (goods by their ids) or as plain text, or why it is held',
      requestParams: {
        path: z.object({ id: OrderId, paper: z.enum(PAPER_IDS) }),
        query: z.object({ as: z.enum(PAPER_FORMS).default('data') }),
      },
      responses: {
        200: {
          description: 'The paper',
          content: {
            'application/json': { schema: PaperAnswer },
            'text/plain': { schema: z.string() },
          },
        },
        400: refused,
        404: missing,
        ...bounded,
      },
    },
  },
  '/api/orders/{id}/preview': {
    get: {
      summary:
        'What a stored order comes to: its board in the order of tasting, its balance and vital figures',
      requestParams: id,
      responses: { 200: json(PreviewAnswer, 'The preview'), 404: missing, ...bounded },
    },
  },
  '/api/orders/{id}/plan': {
    get: {
      summary: 'The plan of a stored order, with the version that it is made of',
      requestParams: id,
      responses: { 200: json(PlanAnswer, 'The plan'), 404: missing, ...bounded },
    },
  },
  ...versioned({
    path: '/api/tastings',
    one: 'tasting',
    list: SessionsAnswer,
    lists: 'All tasting sessions, the latest first',
    news: 'A new session: a drink, its probes and who tastes',
    document: SessionAnswer,
    create: CreateTasting,
    save: SaveTasting,
  }),
  '/api/plan': {
    post: {
      summary: 'Derive the whole plan of an order that comes along; stateless, never searches',
      requestBody: body(PlanRequest),
      responses: { 200: json(PlanAnswer, 'The plan'), 400: refused, ...bounded },
    },
  },
  ...Object.fromEntries(SEARCH_IDS.map((id) => [`/api/search/${id}`, searched(id)])),
  '/api/pick': searched('pick'),
};

/** OpenAPI 3.1, from the same schemas that check the requests. */
export const openApiDocument = (): Record<string, unknown> => ({
  ...createDocument({
    openapi: '3.1.0',
    info: {
      title: 'Rotula',
      version: '0.1.0',
      description: 'From the brief of an order to its printed papers.',
    },
    paths,
    components: { schemas: { House, OrderBody, Order } },
  }),
});
