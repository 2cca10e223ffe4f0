import type { Response } from 'express';

/** Aborted when whoever asked has gone. */
export function hungUp(response: Response): AbortSignal {
  const gone = new AbortController();
  response.on('close', () => gone.abort());
  return gone.signal;
}
