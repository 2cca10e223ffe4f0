import { z } from 'zod';
import { versionOf, type Format, type Upgraded } from './upgrade.js';

/** The head of every file: what it is, and in which format. */
export const fileHead = (format: string, wrong: string) =>
  z.looseObject({
    format: z.literal(format, wrong),
    formatVersion: z.number('the file does not say its "formatVersion"').int(),
  });

/** A step that brings part of a file to today's format, or says why it cannot. */
export function liftedFile<F extends { formatVersion: number }>(
  format: Format,
  lift: (file: F) => Upgraded,
  part: string,
): (file: F, ctx: z.RefinementCtx) => unknown {
  return (file, ctx) => {
    const up = lift(file);
    if ('document' in up)
      return {
        format: (file as { format?: unknown }).format,
        formatVersion: versionOf(format),
        [part]: up.document,
      };
    ctx.addIssue({ code: 'custom', path: ['formatVersion'], message: up.says });
    return z.NEVER;
  };
}
