import { personsOfRows } from '../brief/rowsOfLimits.js';
import { canonicalText, hashOf } from '../units/index.js';

/** What version 14 changed: guests with limits in place of rows of limits. Frozen, as oldSteps.ts says. */

/** Parts of a brief that no pick could feel when the fingerprint was taken. */
const UNFELT_AT_13 = [
  'place',
  'occasion',
  'table',
  'surface',
  'travelMinutes',
  'manner',
  'apart',
  'lowCarb',
  'hours',
  'roomCelsius',
  'journeyCelsius',
  'timeZone',
  'tableSize',
  'openSides',
  'wares',
];
const felt = (brief: object): Record<string, unknown> =>
  Object.fromEntries(Object.entries(brief).filter(([key]) => !UNFELT_AT_13.includes(key)));
const fingerprintAt13 = (brief: object): string => hashOf(canonicalText(felt(brief)));

interface Person14 {
  readonly count: number;
  readonly head: string;
  readonly limits: readonly object[];
  readonly reach: string;
  readonly unsure: boolean;
}
/** Of a guest with limits no name, seat or note was felt. */
const fingerprintAt14 = ({ persons, ...brief }: { persons: readonly Person14[] }): string =>
  hashOf(
    canonicalText({
      ...felt(brief),
      persons: persons.map(({ count, head, limits, reach, unsure }) => ({
        count,
        head,
        limits,
        reach,
        unsure,
      })),
    }),
  );

interface Order13 {
  readonly brief?: { readonly limits?: readonly never[]; readonly guests?: object };
  readonly state?: string;
  readonly selection?: { readonly briefFingerprint?: string | null };
}

/**
 * Rows of one name are one guest, with the strictest reach; rows without a name are guests of their own. Where two such have plates in an
 * order that is still worked at, each plate meets the limits of all until somebody says whose they are. Whoever had seen the
 * brief has still seen it: the fingerprint is taken anew where it fitted.
 */
export function to14(order: Order13): unknown {
  if (!order.brief) return order;
  const { limits, ...rest } = order.brief;
  const persons = personsOfRows(limits ?? [], rest.guests ?? {}, order.state !== 'finished') as Person14[];
  const brief = { ...rest, persons, steamed: [] };
  const { selection } = order;
  const fitted = selection?.briefFingerprint === fingerprintAt13(order.brief);
  return {
    ...order,
    brief,
    takenOn: [],
    ...(fitted ? { selection: { ...selection, briefFingerprint: fingerprintAt14(brief) } } : {}),
  };
}
