import { allergensOf, animalsIn, contentsOf, isMain, TREE_NUTS, type Good } from '../counter/index.js';
import { chokingRowOf } from './choking.js';
import { limitRule } from './limitRules.js';
import { isHarmful, reachOf, type Limit } from './limits.js';
import { riskRowsOf } from './risks.js';
import { allergensOnTable } from './table.js';

/** Who sits at the table, as far as care is concerned. */
export interface Table {
  readonly infants: number;
  readonly under5: number;
  readonly drinkers: number;
  readonly limits: readonly Limit[];
  /** Served in heat above 32 °C. */
  readonly hot: boolean;
  /** Served on wood, which is oiled. */
  readonly wood: boolean;
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
const isNutLimit = (limit: Limit) =>
  isHarmful(limit) &&
  ['allergen:tree nuts', 'allergen:peanuts', ...TREE_NUTS.map((id) => `allergen:${id}`)].includes(limit.what);
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
    id: 'honey not known, for infants',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.infants > 0,
    applies: (good) =>
      good.kind !== 'ware' && !isCompanionOf(good, 'honey') && contentsOf(good).honey === 'unknown',
    says: 'Whether there is honey in these is not known: not for infants under 12 months.',
  },
  {
    id: 'choking under 5',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.under5 + table.infants > 0,
    applies: (good) => chokingRowOf(good) !== null,
    says: 'Under 5 years: none of these as it is. The cut sheet says the safe form of each, or what is offered instead. No picks for small children.',
  },
  {
    id: 'board oil',
    source: 'common practice, no source; Regulation (EU) 1169/2011 for nuts as allergens',
    country: 'all',
    when: (table) => table.wood && table.limits.some(isNutLimit),
    applies: isMain,
    says: 'Somebody at this table avoids nuts: oil the wood with a mineral or another food-grade oil, never with one pressed from nuts.',
  },
  {
    id: 'oiled with nuts',
    source: 'Regulation (EU) 1169/2011',
    country: 'EU',
    when: always,
    applies: (good) => good.kind === 'ware' && allergensOnTable([good]).mayContain.length > 0,
    says: 'This board is oiled or finished with something that is an allergen: it counts as carried over to all that lies on it.',
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
    .filter((limit) => reachOf(limit) !== 'board')
    .map((limit) => {
      const rule = limitRule(limit.what);
      const against = goods.filter(
        (good) => good.kind !== 'ware' && rule.test(good, limit.severity).fits !== 'yes',
      );
      const label = rule.label.charAt(0).toUpperCase() + rule.label.slice(1);
      return {
        id: `limit ${limit.what}`,
        says: `${label}, ${limit.guests === 1 ? 'one guest' : `${limit.guests} guests`}. ${whereItGoes(limit)}`,
        source:
          limit.severity === 'allergy' ? 'Regulation (EU) 1169/2011; US FALCPA' : 'what the customer said',
        country: 'all',
        goods: against.map((good) => good.id),
      };
    });
}

function whereItGoes(limit: Limit): string {
  if (reachOf(limit) === 'card') return 'The cards say which; they choose for themselves.';
  const plate =
    'Set their own plate, cut first, with its own knife, away from the board: shared boards and knives spread it.';
  return limit.reach === 'card' ? `${NOT_BY_CARD} ${plate}` : plate;
}

/** Said where somebody tries to serve an allergy by a mark, a distance, a bowl or a bell. */
export const NOT_BY_CARD =
  'A card, a distance, a bowl or a bell on a shared board serves a dislike only; an allergy goes to an own plate.';

/**
 * Guests at risk who eat from the board: one caution for each row that a good on it falls under, with source and
 * country. Small children at the table are guests at risk, though nobody names a limit for them.
 */
function riskCautions({ limits, under5, infants }: Table, goods: readonly Good[]): Caution[] {
  const named = limits.filter((limit) => reachOf(limit) !== 'board').map(({ what }) => what);
  const young = 'risk:young';
  const cleared = limits.some((limit) => limit.what === young);
  const guests = under5 + infants > 0 && !cleared ? [...named, young] : named;
  return guests
    .flatMap((what) => riskRowsOf(what).map((row) => ({ what, row })))
    .map(({ what, row }) => ({
      id: `risk ${what} ${row.id}`,
      says: `${limitRule(what).label}: usually told to leave ${row.says} alone.`,
      source: row.source,
      country: row.country,
      goods: goods.filter(row.applies).map((good) => good.id),
    }))
    .filter((caution) => caution.goods.length > 0);
}

/** Animals of a good in words, for cards: "cow and goat". */
export const animalWords = (good: Good): string => (isMain(good) ? animalsIn(good).join(' and ') : '');
