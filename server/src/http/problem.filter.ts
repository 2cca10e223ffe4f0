import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Fault, Refusal } from '@rotula/core';
import type { Response } from 'express';
import { NotAccepted } from './checked.js';
import { TooMuch } from './tooMuch.js';
import { isBrokenRule, isDatabaseFault, troubleOf } from '../database/trouble.js';

const fieldOf = (path: readonly PropertyKey[]): string =>
  path.length > 0 ? path.map(String).join('.') : '(the whole body)';

/** At most this many faults are named; whoever sends more has understood by then. */
const MOST_NAMED = 50;

/** What is answered to a body that is wrong: each field, and why. */
export function refusalOf(faults: readonly Fault[]): Refusal {
  const problems = faults.slice(0, MOST_NAMED).map(({ path, says }) => ({ field: fieldOf(path), says }));
  return { status: 400, message: `${problems[0]!.field}: ${problems[0]!.says}`, problems };
}

const hasStatus = (error: unknown): error is { status: number; message: string; type?: string } =>
  error instanceof Error && typeof (error as { status?: unknown }).status === 'number';

const BODY_ERRORS: Record<string, string> = {
  'entity.too.large':
    'The body is too large: send at most 5 MB; a large counter goes in lines to /api/counter/changes/lines.',
  'entity.parse.failed': 'The body is not valid JSON.',
  'encoding.unsupported': 'Send the body uncompressed or with gzip.',
  'charset.unsupported': 'Send the body as UTF-8.',
};

const OURS = 'Something went wrong here. Nothing was changed; try again.';

/** How the JSON parser of Node words its complaints. */
const NOT_JSON = /JSON/;

function problemOf(error: unknown): Refusal & Record<string, unknown> {
  if (error instanceof NotAccepted)
    return refusalOf(error.faults.issues.map(({ path, message }) => ({ path, says: message })));
  if (error instanceof HttpException) {
    const body = error.getResponse() as { current?: unknown; stale?: unknown; unreadable?: unknown };
    const message = NOT_JSON.test(error.message)
      ? `The body is not valid JSON: ${error.message}`
      : error.message;
    return {
      status: error.getStatus(),
      message,
      ...(body.current ? { current: body.current } : {}),
      ...(body.stale ? { stale: body.stale } : {}),
      ...(body.unreadable ? { unreadable: body.unreadable } : {}),
    };
  }
  // Errors of the body parser and the router carry their own 4xx.
  if (hasStatus(error) && error.status >= 400 && error.status < 500)
    return { status: error.status, message: BODY_ERRORS[error.type ?? ''] ?? error.message };
  // What breaks a rule of the tables would break it again: a fault of our own, never a passing one.
  if (isBrokenRule(error)) return { status: 500, message: OURS };
  // The data cannot be reached now: said in words, and it may pass.
  if (isDatabaseFault(error))
    return { status: 503, message: troubleOf(error, 'the shop’s data file').message };
  return { status: 500, message: OURS };
}

/** Words every failure the same way; only faults of our own are logged. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Rotula');

  catch(error: unknown, host: ArgumentsHost) {
    const problem = problemOf(error);
    // 503 is said of the data or of a stop, in words; only a fault of our own has a trace.
    if (problem.status === 500) this.log.error(error instanceof Error ? error.stack : String(error));
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) return;
    if (error instanceof TooMuch) response.setHeader('Retry-After', String(error.retryAfterSeconds));
    response.status(problem.status).json(problem);
  }
}
