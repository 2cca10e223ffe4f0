import { over, type PairRule } from './rule.js';
import { customary } from './custom.js';
import { kinship } from './shared.js';

type PlainMeatRule =
  | 'salt-meat-milky-cheese'
  | 'lean-meat-rich-cheese'
  | 'fat-meat-tangy-cheese'
  | 'smoke-on-quiet'
  | 'of-a-strength';

export type MeatRuleId = PlainMeatRule;

declare module '../../units/reason.js' {
  interface Rules extends Record<PlainMeatRule, NoFigures> {}
}

/** How a meat sits beside a cheese on one board. Common practice, no source. */
export const MEAT_RULES: readonly PairRule[] = [
  { id: 'of-a-strength', sign: 1, prior: 1, of: (h, b) => over(2, Math.abs(b.intensity - h.intensity)) / 2 },
  {
    id: 'louder-than-it',
    sign: -1,
    prior: 1,
    of: (h, b) => over(b.intensity, h.intensity + 1.5) / 1.5,
    figures: (h) => ({ good: h.name }),
  },
  { id: 'lost-beside-it', sign: -1, prior: 0.6, of: (h, b) => over(h.intensity, b.intensity + 2) / 1.5 },
  {
    id: 'hides-it',
    sign: -1,
    prior: 1.5,
    when: 'quiet',
    of: (h, b) => (h.quiet * (b.heat + b.funk / 2)) / 5,
    figures: (h) => ({ good: h.name }),
  },
  { id: 'smoke-on-quiet', sign: -1, prior: 0.6, when: 'quiet', of: (h, b) => (h.quiet * b.smoke) / 5 },
  { id: 'salt-meat-milky-cheese', sign: 1, prior: 0.4, of: (h, b) => (over(b.salty, 3) * h.sweet) / 10 },
  { id: 'salt-on-salt', sign: -1, prior: 0.6, of: (h, b) => (over(b.salty, 5) * over(h.salty, 4.5)) / 4 },
  { id: 'lean-meat-rich-cheese', sign: 1, prior: 0.4, of: (h, b) => (over(6, b.fat) * over(h.fat, 4)) / 8 },
  { id: 'fat-meat-tangy-cheese', sign: 1, prior: 0.4, of: (h, b) => (over(b.fat, 4) * over(h.sour, 2)) / 8 },
  {
    id: 'heat-wakes-fat',
    sign: 1,
    prior: 0.3,
    of: (h, b) => (Math.min(3, b.heat) * over(h.fat, 4) * over(h.intensity, 3)) / 20,
  },
  { id: 'savour-on-savour', sign: 1, prior: 0.4, of: (h, b) => (over(b.umami, 3) * over(h.umami, 3)) / 10 },
  ...customary(2),
  ...kinship({ shared: 0.8, kindred: 0.5, place: 0.3 }),
];
