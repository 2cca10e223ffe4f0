import { minutes, type Minutes } from '../units/index.js';
import type { Good } from '../counter/index.js';
import { TIME_OUT } from './cautions.js';

/** How long food may stand out before it is eaten or thrown away, by where it is served. */
export interface SafeTime {
  /** ISO 3166-1 code; empty: everywhere else. */
  readonly country: string;
  readonly most: Minutes;
  readonly mostInHeat: Minutes;
  readonly source: string;
  /** From memory rather than from a table at hand. */
  readonly fromMemory: boolean;
}

/** Local codes and licensed practice decide; the strict side is the default. */
export const SAFE_TIMES: readonly SafeTime[] = [
  {
    country: 'GB',
    most: minutes(240),
    mostInHeat: TIME_OUT.mostAbove,
    source: 'Food Safety and Hygiene (England) Regulations 2013, schedule 4',
    fromMemory: true,
  },
  {
    country: '',
    most: TIME_OUT.most,
    mostInHeat: TIME_OUT.mostAbove,
    source: 'USDA FSIS consumer advice',
    fromMemory: false,
  },
];

/** Low-moisture cheese and dry-cured whole muscle last twice as long. Common practice, no source. */
const KEEPS = 2;
const keeps = (good: Good): boolean =>
  (good.kind === 'cheese' && (good.texture === 'hard' || good.texture === 'very hard')) ||
  (good.kind === 'meat' && good.build === 'whole muscle' && good.process === 'air-dried');

/** How long this good may stand out, and by whose rule. */
export function safeTimeOf(good: Good, country: string, hot: boolean): { most: Minutes; rule: SafeTime } {
  const rule = SAFE_TIMES.find((row) => row.country === country) ?? SAFE_TIMES.at(-1)!;
  if (hot) return { most: rule.mostInHeat, rule };
  return { most: minutes(keeps(good) ? rule.most * KEEPS : rule.most), rule };
}
