import type { CompanyFacts, HostFacts } from '../facts.js';
import { over, type PairRule } from './rule.js';
import { customary } from './custom.js';
import { kinship } from './shared.js';

type PlainCompanionRule =
  | 'sweet-meets-salt'
  | 'sweet-tames-funk'
  | 'sweet-on-mould'
  | 'tang-meets-sweet'
  | 'acid-cuts-fat'
  | 'sharp-tames-funk'
  | 'sharp-against-savoury'
  | 'sharp-and-salt'
  | 'sour-on-sour'
  | 'sour-on-mould'
  | 'crunch-against-cream'
  | 'crisp-against-firm'
  | 'juice-refreshes'
  | 'juice-beside-milk'
  | 'scent-stands-up-to-it'
  | 'heat-wakes-fat'
  | 'heat-on-heat'
  | 'bitter-skin-sweet-paste'
  | 'salt-takes-bitterness'
  | 'bitter-on-cream'
  | 'acid-sharpens-salt'
  | 'acid-feeds-heat'
  | 'fat-cools-heat'
  | 'crumb-for-cream'
  | 'tender-beside-tender'
  | 'salt-on-salt'
  | 'fat-on-fat'
  | 'fat-beside-lean'
  | 'savour-on-savour'
  | 'carries-without-speaking'
  | 'keeps-out-of-the-way'
  | 'lost-beside-it';

export type CompanionRuleId = PlainCompanionRule | 'hides-it' | 'louder-than-it';

declare module '../../units/reason.js' {
  interface Rules extends Record<PlainCompanionRule, NoFigures> {
    'hides-it': { good: string };
    'louder-than-it': { good: string };
  }
}

/** Sweetness stops helping once it is much louder than what it stands by. */
const usefulSweet = (h: HostFacts, b: CompanyFacts): number => Math.min(b.sweet, 3 + h.intensity);

/** How a companion sits beside a good. Common practice, no source. */
export const COMPANION_RULES: readonly PairRule[] = [
  { id: 'sweet-meets-salt', sign: 1, prior: 0.6, of: (h, b) => (usefulSweet(h, b) * over(h.salty, 3)) / 10 },
  { id: 'sweet-tames-funk', sign: 1, prior: 0.4, of: (h, b) => (usefulSweet(h, b) * over(h.funk, 3)) / 10 },
  {
    id: 'sweet-on-mould',
    sign: 1,
    prior: 1,
    when: 'mould',
    of: (h, b) => (Math.min(4, b.sweet) * h.mould) / 4,
  },
  { id: 'tang-meets-sweet', sign: 1, prior: 0.6, of: (h, b) => (usefulSweet(h, b) * over(h.sour, 2.5)) / 10 },
  { id: 'acid-cuts-fat', sign: 1, prior: 0.6, of: (h, b) => (b.sour * over(h.fat, 4)) / 10 },
  { id: 'sharp-tames-funk', sign: 1, prior: 0.4, of: (h, b) => (b.sour * over(h.funk, 3)) / 10 },
  {
    id: 'sharp-against-savoury',
    sign: 1,
    prior: 0.7,
    of: (h, b) => (over(b.sour + b.heat, b.sweet) * over(h.umami, 3.5)) / 10,
  },
  {
    id: 'sharp-and-salt',
    sign: 1,
    prior: 0.4,
    of: (h, b) => (Math.min(b.sweet, 2 * b.sour) * over(h.salty, 3)) / 10,
  },
  { id: 'sour-on-sour', sign: -1, prior: 0.4, of: (h, b) => (over(b.sour, 3) * over(h.sour, 3)) / 5 },
  { id: 'sour-on-mould', sign: -1, prior: 0.8, when: 'mould', of: (h, b) => (over(b.sour, 2) * h.mould) / 3 },
  { id: 'crunch-against-cream', sign: 1, prior: 0.3, when: 'cream', of: (h, b) => (b.crunch * h.cream) / 20 },
  { id: 'crisp-against-firm', sign: 1, prior: 0.3, of: (h, b) => (b.crunch * over(6, h.soft)) / 20 },
  {
    id: 'juice-refreshes',
    sign: 1,
    prior: 0.4,
    of: (h, b) => (b.juice * (over(h.fat, 4) + over(h.salty, 4))) / 20,
  },
  { id: 'juice-beside-milk', sign: 1, prior: 0.5, when: 'quiet', of: (h, b) => (b.juice * h.quiet) / 10 },
  {
    id: 'scent-stands-up-to-it',
    sign: 1,
    prior: 0.4,
    of: (h, b) => (b.scented * (over(h.funk, 4) + 2 * h.mould)) / 5,
  },
  {
    id: 'heat-wakes-fat',
    sign: 1,
    prior: 0.5,
    of: (h, b) => (h.heat < 1 ? (b.heat * over(h.fat, 4)) / 10 : 0),
  },
  { id: 'heat-on-heat', sign: -1, prior: 0.5, when: 'heat', of: (h, b) => (b.heat * h.heat) / 5 },
  { id: 'bitter-skin-sweet-paste', sign: 1, prior: 0.5, of: (h, b) => (b.bitter * over(h.sweet, 2)) / 5 },
  // Salt takes bitterness away (Breslin and Beauchamp, Nature 387, 1997; from memory).
  {
    id: 'salt-takes-bitterness',
    sign: 1,
    prior: 0.5,
    of: (h, b) => (Math.min(3, b.bitter) * over(h.salty, 4)) / 6,
  },
  {
    id: 'bitter-on-cream',
    sign: -1,
    prior: 0.5,
    when: 'cream',
    of: (h, b) => (over(b.bitter, 1) * h.cream) / 6,
  },
  {
    id: 'acid-sharpens-salt',
    sign: -1,
    prior: 0.5,
    of: (h, b) => (over(b.sour, 1) * over(h.salty, 5.5)) / 6,
  },
  {
    id: 'acid-feeds-heat',
    sign: -1,
    prior: 0.5,
    when: 'heat',
    of: (h, b) => (over(b.sour, 2) * over(h.heat, 3)) / 8,
  },
  { id: 'fat-cools-heat', sign: 1, prior: 0.5, when: 'heat', of: (h, b) => (b.fat * over(h.heat, 3)) / 12 },
  {
    id: 'crumb-for-cream',
    sign: 1,
    prior: 0.6,
    when: 'cream',
    of: (h, b) => (b.carrier * over(8, b.crunch) * h.cream) / 8,
  },
  {
    id: 'tender-beside-tender',
    sign: 1,
    prior: 0.4,
    of: (h, b) => (b.juice * over(4, b.crunch) * over(h.soft, 5)) / 40,
  },
  { id: 'salt-on-salt', sign: -1, prior: 0.5, of: (h, b) => (over(b.salty, 3) * over(h.salty, 5)) / 5 },
  { id: 'fat-on-fat', sign: -1, prior: 0.5, of: (h, b) => (over(b.fat, 3) * over(h.fat, 6)) / 5 },
  { id: 'fat-beside-lean', sign: 1, prior: 0.3, of: (h, b) => (over(b.fat, 3) * over(6, h.fat)) / 10 },
  { id: 'savour-on-savour', sign: 1, prior: 0.3, of: (h, b) => (b.umami * h.umami) / 10 },
  {
    id: 'carries-without-speaking',
    sign: 1,
    prior: 0.8,
    of: (_, b) => (b.carrier * over(6, b.scented + b.intensity)) / 2,
  },
  { id: 'keeps-out-of-the-way', sign: 1, prior: 0.3, of: (_, b) => over(5, b.intensity + b.scented / 2) / 2 },
  {
    id: 'hides-it',
    sign: -1,
    prior: 1,
    when: 'quiet',
    of: (h, b) => (h.quiet * (over(b.intensity, h.intensity) + b.scented + b.heat)) / 10,
    figures: (h) => ({ good: h.name }),
  },
  {
    id: 'louder-than-it',
    sign: -1,
    prior: 1,
    of: (h, b) => over(b.intensity, h.intensity + 1.5 + 1.5 * h.meat) / 1.5,
    figures: (h) => ({ good: h.name }),
  },
  { id: 'lost-beside-it', sign: -1, prior: 0.6, of: (h, b) => over(h.intensity, b.intensity + 3) / 2 },
  ...customary(2),
  ...kinship({ shared: 1, kindred: 0.6, place: 0.3 }),
];
