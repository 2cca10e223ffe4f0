import type { Exclusion } from '@rotula/core';
import type { Format } from '../ui/format';
import { limitLabel } from './labels';
import { sentence } from './sentence';

/** Which limits are against a good, and what in it: "vegan (is milk); no alcohol (alcohol in it)". */
export const becauseWords = (because: readonly Exclusion[], format: Format): string =>
  because
    .map(({ limit, fit }) => `${limitLabel(limit.what)}${fit.why ? ` (${sentence(fit.why, format)})` : ''}`)
    .join('; ');
