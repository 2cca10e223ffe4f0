import type { CompanyFamily } from './company.js';
import type { HostFamily } from './families.js';
import { CUSTOMS, type Custom } from './table.js';

export { type CompanyFamily, companyFamiliesOf } from './company.js';
export { familiesOf, type HostFamily } from './families.js';
export { type Custom } from './table.js';

const WORTH: Readonly<Record<keyof Custom, number>> = { first: 1, good: 0.5, rather: -0.5, never: -1 };

/** One word of custom: how much it says, from -1 (kept apart) to 1 (named first), and of whom. */
export interface CustomWord {
  readonly worth: number;
  readonly step: keyof Custom;
  readonly host: HostFamily;
  readonly company: CompanyFamily;
}
/** What custom says of company beside a good, by the company's family. */
export type CustomsOf = ReadonlyMap<CompanyFamily, CustomWord>;

/** Where two customs speak of the same, the stronger word stands; of two as strong the warning. */
export const speaksOver = (worth: number, before: number): boolean =>
  (Math.abs(worth) - Math.abs(before) || before - worth) > 0;

/** What the customs of all its families say together. */
export function customsOf(families: readonly HostFamily[]): CustomsOf {
  const all = new Map<CompanyFamily, CustomWord>();
  for (const host of families)
    for (const [step, companies] of Object.entries(CUSTOMS[host]) as [keyof Custom, CompanyFamily[]][])
      for (const company of companies) {
        const worth = WORTH[step];
        if (speaksOver(worth, all.get(company)?.worth ?? 0)) all.set(company, { worth, step, host, company });
      }
  return all;
}

/** The word of custom on company of these families; undefined: there is none. */
export function wordOfCustom(customs: CustomsOf, families: readonly CompanyFamily[]): CustomWord | undefined {
  let word: CustomWord | undefined;
  for (let i = 0; i < families.length; i++) {
    const said = customs.get(families[i]!);
    if (said && speaksOver(said.worth, word ? word.worth : 0)) word = said;
  }
  return word;
}
