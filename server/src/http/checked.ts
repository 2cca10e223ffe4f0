import { BadRequestException, type PipeTransform } from '@nestjs/common';
import type { z } from 'zod';

/** What was sent is not what a schema of core accepts; the filter says which fields, and why. */
export class NotAccepted extends BadRequestException {
  constructor(readonly faults: z.ZodError) {
    super('The request is not as its schema says.');
  }
}

/** @returns the body, parsed. @throws NotAccepted */
export function checkedBody<T>(schema: z.ZodType<T>, body: unknown): T {
  const parsed = schema.safeParse(body);
  if (!parsed.success) throw new NotAccepted(parsed.error);
  return parsed.data;
}

/** A pipe that lets only what a schema of core accepts through, parsed. */
export const checked = (schema: z.ZodType): PipeTransform => ({
  transform: (value: unknown) => checkedBody(schema, value),
});
