import { heads, isBoxed, type Brief, type House, briefLimits } from '../brief/index.js';
import { NONE, reason, type Reason } from '../units/index.js';
import type { CutStyle } from './style.js';

export type TableRule =
  | 'cut-for-a-box'
  | 'house-cuts-all'
  | 'house-leaves-whole'
  | 'one-hand'
  | 'seated'
  | 'hard-to-bite'
  | 'dries-out';

declare module '../units/reason.js' {
  interface Rules extends Record<TableRule, NoFigures> {}
}

/** What the table and the house say of a cut, in steps of suiting. */
export interface Table {
  readonly school: House['cutSchool'];
  /** In boxes nothing is cut at the table. */
  readonly boxed: boolean;
  readonly seated: boolean;
  readonly heads: number;
  readonly hours: number;
  /** Small children, or teeth that a hard chunk is too much for. */
  readonly tender: boolean;
}

export const cutTableOf = (brief: Brief, house: House): Table => ({
  school: house.cutSchool,
  boxed: isBoxed(brief),
  seated: brief.table === 'seated',
  heads: heads(brief),
  hours: brief.hours,
  tender:
    brief.guests.under5 + brief.guests.infants > 0 ||
    briefLimits(brief).some(({ what }) => what === 'risk:frail'),
});

/** How many standing guests share one whole piece with its knife; more have no hand free. House's own figure. */
const GUESTS_A_KNIFE = 10;
/** From this long on thin and crumbled things dry on the board. */
const LONG_HOURS = 2;

/** Each row: when it speaks, and by how much. Common practice, no source. */
const RULES: readonly {
  readonly rule: TableRule;
  readonly effect: number;
  readonly when: (style: CutStyle, table: Table) => boolean;
}[] = [
  { rule: 'cut-for-a-box', effect: -5, when: ({ whole }, t) => t.boxed && whole === true },
  { rule: 'house-cuts-all', effect: -2.5, when: ({ whole }, t) => t.school === 'pre-cut' && whole === true },
  { rule: 'house-leaves-whole', effect: 2.5, when: ({ whole }, t) => t.school === 'whole' && whole === true },
  {
    rule: 'one-hand',
    effect: -1.2,
    when: ({ whole }, t) =>
      t.school === 'by paste' && !t.seated && t.heads > GUESTS_A_KNIFE && whole === true,
  },
  // Whoever sits has hands free; a house that has said how it cuts is not asked.
  {
    rule: 'seated',
    effect: 0.5,
    when: ({ whole }, t) => t.school === 'by paste' && t.seated && whole === true,
  },
  {
    rule: 'hard-to-bite',
    effect: -0.8,
    when: ({ look }, t) => t.tender && (look === 'chunk' || look === 'nugget'),
  },
  {
    rule: 'dries-out',
    effect: -0.4,
    when: ({ look }, t) => t.hours > LONG_HOURS && (look === 'slice' || look === 'crumble'),
  },
];

/** Reasons of table and house for or against a style; their effects add to how well it suits the cheese. */
export const tableReasons = (style: CutStyle, table: Table, subject: string): Reason[] =>
  RULES.filter(({ when }) => when(style, table)).map(({ rule, effect }) =>
    reason(rule, NONE, { subject, effect }),
  );
