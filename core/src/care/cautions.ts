import {
  allergensOf,
  contentsOf,
  isAlcoholic,
  isCompanionOf,
  isMain,
  TREE_NUTS,
  type Good,
} from '../counter/index.js';
import { NONE, reason, type Reason } from '../units/index.js';
import { chokingRowOf } from './choking.js';
import { againstOf, type TableGuests } from './gate.js';
import { hasHoney } from './honey.js';
import { isHarmful, type Limit, type Person, type Reach } from './persons.js';
import type { RiskRowId } from './riskRows.js';
import { riskRowsFor, riskRowsOf } from './risks.js';
import { keepsCold } from './keepsCold.js';
import { safeTimeAt, TIME_OUT, type Safety, type TimeOut } from './safeTime.js';
import { allergensOnTable } from './table.js';

/** Who sits at the table, as far as care is concerned. */
export interface Table {
  readonly company: TableGuests;
  readonly persons: readonly Person[];
  /** What decides how long its food may stand out: the clock goes by the same. */
  readonly safety: Safety;
  /** Served on wood, which is oiled. */
  readonly wood: boolean;
}

export type CautionRule =
  | 'honey-for-infants'
  | 'honey-not-known-for-infants'
  | 'choking-under-5'
  | 'board-oil'
  | 'oiled-with-nuts'
  | 'out-of-the-cold'
  | 'out-in-the-heat'
  | 'raw-milk'
  | 'not-eaten'
  | 'unknown-allergens'
  | 'alcohol';

declare module '../units/reason.js' {
  interface Rules extends Record<Exclude<CautionRule, 'out-of-the-cold' | 'out-in-the-heat'>, NoFigures> {
    'out-of-the-cold': TimeOut;
    'out-in-the-heat': TimeOut;
    /** Guests whose limits do not clear the board, and how far these reach. */
    'guests-limit': {
      who: string;
      limits: readonly string[];
      guests: number;
      reach: Reach;
      plate: boolean;
      /** They eat nothing of this food. */
      infant: boolean;
    };
    'guest-at-risk': { what: string; row: RiskRowId };
  }
}

/** Safety: never left alone. With the goods that it is about, and the country whose advice it is. */
export type Caution = Reason & { readonly goods: readonly string[]; readonly country: string };

interface CautionRow {
  readonly rule: Exclude<CautionRule, 'out-of-the-cold' | 'out-in-the-heat'>;
  readonly source: string;
  readonly country: string;
  readonly when: (table: Table) => boolean;
  readonly applies: (good: Good) => boolean;
}

const always = () => true;
const isNutLimit = (limit: Limit) =>
  isHarmful(limit) &&
  ['allergen:tree nuts', 'allergen:peanuts', ...TREE_NUTS.map((id) => `allergen:${id}`)].includes(limit.what);
/** A cheese of raw milk: its card says so. */
export const isRawMilk = (good: Good): boolean => good.kind === 'cheese' && good.treatment === 'raw';
const PUBLIC_HEALTH = 'public-health advice, widely published';

const ROWS: readonly CautionRow[] = [
  {
    rule: 'honey-for-infants',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.company.infants > 0,
    applies: hasHoney,
  },
  {
    rule: 'honey-not-known-for-infants',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.company.infants > 0,
    applies: (good) =>
      good.kind !== 'ware' && !isCompanionOf(good, 'honey') && contentsOf(good).honey === 'unknown',
  },
  {
    rule: 'choking-under-5',
    source: PUBLIC_HEALTH,
    country: 'all',
    when: (table) => table.company.under5 + table.company.infants > 0,
    applies: (good) => chokingRowOf(good) !== null,
  },
  {
    rule: 'board-oil',
    source: 'common practice, no source; Regulation (EU) 1169/2011 for nuts as allergens',
    country: 'all',
    when: (table) => table.wood && table.company.limits.some(isNutLimit),
    applies: isMain,
  },
  {
    rule: 'oiled-with-nuts',
    source: 'Regulation (EU) 1169/2011',
    country: 'EU',
    when: always,
    applies: (good) => good.kind === 'ware' && allergensOnTable([good]).mayContain.length > 0,
  },
  {
    rule: 'raw-milk',
    source: '21 CFR 133 (US: aged 60 days); EU: label “made with raw milk”',
    country: 'US, EU',
    when: always,
    applies: isRawMilk,
  },
  {
    rule: 'not-eaten',
    source: 'common practice, no source',
    country: 'all',
    when: always,
    applies: (good) => good.kind === 'cheese' && ['cut off', 'decoration'].includes(good.rind.verdict),
  },
  {
    rule: 'unknown-allergens',
    source: 'Regulation (EU) 1169/2011',
    country: 'EU',
    when: always,
    applies: (good) => good.kind !== 'ware' && allergensOf(good).unknown.length > 0,
  },
  {
    rule: 'alcohol',
    source: 'common practice, no source',
    country: 'all',
    when: always,
    applies: isAlcoholic,
  },
];

/** A reason as a caution of these goods. */
export const caution = (why: Reason, goods: readonly string[], country = 'all'): Caution => ({
  ...why,
  goods,
  country,
});

/** The cautions that this table and these goods call for; local codes and licensed practice decide. */
export function cautionsFor(table: Table, goods: readonly Good[]): Caution[] {
  const ids = (applies: (good: Good) => boolean) => goods.filter(applies).map((good) => good.id);
  const fixed = ROWS.filter((row) => row.when(table)).map(({ rule, source, country, applies }) =>
    caution(reason(rule, NONE, { source }), ids(applies), country),
  );
  return [
    ...guestCautions(table, goods),
    ...riskCautions(table, goods),
    ...[...fixed, timeCaution(table, ids(keepsCold))].filter((c) => c.goods.length > 0),
  ];
}

/** How long the food may stand out, by the row of the safe times that the clock goes by. */
function timeCaution({ safety }: Table, goods: readonly string[]): Caution {
  const { most, rule } = safeTimeAt(safety);
  const figures: TimeOut = { most: rule.most, above: TIME_OUT.above, mostAbove: rule.mostInHeat };
  const why =
    safety.air > TIME_OUT.above
      ? reason('out-in-the-heat', { ...figures, mostAbove: most }, { source: rule.source })
      : reason('out-of-the-cold', { ...figures, most }, { source: rule.source });
  return caution(why, goods, rule.country || 'all');
}

/** One caution for each guest whose limits do not clear the board: they have a plate of their own, or read the cards. */
function guestCautions({ company, persons }: Table, goods: readonly Good[]): Caution[] {
  return persons.flatMap((person, i) => {
    const limits = company.limits.filter((limit) => limit.person === i);
    // A danger says already that nobody has decided.
    if (person.reach === 'board' || person.reach === 'undecided' || limits.length === 0) return [];
    const against = goods.filter(
      (good) => good.kind !== 'ware' && againstOf(good, company, limits).length > 0,
    );
    const source = limits.some(({ severity }) => severity === 'allergy')
      ? 'Regulation (EU) 1169/2011; US FALCPA'
      : 'what the customer said';
    const figures = {
      who: person.who.trim(),
      limits: limits.map(({ what }) => what),
      guests: person.count,
      reach: person.reach,
      plate: limits[0]!.plate,
      infant: person.head === 'infant',
    };
    const why = reason('guests-limit', figures, { subject: `${i}`, source });
    return [
      caution(
        why,
        against.map((good) => good.id),
      ),
    ];
  });
}

/**
 * Guests at risk who eat from the board: one caution for each row that a good on it falls under, with source and
 * country. Small children at the table are guests at risk, though nobody names a limit for them.
 */
function riskCautions({ company }: Table, goods: readonly Good[]): Caution[] {
  const named = new Set(company.limits.filter(({ reach }) => reach !== 'board').map(({ what }) => what));
  const young = company.under5 + company.infants > 0 ? riskRowsFor('young') : [];
  return [
    ...[...named].flatMap((what) => riskRowsOf(what).map((row) => ({ what, row }))),
    ...young.map((row) => ({ what: 'risk:young', row })),
  ]
    .map(({ what, row }) => {
      const about = { subject: `${what} ${row.id}`, source: row.source };
      const why = reason('guest-at-risk', { what, row: row.id }, about);
      return caution(
        why,
        goods.filter(row.applies).map((good) => good.id),
        row.country,
      );
    })
    .filter((c) => c.goods.length > 0);
}
