import { allergensOf, animalsIn, contentsOf, isMain, type Good } from '../counter/index.js';
import { limitRule, type Limit } from './limits.js';
import { riskRowsOf } from './risks.js';

/** Who sits at the table, as far as care is concerned. */
export interface Table {
  readonly infants: number;
  readonly under5: number;
  readonly drinkers: number;
  readonly limits: readonly Limit[];
  /** Served in heat above 32 °C. */
  readonly hot: boolean;
}

export interface Caution {
  readonly id: string;
  readonly says: string;
  readonly goods: readonly string[];
  readonly source: string;
  readonly country: string;
}

interface CautionRow {
  readonly id: string;
  readonly source: string;
  readonly country: string;
  readonly when: (table: Table) => boolean;
  readonly applies: (good: Good) => boolean;
  readonly says: string;
}

const isCompanionOf = (good: Good, ...roles: string[]) =>
  good.kind === 'companion' && roles.includes(good.role);
const always = () => true;
const PUBLIC_HEALTH = 'public-health advice, widely published';

const ROWS: readonly CautionRow[] = [
  {
    id: 'honey for infants',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.infants > 0,
    applies: (good) => isCompanionOf(good, 'honey') || contentsOf(good).honey === 'yes',
    says: 'No honey, not even inside something, for infants under 12 months.',
  },
  {
    id: 'choking under 5',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.under5 > 0,
    applies: (good) => isCompanionOf(good, 'nut') || (good.kind === 'companion' && good.rolls),
    says: 'Under 5 years: no whole nuts, grapes, cherry tomatoes or stoned olives. Quarter grapes and tomatoes lengthways; leave nuts out.',
  },
  {
    id: 'hard chunks under 5',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.under5 + table.infants > 0,
    applies: (good) =>
      (good.kind === 'cheese' && ['hard', 'very hard'].includes(good.texture)) ||
      (good.kind === 'meat' && good.calibre === 'small'),
    says: 'For small children hard cheese is grated or in thin pliable slices, sausage in thin strips. No picks.',
  },
  {
    id: 'out of the cold',
    source: 'USDA FSIS consumer advice: two hours out, one hour above 32 °C',
    country: 'US',
    when: (table) => !table.hot,
    applies: isMain,
    says: 'Two hours out of the cold at the most, one hour above 32 °C. Hold the rest back, cold, and refill with a fresh plate.',
  },
  {
    id: 'out in the heat',
    source: 'USDA FSIS consumer advice: one hour out above 32 °C (90 °F)',
    country: 'US',
    when: (table) => table.hot,
    applies: isMain,
    says: 'In this heat one hour out of the cold at the most. Small plates, refilled fresh, in the shade and on ice.',
  },
  {
    id: 'raw milk',
    source: '21 CFR 133 (US: 60 days at 1.7 °C or warmer); EU: label “made with raw milk”',
    country: 'US, EU',
    when: always,
    applies: (good) => good.kind === 'cheese' && good.treatment === 'raw',
    says: 'Raw milk: say so on the card. Not for pregnant, frail, very old or very young guests, or weakened immunity.',
  },
  {
    id: 'not eaten',
    source: 'common practice, no source',
    country: 'all',
    when: always,
    applies: (good) => good.kind === 'cheese' && ['cut off', 'decoration'].includes(good.rind.verdict),
    says: 'Rind, wax, cloth, bark or leaf that is not eaten: take it off or say so.',
  },
  {
    id: 'unknown allergens',
    source: 'Regulation (EU) 1169/2011',
    country: 'EU',
    when: always,
    applies: (good) => good.kind !== 'ware' && allergensOf(good).unknown.length > 0,
    says: 'Allergens not all known: no card is printed until they are. Unknown is never safe.',
  },
  {
    id: 'alcohol',
    source: 'common practice, no source',
    country: 'all',
    when: always,
    applies: (good) => good.kind === 'drink' && good.abv > 0.5,
    says: 'Alcohol: a drink without it is always offered beside.',
  },
];

/** The cautions that this table and these goods call for; local codes and licensed practice decide. */
export function cautionsFor(table: Table, goods: readonly Good[]): Caution[] {
  const fixed = ROWS.filter((row) => row.when(table)).map(({ id, says, source, country, applies }) => ({
    id,
    says,
    source,
    country,
    goods: goods.filter(applies).map((good) => good.id),
  }));
  return [
    ...guestCautions(table, goods),
    ...riskCautions(table, goods),
    ...fixed.filter((caution) => caution.goods.length > 0),
  ];
}

/** One caution for each limit that does not clear the board: the guest needs a plate of their own, or reads the card. */
function guestCautions({ limits }: Table, goods: readonly Good[]): Caution[] {
  return limits
    .filter((limit) => limit.reach !== 'board')
    .map((limit) => {
      const rule = limitRule(limit.what);
      const against = goods.filter(
        (good) => good.kind !== 'ware' && rule.test(good, limit.severity).fits !== 'yes',
      );
      const where =
        limit.reach === 'own plate'
          ? 'Set their own plate, with its own knife, away from the board: shared boards and knives spread it.'
          : 'The cards say which; they choose for themselves.';
      const label = rule.label.charAt(0).toUpperCase() + rule.label.slice(1);
      return {
        id: `limit ${limit.what}`,
        says: `${label}, ${limit.guests === 1 ? 'one guest' : `${limit.guests} guests`}. ${where}`,
        source:
          limit.severity === 'allergy' ? 'Regulation (EU) 1169/2011; US FALCPA' : 'what the customer said',
        country: 'all',
        goods: against.map((good) => good.id),
      };
    });
}

/** Guests at risk who eat from the board: one caution for each row that a good on it falls under, with source and country. */
function riskCautions({ limits }: Table, goods: readonly Good[]): Caution[] {
  return limits
    .filter((limit) => limit.reach !== 'board')
    .flatMap((limit) => riskRowsOf(limit.what).map((row) => ({ limit, row })))
    .map(({ limit, row }) => ({
      id: `risk ${limit.what} ${row.id}`,
      says: `${limitRule(limit.what).label}: usually told to leave ${row.says} alone.`,
      source: row.source,
      country: row.country,
      goods: goods.filter(row.applies).map((good) => good.id),
    }))
    .filter((caution) => caution.goods.length > 0);
}

/** Animals of a good in words, for cards: "cow and goat". */
export const animalWords = (good: Good): string => (isMain(good) ? animalsIn(good).join(' and ') : '');
