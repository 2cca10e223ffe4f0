import type { CompanyFacts, HostFacts } from '../facts.js';
import { wordOfCustom, type CompanyFamily, type Custom, type HostFamily } from '../customs/index.js';
import type { PairRule } from './rule.js';

export type CustomRuleId = 'by-custom' | 'against-custom';

/** Whose custom it is, what it speaks of, and how firmly. */
export interface CustomFigures {
  readonly host: HostFamily;
  readonly company: CompanyFamily;
  readonly step: keyof Custom;
}

declare module '../../units/reason.js' {
  interface Rules {
    'by-custom': CustomFigures;
    'against-custom': CustomFigures;
  }
}

const customWord = (h: HostFacts, b: CompanyFacts) => wordOfCustom(h.customs, b.families);
const figures = (h: HostFacts, b: CompanyFacts): CustomFigures => {
  const { host, company, step } = customWord(h, b)!;
  return { host, company, step };
};

/** What has long been eaten together, and what has long been kept apart (customs/table.ts). Common practice, no source. */
export const customary = (prior: number): readonly PairRule[] => [
  { id: 'by-custom', sign: 1, prior, of: (h, b) => Math.max(0, customWord(h, b)?.worth ?? 0), figures },
  {
    id: 'against-custom',
    sign: -1,
    prior,
    of: (h, b) => Math.max(0, -(customWord(h, b)?.worth ?? 0)),
    figures,
  },
];
