import { safeTimeOf, type Safety, type SafeTime } from '../care/index.js';
import type { Companion, Good } from '../counter/index.js';
import type { Party, WaveTimes } from './party.js';
import type { WarmingWay } from './words.js';

/** What is served straight from the cold is out this long before, to be laid. */
export const STRAIGHT = 5;

/** What leaves the cold for a wave or a plate: when, and by when it is gone. Minutes from serving. */
export interface Standing {
  /** The good's id and the number of its wave or plate. */
  readonly key: string;
  readonly good: Good;
  readonly wave: WaveTimes;
  /** It lies on an own plate; null: on the board. */
  readonly plate: number | null;
  /** It goes from the cold onto the table, with no time to warm or soften. */
  readonly servedCold: boolean;
  readonly out: number;
  /** Minutes that it may be out, and by whose rule. */
  readonly most: number;
  readonly rule: SafeTime;
  /** When its wave is taken off or eaten, how long it is safe, and the sooner of the two. */
  readonly off: number;
  readonly safeUntil: number;
  readonly offBy: number;
  /** Minutes by which it must be off before its wave ends, since it left the cold sooner than that allows; 0: it stays. */
  readonly early: number;
}

/** Butter spreads when it has stood this long. Common practice, no source. */
const BUTTER_SOFTENS = 30;
const softens = ({ role }: Companion): number | null => (role === 'butter' ? BUTTER_SOFTENS : null);

/** By when it is off, from when it left the cold. */
export const goneBy = ({ out, most, off }: Pick<Standing, 'out' | 'most' | 'off'>) => ({
  safeUntil: out + most,
  offBy: Math.min(out + most, off),
  early: Math.max(0, off - (out + most)),
});

/** What must be thrown away before it is served: its safe time is over when its wave begins. */
export const overWhenServed = <S extends Pick<Standing, 'safeUntil' | 'wave'>>(standing: readonly S[]): S[] =>
  standing.filter(({ safeUntil, wave }) => safeUntil <= wave.on);

/** Guests with a plate of their own are guarded by the strict side. */
export const safetyOn = (plate: number | null, safety: Safety): Safety =>
  plate === null ? safety : { ...safety, atRisk: true };

/** A board that is carried open has left the cold with all that lies on it. */
export const carriedOpen = ({ journey }: Party, way: WarmingWay): boolean =>
  journey !== null && !journey.chilled && way !== 'where it is served';

export const keyOf = (id: string, wave: WaveTimes, plate: number | null): string =>
  plate === null ? `${id}#${wave.number}` : `${id}#plate ${plate + 1}`;

/** What is served cold beside the cheese: dips, butter. */
export interface ColdInput {
  readonly beside: readonly { readonly plate: number | null; readonly good: Companion }[];
  readonly party: Party;
  readonly way: WarmingWay;
  /** When the first board sets off; null: nothing travels. */
  readonly setsOff: number | null;
  readonly safety: Safety;
  /** Nobody works longer before serving; null: at any time. */
  readonly mostBefore: number | null;
}

/**
 * Every bowl of it: one for each wave, one for each plate. It has no time to warm, only one to be gone.
 * @param boardOut when a board that goes out as one leaves the cold; null: each thing by itself
 */
export function besideFor(input: ColdInput, boardOut: number | null): Standing[] {
  const { beside, party, way, safety, mostBefore, setsOff } = input;
  const one = (good: Companion, wave: WaveTimes, plate: number | null): Standing => {
    const { most, rule } = safeTimeOf(good, safetyOn(plate, safety));
    const lead = softens(good);
    // Safe comes before soft, and nobody is there before the work may begin.
    const soft = Math.max(wave.on - (lead ?? STRAIGHT), wave.off - most, -(mostBefore ?? Infinity));
    const straight = Math.min(wave.on - STRAIGHT, soft);
    const first = wave.number === 1 && plate === null;
    const out = Math.min(
      straight,
      first && boardOut !== null ? boardOut : straight,
      wave.number === 1 && carriedOpen(party, way) ? setsOff! : straight,
    );
    const { off } = wave;
    return {
      key: keyOf(good.id, wave, plate),
      good,
      wave,
      plate,
      servedCold: lead === null,
      out,
      most,
      rule,
      off,
      ...goneBy({ out, most, off }),
    };
  };
  return beside.flatMap(({ good, plate }) =>
    plate === null
      ? party.waves.filter(({ share }) => share > 0).map((wave) => one(good, wave, null))
      : [one(good, party.waves[0]!, plate)],
  );
}

/** The same where it is laid sooner than it would have to leave the cold, by good. */
export const besideSooner = (
  beside: readonly Standing[],
  laidAt: ReadonlyMap<string, number>,
): readonly Standing[] =>
  beside.map((one) => {
    const laid = one.wave.number === 1 && one.plate === null ? laidAt.get(one.good.id) : undefined;
    return laid !== undefined && laid < one.out
      ? { ...one, out: laid, ...goneBy({ ...one, out: laid }) }
      : one;
  });
