import {
  allergenOf,
  contentsOf,
  factState,
  isAlcoholic,
  isDescribed,
  isMain,
  readingOf,
  type Good,
} from '../counter/index.js';
import type { Fact } from '../lexicon/index.js';

/**
 * Guests at risk, and what they are usually told to leave alone. Advice differs by country; this is the strict side.
 * Local codes and licensed practice decide. Sources: public-health advice as commonly published in the country named,
 * from memory.
 */
export const RISKS = ['pregnant', 'frail', 'immunity', 'young', 'maoi', 'histamine', 'kidney'] as const;
export type RiskId = (typeof RISKS)[number];

export type RiskRowId =
  | 'mould-ripened'
  | 'raw milk'
  | 'treatment unknown'
  | 'thermised'
  | 'soft-ripened rind'
  | 'smoked fish'
  | 'cold meats'
  | 'pate and raw sausage'
  | 'starfruit'
  | 'tyramine in cheese'
  | 'tyramine in meat'
  | 'tyramine in drink'
  | 'alcohol'
  | 'alcohol in food'
  | 'blue inside'
  | 'raw egg'
  | 'raw fish'
  | 'sprouts'
  | 'beer without alcohol'
  | 'fermented food'
  | 'histamine in cheese'
  | 'histamine in meat'
  | 'histamine in fish'
  | 'histamine in drink'
  | 'not described';

export interface RiskRow {
  readonly id: RiskRowId;
  readonly risks: readonly RiskId[];
  /** false: it may be safe, but what we know of the good does not settle it. */
  readonly sure: boolean;
  readonly source: string;
  readonly country: string;
  /** Countries whose advice lets it pass, to guests who are pregnant, when it is baked till it steams right through. */
  readonly steamedIn?: readonly string[];
  readonly applies: (good: Good) => boolean;
}

const LISTERIA: readonly RiskId[] = ['pregnant', 'frail', 'immunity'];
const FOOD_SAFETY = 'public-health advice on listeria, from memory';
const TYRAMINE = 'clinical diet advice on tyramine, from memory';
const HISTAMINE = 'clinical diet advice on histamine intolerance, from memory';
const PREGNANCY = 'public-health advice on food in pregnancy, from memory';
/** Days from which a cheese is aged, for whoever must leave aged cheese. */
const AGED_DAYS = 60;
/** Advice for small children names mould-ripened soft cheese, blue and raw-milk cheese, pâté and raw sausage. */
const CHILDREN = 'public-health advice on feeding young children, from memory';
const VULNERABLE: readonly RiskId[] = [...LISTERIA, 'young'];

/** GB advice: soft mould-ripened and unpasteurised cheese may be eaten when pregnant if it is cooked till steaming hot. */
const STEAMED: readonly string[] = ['GB'];

const words = (good: Good): string =>
  ` ${[good.name, good.style, ...good.contents.ingredients]
    .join(' ')
    .toLowerCase()
    .replace(/[^a-z]+/g, ' ')} `;
const says = (good: Good, ...any: string[]): boolean => any.some((word) => words(good).includes(` ${word} `));

/** What it says among its ingredients, or where nobody wrote them down, in its name. */
const has = (good: Good, fact: Fact): boolean =>
  good.kind !== 'ware' && readingOf(good) !== null && factState(good, fact) !== 'no';

const isFish = (good: Good): boolean =>
  (good.kind === 'meat' && good.animals.some((a) => a.animal === 'fish')) ||
  (good.kind === 'companion' && allergenOf(good, 'fish') === 'contains');

/** Smoked fish, hot or cold, that is served cold. */
const isSmokedFish = (good: Good): boolean =>
  isFish(good) &&
  ((good.kind === 'meat' && ['cold-smoked', 'hot-smoked'].includes(good.process)) || says(good, 'smoked'));

export const RISK_ROWS: readonly RiskRow[] = [
  {
    id: 'mould-ripened',
    risks: VULNERABLE,
    sure: true,
    source: `${FOOD_SAFETY}; ${CHILDREN}`,
    country: 'UK, US, EU',
    steamedIn: STEAMED,
    applies: (good) => good.kind === 'cheese' && ['bloomy', 'washed', 'blue'].includes(good.texture),
  },
  {
    id: 'raw milk',
    risks: VULNERABLE,
    sure: true,
    source: FOOD_SAFETY,
    country: 'US, EU',
    steamedIn: STEAMED,
    applies: (good) => good.kind === 'cheese' && good.treatment === 'raw',
  },
  {
    id: 'treatment unknown',
    risks: VULNERABLE,
    sure: false,
    source: FOOD_SAFETY,
    country: 'US, EU',
    applies: (good) => good.kind === 'cheese' && good.treatment === 'unknown',
  },
  {
    id: 'thermised',
    risks: VULNERABLE,
    sure: true,
    source: FOOD_SAFETY,
    country: 'US, EU',
    applies: (good) => good.kind === 'cheese' && good.treatment === 'thermised',
  },
  {
    id: 'soft-ripened rind',
    risks: VULNERABLE,
    sure: true,
    source: FOOD_SAFETY,
    country: 'UK',
    steamedIn: STEAMED,
    applies: (good) =>
      good.kind === 'cheese' &&
      ['soft', 'fresh'].includes(good.texture) &&
      ['bloomy', 'ash', 'natural'].includes(good.rind.kind),
  },
  {
    id: 'smoked fish',
    risks: LISTERIA,
    sure: true,
    source: 'public-health advice on listeria in refrigerated smoked seafood, from memory',
    country: 'US, UK',
    applies: isSmokedFish,
  },
  {
    id: 'cold meats',
    risks: LISTERIA,
    sure: true,
    source: FOOD_SAFETY,
    country: 'US, UK',
    applies: (good) => good.kind === 'meat' && !isSmokedFish(good),
  },
  {
    id: 'pate and raw sausage',
    risks: ['young'],
    sure: true,
    source: CHILDREN,
    country: 'UK, EU',
    applies: (good) =>
      good.kind === 'meat' &&
      (['pate', 'raw spreadable', 'fermented'].includes(good.process) || isSmokedFish(good)),
  },
  {
    id: 'starfruit',
    risks: ['kidney'],
    sure: true,
    source: 'clinical reports on starfruit intoxication, from memory',
    country: 'all',
    applies: (good) => says(good, 'starfruit', 'starfruits', 'carambola', 'star fruit'),
  },
  {
    id: 'tyramine in cheese',
    risks: ['maoi'],
    sure: true,
    source: TYRAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'cheese' &&
      (['blue', 'washed', 'bloomy'].includes(good.texture) || good.ageDays > AGED_DAYS),
  },
  {
    id: 'tyramine in meat',
    risks: ['maoi'],
    sure: true,
    source: TYRAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'meat' && ['fermented', 'air-dried', 'raw spreadable'].includes(good.process),
  },
  {
    id: 'tyramine in drink',
    risks: ['maoi'],
    sure: true,
    source: TYRAMINE,
    country: 'all',
    applies: (good) => good.kind === 'drink' && good.type === 'beer',
  },
  {
    id: 'alcohol',
    risks: ['pregnant', 'maoi'],
    sure: true,
    source: 'public-health advice, widely published',
    country: 'all',
    applies: (good) => isAlcoholic(good),
  },
  {
    id: 'alcohol in food',
    risks: ['pregnant'],
    sure: true,
    source: PREGNANCY,
    country: 'all',
    applies: (good) => good.kind !== 'drink' && contentsOf(good).alcohol === 'yes' && has(good, 'spirit'),
  },
  {
    id: 'blue inside',
    risks: VULNERABLE,
    sure: true,
    source: FOOD_SAFETY,
    country: 'UK, US, EU',
    applies: (good) => good.kind !== 'cheese' && has(good, 'blue cheese'),
  },
  {
    id: 'raw egg',
    risks: VULNERABLE,
    sure: true,
    source: `${PREGNANCY}; ${CHILDREN}`,
    country: 'UK, US, EU',
    applies: (good) => has(good, 'raw egg'),
  },
  {
    id: 'raw fish',
    risks: LISTERIA,
    sure: true,
    source: FOOD_SAFETY,
    country: 'US, UK, EU',
    applies: (good) => !isSmokedFish(good) && has(good, 'raw fish'),
  },
  {
    id: 'sprouts',
    risks: VULNERABLE,
    sure: true,
    source: PREGNANCY,
    country: 'US, EU',
    applies: (good) => has(good, 'sprouts'),
  },
  {
    id: 'beer without alcohol',
    risks: ['maoi', 'histamine'],
    sure: true,
    source: TYRAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'drink' &&
      !isAlcoholic(good) &&
      says(good, 'beer', 'bier', 'birra', 'cerveza', 'biere', 'lager', 'ale'),
  },
  {
    id: 'fermented food',
    risks: ['maoi', 'histamine'],
    sure: true,
    source: `${TYRAMINE}; ${HISTAMINE}`,
    country: 'all',
    applies: (good) => has(good, 'fermented'),
  },
  {
    id: 'smoked fish',
    risks: ['maoi', 'histamine'],
    sure: true,
    source: `${TYRAMINE}; ${HISTAMINE}`,
    country: 'all',
    applies: (good) => isSmokedFish(good),
  },
  {
    id: 'histamine in cheese',
    risks: ['histamine'],
    sure: true,
    source: HISTAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'cheese' &&
      (['blue', 'washed', 'bloomy', 'hard', 'very hard'].includes(good.texture) || good.ageDays > AGED_DAYS),
  },
  {
    id: 'histamine in meat',
    risks: ['histamine'],
    sure: true,
    source: HISTAMINE,
    country: 'all',
    applies: (good) =>
      good.kind === 'meat' && ['fermented', 'air-dried', 'raw spreadable'].includes(good.process),
  },
  {
    id: 'histamine in fish',
    risks: ['histamine'],
    sure: true,
    source: HISTAMINE,
    country: 'all',
    applies: (good) => isFish(good) && !isSmokedFish(good),
  },
  {
    id: 'histamine in drink',
    risks: ['histamine'],
    sure: true,
    source: HISTAMINE,
    country: 'all',
    applies: (good) => isAlcoholic(good),
  },
];

/** While nobody has said what a new good is, no row can be ruled out. */
export const NOT_DESCRIBED: RiskRow = {
  id: 'not described',
  risks: RISKS,
  sure: false,
  source: 'Regulation (EU) 1169/2011: unknown is never safe',
  country: 'all',
  applies: (good) => isMain(good) && !isDescribed(good),
};
