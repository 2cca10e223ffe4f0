import { ZodValidationPipe } from 'nestjs-zod';
import type { z } from 'zod';

/** A pipe that lets only what a schema of core accepts through, parsed. */
export const checked = (schema: z.ZodType) => new ZodValidationPipe(schema as never);
