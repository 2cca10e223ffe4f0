import { HOUSE_FORMAT, type Brief } from '../brief/index.js';
import { upgradedGoods } from '../counter/index.js';
import type { Format } from '../units/index.js';
import { briefFingerprint } from '../brief/index.js';
import { USUAL_SCHOOLS } from '../lay/schools.js';
import { NO_SNAPSHOT } from '../pick/index.js';

/**
 * Format of an order. 1: as first stored. 2: limits say whose they are, and the order keeps a snapshot of its goods (empty
 * until it is next changed, since nobody kept what they were). Whoever had seen the brief has still seen it: the
 * fingerprint is taken anew where it fitted. 3: advice is left by rule and subject; it was remembered by its wording.
 * 4: length of the party, temperatures, zone, table and wares of the brief: three hours, and else not told.
 * 5: companions that were taken off; none was. 6: how many companions the pairing chooses; nobody had said. 7: steps of
 * the dessert, words and points for the cards, boards and what was put where by hand; there were none.
 * 8: a way to lay it has an id, for it may be of several boards; what was sent to another, and garnish. 9: the clock: nobody
 * had set any of it. 10: schools of laying, all were laid by the usual ones; places at the bench, one for each pair of hands. 11: places in
 * the cold and in the car: there was room for all; meats lay as
 * they go, and groups were free; nothing stood under a bell. 12: dividers; there were none. Kept goods and house go with the counter's and the house's.
 */
export const ORDER_FORMAT: Format = {
  name: 'an order',
  version: 12,
  upgrades: {
    1: upgradeOrder1,
    2: upgradeOrder2,
    3: upgradeOrder3,
    4: upgradeOrder4,
    5: upgradeOrder5,
    6: upgradeOrder6,
    7: upgradeOrder7,
    8: upgradeOrder8,
    9: upgradeOrder9,
    10: upgradeOrder10,
    11: upgradeOrder11,
  },
};

function upgradeOrder9({ lay, clock, ...order }: { lay?: object; clock?: object }): unknown {
  const { colours, places } = USUAL_SCHOOLS;
  return { ...order, lay: { ...lay, schools: { colours, places } }, clock: { ...clock, benches: null } };
}

function upgradeOrder10({
  lay,
  clock,
  snapshot,
  ...order
}: {
  lay?: { schools?: object };
  clock?: object;
  snapshot?: Kept;
}): unknown {
  const { meats, groups } = USUAL_SCHOOLS;
  const house = snapshot?.house ? HOUSE_FORMAT.upgrades[7]!(snapshot.house as never) : null;
  return {
    ...order,
    snapshot: { ...snapshot, house },
    lay: { ...lay, bells: [], schools: { ...lay?.schools, meats, groups } },
    clock: { ...clock, coldPlaces: null, carPlaces: null, cars: 1 },
  };
}

function upgradeOrder11({ lay, ...order }: { lay?: object }): unknown {
  return { ...order, lay: { ...lay, dividers: [] } };
}

function upgradeOrder4(order: Record<string, unknown>): unknown {
  return { ...order, takenOff: [] };
}

/** What an order got when laying came (format 7) and when the day's clock came (format 9): what was new then, and stays so. */
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

function upgradeOrder5({ snapshot, ...order }: { snapshot?: Kept }): unknown {
  const house = snapshot?.house ? HOUSE_FORMAT.upgrades[4]!(snapshot.house as never) : null;
  return { ...order, pairKinds: null, snapshot: { ...snapshot, goods: liftedGoods(snapshot, 5), house } };
}

function upgradeOrder8({ snapshot, ...order }: { snapshot?: Kept }): unknown {
  const house = snapshot?.house ? HOUSE_FORMAT.upgrades[6]!(snapshot.house as never) : null;
  return { ...order, clock: TIMED_AT_9, snapshot: { ...snapshot, house } };
}

/** Whatever lay there lay on boards that were alike. */
function upgradeOrder7({ lay, ...order }: { lay?: Record<string, unknown> }): unknown {
  const { board = null, many = null, ...rest } = lay ?? {};
  // Boxes are one a head.
  const times = /^((small|large) )?box$/.test(String(board)) ? 'each' : (many ?? 1);
  return { ...order, lay: { ...rest, choice: board === null ? null : `together ${times} ${board}` } };
}

function upgradeOrder6({ snapshot, ...order }: { snapshot?: Kept }): unknown {
  const house = snapshot?.house ? HOUSE_FORMAT.upgrades[5]!(snapshot.house as never) : null;
  return {
    ...order,
    walkPins: {},
    desserts: [],
    telling: {},
    lay: LAID_AT_7,
    snapshot: { ...snapshot, goods: liftedGoods(snapshot, 6), house },
  };
}

/** A snapshot as it was stored. */
interface Kept {
  readonly goods?: Record<string, { good: unknown }>;
  readonly house?: unknown;
}

function liftedGoods(snapshot: Kept | undefined, version: number) {
  const goods = Object.entries(snapshot?.goods ?? {}).map(([id, entry]) => {
    const up = upgradedGoods([entry.good], version);
    return [id, 'document' in up ? { ...entry, good: (up.document as unknown[])[0] } : entry];
  });
  return Object.fromEntries(goods) as Record<string, unknown>;
}

function upgradeOrder1(order: { brief: Brief; selection?: { briefFingerprint?: string | null } }): unknown {
  const limits = (order.brief.limits ?? []).map((limit) => ({ ...limit, who: '' }));
  const brief = { ...order.brief, limits };
  const { selection } = order;
  const next = { ...order, brief, snapshot: NO_SNAPSHOT };
  if (!selection?.briefFingerprint) return next;
  const stillFits = selection.briefFingerprint === briefFingerprint(order.brief);
  return {
    ...next,
    selection: { ...selection, ...(stillFits ? { briefFingerprint: briefFingerprint(brief) } : {}) },
  };
}

/** What advice that was left is called now, by what its old id began with; the rest of the id is the good's. */
const WAS_CALLED: readonly (readonly [was: string, rule: string, subject?: string])[] = [
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
 * cannot be told any more, so it comes back once.
 */
function upgradeOrder2({ waved, ...order }: { waved?: readonly string[] }): unknown {
  const adviceLeft = (waved ?? []).flatMap((id) => {
    const row = WAS_CALLED.find(([was]) => (was.endsWith(' ') ? id.startsWith(was) : id === was));
    return row ? [{ rule: row[1], subject: row[2] ?? id.slice(row[0].length) }] : [];
  });
  return { ...order, adviceLeft };
}

/** Every party was reckoned at three hours; what else is new was not asked. Kept goods of a snapshot go with the counter's. */
function upgradeOrder3({ snapshot, ...order }: { brief: object; snapshot?: Kept }): unknown {
  const house = snapshot?.house ? HOUSE_FORMAT.upgrades[3]!(snapshot.house as never) : null;
  return {
    ...order,
    brief: { ...order.brief, hours: 3 },
    snapshot: { ...snapshot, goods: liftedGoods(snapshot, 3), house },
  };
}
