import { briefLimits, drinkersOf, isTimid, type Brief } from '../brief/index.js';
import type { Beside } from './facts.js';

/** What of the brief moves the set for the board. */
export type Felt = 'timid' | 'sweet tooth' | 'savoury' | 'frail' | 'theme' | 'low carb' | 'nobody drinks';

const FELT: readonly { readonly id: Felt; readonly when: (brief: Brief) => boolean }[] = [
  { id: 'timid', when: isTimid },
  { id: 'sweet tooth', when: ({ sweetTooth }) => sweetTooth >= 5 },
  { id: 'savoury', when: ({ sweetTooth }) => sweetTooth <= 1 },
  {
    id: 'frail',
    when: (brief) => briefLimits(brief).some(({ what, reach }) => what === 'risk:frail' && reach === 'board'),
  },
  { id: 'theme', when: ({ theme }) => theme?.holds === 'region' || theme?.holds === 'flavour' },
  { id: 'low carb', when: ({ lowCarb }) => lowCarb > 0 },
  { id: 'nobody drinks', when: (brief) => drinkersOf(brief) === 0 },
];

/** What of a brief is felt in the set, in the order of the table. */
export const feltIn = (brief: Brief): Felt[] => FELT.filter(({ when }) => when(brief)).map(({ id }) => id);

export const feels = (brief: Brief, id: Felt): boolean =>
  FELT.some((row) => row.id === id && row.when(brief));

const same = (a: string, b: string): boolean => a !== '' && a.trim().toLowerCase() === b.trim().toLowerCase();

/** Does a companion or drink keep to a theme of region or flavour? */
export function keepsToTheme(beside: Beside, { theme }: Brief): boolean {
  if (theme?.holds === 'region')
    return same(beside.origin.region, theme.is) || same(beside.origin.country, theme.is);
  return theme?.holds === 'flavour' && beside.flavours.some((flavour) => flavour === theme.is);
}
