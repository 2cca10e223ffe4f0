import { isMain, type Companion, type Drink, type Good, type Main } from '../counter/index.js';
import { scoreOf, type Host, type Weights } from '../pair/index.js';
import { PROBE_ROLES, type ProbeRole } from './words.js';

/** A probe of a session: what stands for it, and why it is tasted. */
export interface ChosenProbe {
  readonly role: ProbeRole;
  readonly good: Host;
}

const fruit = (good: Good): good is Companion =>
  good.kind === 'companion' && (good.role === 'fruit' || good.role === 'dried fruit');

/** How well a good stands for a role; null: it does not. House's own figures. */
const FITS: Readonly<Record<Exclude<ProbeRole, 'matched good'>, (good: Good) => number | null>> = {
  'sharp fruit': (good) =>
    fruit(good) && good.role === 'fruit' ? good.sense.sour + good.juice / 2 - good.sense.sweet / 2 : null,
  creamy: (good) =>
    good.kind === 'cheese' && ['bloomy', 'soft', 'fresh'].includes(good.texture)
      ? good.sense.fat - Math.abs(good.sense.intensity - 4) - good.sense.sour / 2
      : null,
  'sharp cheese': (good) =>
    good.kind === 'cheese' && ['firm', 'hard'].includes(good.texture)
      ? good.sense.sour + good.sense.salty / 2 + good.sense.intensity / 2 - good.sense.sweet
      : null,
  'sweet fruit': (good) => (fruit(good) ? good.sense.sweet - good.sense.sour : null),
  'mild cured': (good) =>
    good.kind === 'meat' && good.process === 'air-dried'
      ? 10 - good.sense.intensity - good.sense.heat - good.sense.smoke
      : null,
  'hot cured': (good) => (good.kind === 'meat' && good.sense.heat >= 3 ? good.sense.heat : null),
};

/** The best good of a counter for a role that is not taken yet; ties by id. */
function bestFor(
  role: Exclude<ProbeRole, 'matched good'>,
  counter: readonly Good[],
  taken: ReadonlySet<string>,
): Host | null {
  let best: Host | null = null;
  let most = -Infinity;
  for (const good of counter) {
    const fit = taken.has(good.id) ? null : FITS[role](good);
    if (fit === null || fit < most || (fit === most && best && good.id > best.id)) continue;
    [best, most] = [good as Host, fit];
  }
  return best;
}

/** From this heat on a probe comes last, and two minutes pass after it. */
export const HOT_PROBE = 3;

/** From so salty on a probe comes late. House's own figure. */
const SALTY_PROBE = 6;

/** Hot and salty last: what is hot after all else, before it what is salty, the saltier later. */
const place = ({ role, good }: ChosenProbe): number =>
  good.sense.heat >= HOT_PROBE
    ? 100 + good.sense.heat
    : good.sense.salty >= SALTY_PROBE
      ? 50 + good.sense.salty
      : PROBE_ROLES.indexOf(role);

/**
 * The fixed set of probes for a drink out of what the counter has, in the order of tasting: one for each role, and the good that suits the drink
 * best. A role for which there is nothing is left out. The same counter gives the same probes, so that sessions can be compared.
 */
export function probesFor(drink: Drink, counter: readonly Good[], weights?: Weights): ChosenProbe[] {
  const taken = new Set<string>();
  const probes: ChosenProbe[] = [];
  for (const role of PROBE_ROLES) {
    if (role === 'matched good') continue;
    const good = bestFor(role, counter, taken);
    if (!good) continue;
    taken.add(good.id);
    probes.push({ role, good });
  }
  const matched = counter
    .filter((good): good is Main => isMain(good) && !taken.has(good.id))
    .map((good) => ({ good, score: scoreOf(good, drink, weights) }))
    .sort((a, b) => b.score - a.score || (a.good.id < b.good.id ? -1 : 1))[0];
  if (matched) probes.push({ role: 'matched good', good: matched.good });
  return probes.sort((a, b) => place(a) - place(b));
}
