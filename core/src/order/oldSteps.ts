import { canonicalText, hashOf } from '../units/index.js';

/**
 * What each version of an order changed in those before it. Frozen: nothing here is called anything but what it was then, and nothing of
 * today's code is asked (canonicalText and hashOf write what they always wrote).
 */

type Raw = Record<string, unknown>;

/** Parts of a brief that no pick could feel when the fingerprint was taken. */
const UNFELT_AT_2 = ['place', 'occasion', 'table', 'surface', 'travelMinutes', 'manner', 'apart', 'lowCarb'];
const fingerprintAt2 = (brief: object): string =>
  hashOf(
    canonicalText(Object.fromEntries(Object.entries(brief).filter(([key]) => !UNFELT_AT_2.includes(key)))),
  );

interface Order1 {
  readonly brief: { readonly limits?: readonly object[] };
  readonly selection?: { readonly briefFingerprint?: string | null };
}

/** Whoever had seen the brief has still seen it: the fingerprint is taken anew where it fitted. */
export function to2(order: Order1): unknown {
  const brief = {
    ...order.brief,
    limits: (order.brief.limits ?? []).map((limit) => ({ ...limit, who: '' })),
  };
  const next = { ...order, brief, snapshot: { goods: {}, house: null } };
  const { selection } = order;
  if (!selection?.briefFingerprint) return next;
  const stillFits = selection.briefFingerprint === fingerprintAt2(order.brief);
  return {
    ...next,
    selection: { ...selection, ...(stillFits ? { briefFingerprint: fingerprintAt2(brief) } : {}) },
  };
}

/** What advice that was left was called from version 3 on, by what its old id began with; the rest of the id is the good's. */
const CALLED_AT_3: readonly (readonly [was: string, rule: string, subject?: string])[] = [
  ['cheese count', 'number of kinds', 'cheese'],
  ['meat count', 'number of kinds', 'meat'],
  ['safe bet', 'no safe bet'],
  ['apart', 'nothing touches'],
  ['travel', 'travels'],
  ['stock ', 'short of stock'],
  ['gone ', 'left the counter'],
  ['missing ', 'not on the counter'],
  ['over budget', 'over budget'],
  ['low carb', 'low carb'],
  ['salt block', 'salt block'],
];

/**
 * Advice about goods that say the same was remembered by its sentence, with names in it: whether it is the same piece
 * is not known any more, so it comes back once.
 */
export function to3({ waved, ...order }: { waved?: readonly string[] }): unknown {
  const adviceLeft = (waved ?? []).flatMap((id) => {
    const row = CALLED_AT_3.find(([was]) => (was.endsWith(' ') ? id.startsWith(was) : id === was));
    return row ? [{ rule: row[1], subject: row[2] ?? id.slice(row[0].length) }] : [];
  });
  return { ...order, adviceLeft };
}

export const to4 = (order: { brief: object }): unknown => ({
  ...order,
  brief: { ...order.brief, hours: 3 },
});
export const to5 = (order: Raw): unknown => ({ ...order, takenOff: [] });
export const to6 = (order: Raw): unknown => ({ ...order, pairKinds: null });

const LAID_AT_7 = {
  choice: null,
  sent: {},
  bells: [],
  dividers: [],
  garnish: [],
  bread: null,
  pins: {},
  seed: 1,
};
export const to7 = (order: Raw): unknown => ({
  ...order,
  walkPins: {},
  desserts: [],
  telling: {},
  lay: LAID_AT_7,
});

/** Whatever lay there lay on boards that were alike. */
export function to8({ lay, ...order }: { lay?: Raw }): unknown {
  const { board = null, many = null, ...rest } = lay ?? {};
  // Boxes are one a head.
  const times = /^((small|large) )?box$/.test(String(board)) ? 'each' : (many ?? 1);
  return { ...order, lay: { ...rest, choice: board === null ? null : `together ${times} ${board}` } };
}

const TIMED_AT_9 = {
  way: null,
  keeper: 'us',
  chilled: false,
  coldBelow: false,
  inPaper: true,
  hands: null,
  ovens: null,
  benches: null,
  coldPlaces: null,
  carPlaces: null,
  cars: 1,
  earliest: null,
  targets: {},
  hot: [],
  minutes: {},
  moved: {},
  dropped: [],
  readings: [],
};
export const to9 = (order: Raw): unknown => ({ ...order, clock: TIMED_AT_9 });

export const to10 = ({ lay, clock, ...order }: { lay?: object; clock?: object }): unknown => ({
  ...order,
  lay: { ...lay, schools: { colours: 'contrast', places: 'as the table asks' } },
  clock: { ...clock, benches: null },
});

export const to11 = ({ lay, clock, ...order }: { lay?: { schools?: object }; clock?: object }): unknown => ({
  ...order,
  lay: { ...lay, bells: [], schools: { ...lay?.schools, meats: 'as they go', groups: 'free' } },
  clock: { ...clock, coldPlaces: null, carPlaces: null, cars: 1 },
});

export const to12 = ({ lay, ...order }: { lay?: object }): unknown => ({
  ...order,
  lay: { ...lay, dividers: [] },
});
