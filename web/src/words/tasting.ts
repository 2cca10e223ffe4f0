import { NONE, reason, type DrinkRuleId, type Move, type ProbeRole, type Reason } from '@rotula/core';
import type { Format } from '../ui/format';
import { capital } from '../ui/format';
import { sentence } from './sentence';
import { say } from '../language/say';

/** How well two sit together, from a clash on. */
export const SITS_WORDS: Readonly<Record<string, string>> = {
  '-2': say`clash`,
  '-1': say`uneasy`,
  '0': say`neither`,
  '1': say`good`,
  '2': say`one to remember`,
};

export const MOVE_WORDS: Readonly<Record<Move, string>> = {
  acid: say`acid`,
  sweet: say`sweetness`,
  tannin: say`tannin`,
  heat: say`heat`,
  body: say`body`,
};

export const MOVED_WORDS: Readonly<Record<string, string>> = {
  '-1': say`less`,
  '0': say`same`,
  '1': say`more`,
};

/** How much of something is in a drink by itself. */
export const LEVEL_WORDS: readonly string[] = [
  say`none`,
  say`a little`,
  say`some`,
  say`much`,
  say`very much`,
];

export const PROBE_WORDS: Readonly<Record<ProbeRole, string>> = {
  'sharp fruit': say`sharp fruit`,
  creamy: say`creamy`,
  'sharp cheese': say`sharp cheese`,
  'sweet fruit': say`sweet fruit`,
  'matched good': say`matched good`,
  'mild cured': say`mild cured`,
  'hot cured': say`hot cured`,
};

export const VERSATILE_WORDS = {
  versatile: say`versatile: it clashes with nothing tried`,
  choosy: say`choosy: it clashes with much of what was tried`,
  'in between': say`it suits some of what was tried`,
} as const;

/** Rules whose sentence names what it is about are named in general here. */
const IN_GENERAL: Readonly<Partial<Record<string, string>>> = {
  'shared-aroma': say`an aroma that both have`,
  'kindred-aroma': say`aromas that are kin`,
  'same-place': say`both from one place`,
  'by-custom': say`what has long been drunk with it`,
  'against-custom': say`what has long been kept from it`,
};

/** What a rule about drinks says, without a pair. */
export const drinkRuleWords = (rule: DrinkRuleId, format: Format): string =>
  capital(IN_GENERAL[rule] ?? sentence(reason(rule as never, NONE as never) as Reason, format));
