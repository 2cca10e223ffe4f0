import { BESIDE_OF, besidePerAdult } from '../amount/index.js';
import { outOfSeason } from '../brief/index.js';
import {
  companionsOn,
  isCompanion,
  type Companion,
  type CompanionRole,
  type Good,
  type Main,
  type Served,
} from '../counter/index.js';
import { scoresBeside } from '../pair/index.js';
import { memoised, memoisedBy, shareOut } from '../units/index.js';
import { lineOf, type PlateLine, type Table } from './line.js';
import { BESIDE_PARTS, IN_PLACE } from './parts.js';

/** The companions of a counter by their role. */
const companionsByRole = memoisedBy((counter: Served) =>
  memoised((role: CompanionRole) => companionsOn(counter).filter((good) => good.role === role)),
);

/** Best beside these goods by the pairing's own score, what lies on the board before what does not; ties by id. */
function bestOf(
  roles: readonly CompanionRole[],
  table: Table,
  suits: (good: Good) => boolean,
  beside: readonly Main[],
  taken: readonly string[],
): Companion | null {
  const { brief, counter } = table;
  const fits = (good: Good): good is Companion =>
    isCompanion(good) && roles.includes(good.role) && !taken.includes(good.id) && suits(good);
  const onBoard = table.beside.filter(fits);
  const inSeason = (good: Good) => onBoard.length > 0 || !(brief.season && outOfSeason(good, brief));
  const shelves = onBoard.length > 0 ? [onBoard] : roles.map((role) => companionsByRole(counter)(role));
  let best: Companion | null = null;
  let most = -Infinity;
  for (const shelf of shelves) {
    const scores = (beside.length > 0 ? beside : table.mains).map((main) => scoresBeside(main, shelf));
    shelf.forEach((good, i) => {
      // The score is quick and limits are slow to check: they are checked only for what would be the best.
      let score = 0;
      for (const of of scores) score += of[i]!;
      if (score < most || (score === most && best && good.id > best.id)) return;
      if (fits(good) && inSeason(good)) [best, most] = [good, score];
    });
  }
  return best;
}

/** What stands beside the cheese and meat of a plate, one good of each part. */
export function besideLines(
  table: Table,
  suits: (good: Good) => boolean,
  mains: readonly Main[],
  eaters: number,
): PlateLine[] {
  const taken: string[] = [];
  return BESIDE_PARTS.flatMap(({ part, roles }) => {
    const good = bestOf(roles, table, suits, mains, taken);
    if (!good) return [];
    const net = Math.round(besidePerAdult(table.brief, BESIDE_OF[good.role]) * eaters);
    if (net === 0) return [];
    taken.push(good.id);
    return [lineOf(good, part, net, table, 'for-this-guest')];
  });
}

/** Neither cheese nor meat, or not enough: a spread, and vegetables, nuts and bread make up the weight. */
export function inPlaceLines(
  table: Table,
  suits: (good: Good) => boolean,
  total: number,
  eaters: number,
  lines: readonly PlateLine[],
): PlateLine[] {
  if (total <= 0) return [];
  const taken = lines.map(({ good }) => good.id);
  const found = IN_PLACE.flatMap(({ roles, share }) => {
    const good = bestOf(roles, table, suits, [], taken);
    if (!good) return [];
    taken.push(good.id);
    return [{ good, share }];
  });
  const usual = ({ role }: Companion) =>
    Math.min(total, Math.round(besidePerAdult(table.brief, BESIDE_OF[role]) * eaters));
  const spread = found.filter(({ share }) => share === 0).reduce((sum, { good }) => sum + usual(good), 0);
  const bulk = found.filter(({ share }) => share > 0);
  const shares = shareOut(
    total - spread,
    bulk.map(({ share }) => share),
  );
  const net = new Map(bulk.map(({ good }, i) => [good.id, shares[i]!]));
  // Where little is to be made up the spread is all of it.
  return found.flatMap(({ good }) => {
    const own = net.get(good.id) ?? usual(good);
    return own > 0 ? [lineOf(good, 'in place', own, table, 'in-place-of')] : [];
  });
}
