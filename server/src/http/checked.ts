import { ZodValidationException, ZodValidationPipe } from 'nestjs-zod';
import type { z } from 'zod';

/** A pipe that lets only what a schema of core accepts through, parsed. */
export const checked = (schema: z.ZodType) => new ZodValidationPipe(schema as never);

/** The same for a route whose schema is known only by its path. @throws ZodValidationException */
export function checkedBody<T>(schema: z.ZodType<T>, body: unknown): T {
  const parsed = schema.safeParse(body);
  if (!parsed.success) throw new ZodValidationException(parsed.error);
  return parsed.data;
}
