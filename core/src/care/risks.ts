import type { Good } from '../counter/index.js';

/**
 * Guests at risk, and what they are usually told to leave alone. Advice differs by country; this is the strict side.
 * Local codes and licensed practice decide. Sources: public-health advice as commonly published in the country named,
 * from memory.
 */
export const RISKS = {
  pregnant: { label: 'pregnant guest' },
  frail: { label: 'older or frail guest' },
  immunity: { label: 'weakened immunity' },
  maoi: { label: 'MAO-inhibitor medicine' },
} as const;
export type RiskId = keyof typeof RISKS;

export interface RiskRow {
  readonly id: string;
  readonly risks: readonly RiskId[];
  /** false: it may be safe, but what we know of the good does not settle it. */
  readonly sure: boolean;
  readonly says: string;
  readonly source: string;
  readonly country: string;
  readonly applies: (good: Good) => boolean;
}

const LISTERIA: readonly RiskId[] = ['pregnant', 'frail', 'immunity'];
const FOOD_SAFETY = 'public-health advice on listeria, from memory';
const TYRAMINE = 'clinical diet advice on tyramine, from memory';

export const RISK_ROWS: readonly RiskRow[] = [
  {
    id: 'mould-ripened',
    risks: LISTERIA,
    sure: true,
    says: 'soft mould-ripened, washed-rind or blue cheese',
    source: FOOD_SAFETY,
    country: 'UK, US, EU',
    applies: (good) => good.kind === 'cheese' && ['bloomy', 'washed', 'blue'].includes(good.texture),
  },
  {
    id: 'raw milk',
    risks: LISTERIA,
    sure: true,
    says: 'raw-milk cheese',
    source: FOOD_SAFETY,
    country: 'US, EU',
    applies: (good) => good.kind === 'cheese' && good.treatment === 'raw',
  },
  {
    id: 'treatment unknown',
    risks: LISTERIA,
    sure: false,
    says: 'how the milk was treated is not known',
    source: FOOD_SAFETY,
    country: 'US, EU',
    applies: (good) => good.kind === 'cheese' && good.treatment === 'unknown',
  },
  {
    id: 'thermised',
    risks: LISTERIA,
    sure: true,
    says: 'thermised milk is not pasteurised',
    source: FOOD_SAFETY,
    country: 'US, EU',
    applies: (good) => good.kind === 'cheese' && good.treatment === 'thermised',
  },
  {
    id: 'soft-ripened rind',
    risks: LISTERIA,
    sure: true,
    says: 'soft cheese with a mould or ash rind',
    source: FOOD_SAFETY,
    country: 'UK',
    applies: (good) =>
      good.kind === 'cheese' &&
      ['soft', 'fresh'].includes(good.texture) &&
      ['bloomy', 'ash', 'natural'].includes(good.rind.kind),
  },
  {
    id: 'cold meats',
    risks: LISTERIA,
    sure: true,
    says: 'cold cured meat, cold-smoked fish, pâté or raw sausage',
    source: FOOD_SAFETY,
    country: 'UK, US',
    applies: (good) => good.kind === 'meat' && good.process !== 'hot-smoked',
  },
  {
    id: 'tyramine in cheese',
    risks: ['maoi'],
    sure: true,
    says: 'aged, blue or washed cheese',
    source: TYRAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'cheese' && (['blue', 'washed', 'bloomy'].includes(good.texture) || good.ageDays > 60),
  },
  {
    id: 'tyramine in meat',
    risks: ['maoi'],
    sure: true,
    says: 'fermented or air-dried meat',
    source: TYRAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'meat' && ['fermented', 'air-dried', 'raw spreadable'].includes(good.process),
  },
  {
    id: 'tyramine in drink',
    risks: ['maoi'],
    sure: true,
    says: 'beer',
    source: TYRAMINE,
    country: 'all',
    applies: (good) => good.kind === 'drink' && good.type === 'beer',
  },
  {
    id: 'alcohol',
    risks: ['pregnant', 'maoi'],
    sure: true,
    says: 'alcohol',
    source: 'public-health advice, widely published',
    country: 'all',
    applies: (good) => good.kind === 'drink' && good.abv > 0.5,
  },
];

/** The first row that speaks against this good for guests of that kind, or null. */
export const riskOf = (id: RiskId, good: Good): RiskRow | null =>
  RISK_ROWS.find((row) => row.risks.includes(id) && row.applies(good)) ?? null;

/** Every row that speaks for a limit of guests at risk ("risk:pregnant"); none for other limits. */
export const riskRowsOf = (limit: string): readonly RiskRow[] =>
  RISK_ROWS.filter((row) => row.risks.some((risk) => `risk:${risk}` === limit));
