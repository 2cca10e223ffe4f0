import type { CompanyFacts, HostFacts } from '../facts.js';
import { over, type PairRule } from './rule.js';
import { customary } from './custom.js';
import { kinship } from './shared.js';

type PlainDrinkRule =
  | 'sweet-cools-heat'
  | 'bubbles-lift-fat'
  | 'bubbles-lift-salt'
  | 'bubbles-beside-savour'
  | 'acid-lifts-salt'
  | 'acid-with-tang'
  | 'acid-on-bitter'
  | 'sweet-as-it-asks'
  | 'sweeter-than-it-asks'
  | 'tannin-takes-fat'
  | 'tannin-on-cream'
  | 'tannin-on-mould'
  | 'tannin-on-salt'
  | 'tannin-on-fish'
  | 'acid-with-fish'
  | 'spice-on-cream'
  | 'spice-on-heat'
  | 'heat-and-alcohol'
  | 'alcohol-on-salt-and-fat'
  | 'strength-holds-the-finish'
  | 'body-for-body'
  | 'bitter-cuts-fat'
  | 'thin-beside-mould'
  | 'louder-drink'
  | 'quieter-drink';

export type DrinkRuleId = PlainDrinkRule;

declare module '../../units/reason.js' {
  interface Rules extends Record<PlainDrinkRule, NoFigures> {}
}

/** How heavy a good is in the mouth: fat, and what it says. */
const weightOf = (h: HostFacts): number => 0.45 * h.fat + 0.45 * h.intensity;
/** Alcohol that sweetness does not cover. */
const bareBurn = (b: CompanyFacts): number => over(b.burn, b.sweet / 2);

/** How a drink sits beside a good: acid, sweetness, tannin, alcohol, bubbles and body against what is eaten. Common practice, no source. */
export const DRINK_RULES: readonly PairRule[] = [
  { id: 'acid-cuts-fat', sign: 1, prior: 0.9, of: (h, b) => (b.sour * over(h.fat, 3.5)) / 15 },
  { id: 'acid-lifts-salt', sign: 1, prior: 0.9, of: (h, b) => (b.sour * over(h.salty, 4)) / 15 },
  { id: 'acid-with-tang', sign: 1, prior: 0.7, of: (h, b) => (b.sour * over(h.sour, 2.5)) / 10 },
  { id: 'acid-on-bitter', sign: -1, prior: 0.6, of: (h, b) => (over(b.sour, 4) * over(h.bitter, 1.5)) / 5 },
  { id: 'bubbles-lift-fat', sign: 1, prior: 0.9, of: (h, b) => (b.bubbles * over(h.fat, 4)) / 15 },
  { id: 'bubbles-lift-salt', sign: 1, prior: 0.9, of: (h, b) => (b.bubbles * over(h.salty, 4)) / 15 },
  { id: 'bubbles-beside-savour', sign: 1, prior: 1.0, of: (h, b) => (b.bubbles * over(h.umami, 4)) / 15 },
  { id: 'sweet-as-it-asks', sign: 1, prior: 0.8, of: (h, b) => Math.min(b.sweet, h.wantsSweet) / 2 },
  {
    id: 'sweet-cools-heat',
    sign: 1,
    prior: 0.6,
    when: 'heat',
    of: (h, b) => (Math.min(4, b.sweet) * over(h.heat, 2)) / 6,
  },
  { id: 'sweeter-than-it-asks', sign: -1, prior: 0.8, of: (h, b) => over(b.sweet, h.wantsSweet + 1) / 2 },
  {
    id: 'tannin-takes-fat',
    sign: 1,
    prior: 0.5,
    of: (h, b) => (b.tannin * over(5, h.soft) * over(h.fat, 3)) / 30,
  },
  {
    id: 'tannin-on-cream',
    sign: -1,
    prior: 0.9,
    when: 'cream',
    of: (h, b) => (over(b.tannin, 3) * h.cream) / 8,
  },
  {
    id: 'tannin-on-mould',
    sign: -1,
    prior: 1,
    when: 'mould',
    of: (h, b) => (over(b.tannin, b.sweet / 2) * h.mould) / 4,
  },
  { id: 'tannin-on-salt', sign: -1, prior: 0.4, of: (h, b) => (over(b.tannin, 2) * over(h.salty, 5)) / 8 },
  { id: 'tannin-on-fish', sign: -1, prior: 1, when: 'fish', of: (h, b) => (b.tannin * h.fish) / 3 },
  { id: 'acid-with-fish', sign: 1, prior: 0.8, when: 'fish', of: (h, b) => (b.sour * h.fish) / 5 },
  { id: 'spice-on-cream', sign: -1, prior: 0.7, when: 'cream', of: (h, b) => (b.spice * h.cream) / 10 },
  {
    id: 'spice-on-heat',
    sign: -1,
    prior: 1.2,
    when: 'heat',
    of: (h, b) => ((b.spice + b.heat) * over(h.heat, 2)) / 15,
  },
  {
    id: 'heat-and-alcohol',
    sign: -1,
    prior: 0.9,
    when: 'heat',
    of: (h, b) => (over(h.heat, 2) * bareBurn(b)) / 5,
  },
  {
    id: 'alcohol-on-salt-and-fat',
    sign: -1,
    prior: 0.8,
    of: (h, b) => (bareBurn(b) * (over(h.salty, 4) + over(h.fat, 5))) / 10,
  },
  {
    id: 'strength-holds-the-finish',
    sign: 1,
    prior: 0.4,
    of: (h, b) => (b.burn * over(h.persistence, 5)) / 10,
  },
  { id: 'body-for-body', sign: 1, prior: 0.6, of: (h, b) => over(2, Math.abs(b.body - weightOf(h))) / 2 },
  { id: 'bitter-cuts-fat', sign: 1, prior: 0.3, of: (h, b) => (b.bitter * over(h.fat, 4)) / 15 },
  { id: 'savour-on-savour', sign: 1, prior: 0.6, of: (h, b) => (b.umami * over(h.umami, 3)) / 5 },
  {
    id: 'thin-beside-mould',
    sign: -1,
    prior: 1,
    when: 'mould',
    of: (h, b) => (over(5, b.body + b.sweet / 2) * h.mould) / 2,
  },
  { id: 'louder-drink', sign: -1, prior: 0.9, of: (h, b) => over(b.intensity, h.intensity + 1.5) / 1.5 },
  { id: 'quieter-drink', sign: -1, prior: 1.0, of: (h, b) => over(h.intensity, b.intensity + 1.5) / 1.5 },
  ...customary(2),
  ...kinship({ shared: 0.6, kindred: 0.5, place: 0.3 }),
];
