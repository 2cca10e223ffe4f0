import type { Standing, WaveTimes } from '../clock/index.js';
import type { OwnPlate } from '../plate/index.js';
import { dayOf, type Paper } from './paper.js';
import { whileNotTimed } from './timed.js';

/** A label for one wave of the board, or for an own plate. */
export interface OffLabel {
  /** null: an own plate, which stays as long as it is good. */
  readonly wave: WaveTimes | null;
  readonly plate: OwnPlate | null;
  readonly goods: readonly string[];
  /** Minutes from serving: when the first of it left the cold. */
  readonly from: number;
  /** The one of it that is off first. */
  readonly first: Standing;
}

/** What lies on each plate of each wave, when it left the cold, and by when it is off. */
export interface OffLabels {
  readonly labels: readonly OffLabel[];
}

const labelOf = (
  wave: WaveTimes | null,
  plate: OwnPlate | null,
  own: readonly Standing[],
): readonly OffLabel[] =>
  own.length === 0
    ? []
    : [
        {
          wave,
          plate,
          goods: own.map(({ good }) => good.id),
          from: Math.min(...own.map(({ out }) => out)),
          first: own.reduce((a, b) => (b.offBy < a.offBy ? b : a)),
        },
      ];

export const offLabelsPaper: Paper<OffLabels> = {
  for: 'shop',
  needs: ['day'],
  hold: whileNotTimed,
  data: (ground) => {
    const { plan } = ground;
    const { standing } = dayOf(ground);
    return {
      labels: [
        ...plan.timing.question.party.waves.flatMap((wave) =>
          labelOf(
            wave,
            null,
            standing.filter((one) => one.plate === null && one.wave.number === wave.number),
          ),
        ),
        ...plan.ownPlates.flatMap((plate, i) =>
          labelOf(
            null,
            plate,
            standing.filter((one) => one.plate === i),
          ),
        ),
      ],
    };
  },
};
