import { keepsCold } from '../care/index.js';
import type { Brief } from '../brief/index.js';
import type { Companion } from '../counter/index.js';
import { produceCut, rectangle, type ProduceForm } from '../cut/index.js';
import { isAvoided } from './avoided.js';
import { areaOf } from './geometry.js';
import { PLAIN, type Thing } from './thing.js';
import { vesselFor, type Vessels } from './vessels.js';

/** How companions lie: share of the patch that is covered, and how many lie over each other (docs/trade.md `lay/besideThing LOOSE`). */
const LOOSE: Partial<Record<Companion['role'], { readonly covers: number; readonly layers: number }>> = {
  fruit: { covers: 0.65, layers: 1.3 },
  'dried fruit': { covers: 0.65, layers: 1.5 },
  nut: { covers: 0.6, layers: 1.6 },
  vegetable: { covers: 0.75, layers: 1.6 },
  cracker: { covers: 0.9, layers: 2.4 },
  bread: { covers: 0.9, layers: 1.9 },
  chocolate: { covers: 0.75, layers: 1.4 },
};
const LOOSE_USUAL = { covers: 0.7, layers: 1.2 };
/** Thin slices lie as a fan: of each a third is seen. */
const FANNED: readonly ProduceForm[] = ['in thin slices', 'in crescents, peel off'];
const FAN_LAYERS = 3;
/** Where the piece is not known: mm2 for a gram of it as it lies. */
const BY_WEIGHT = 75;
const RUNS = /raspberr|blackberr|pomegranate|cherr|beetroot|blueberr/i;
const ROLLS: readonly Companion['role'][] = ['nut'];

const DRIPS: readonly Companion['role'][] = ['honey', 'preserve'];
/** What carries the rest to the mouth. */
export const isCarrier = ({ role }: Companion): boolean => role === 'cracker' || role === 'bread';

/** Its pieces, how high they lie, and the ground that they cover, mm and mm2: loose as it is cut, or in its vessel. */
function lyingOf(
  good: Companion,
  net: number,
  vessel: Thing['vessel'],
  produce: ReturnType<typeof produceCut>,
) {
  const usual = LOOSE[good.role] ?? LOOSE_USUAL;
  const layers = FANNED.includes(produce.form) ? FAN_LAYERS : usual.layers;
  const { piece } = produce;
  if (vessel)
    return { pieces: 1, area: areaOf(vessel.outline), height: vessel.height, outline: vessel.outline };
  const pieces = produce.pieces ?? Math.max(1, Math.round(net / (piece?.grams ?? 8)));
  const isCounted = piece && (piece.grams !== null || produce.pieces !== null);
  return {
    pieces,
    area: isCounted ? (areaOf(piece.outline) * pieces) / usual.covers / layers : net * BY_WEIGHT,
    height: Math.max(8, (piece?.height ?? 15) * Math.min(2, layers)),
    outline: piece?.outline ?? rectangle(-9, -7, 9, 7),
  };
}

/** What only what lies loose does to its neighbours. */
const looseTraits = (good: Companion) => ({
  wet: good.juice >= 7 || good.role === 'brine',
  rolls: good.rolls || ROLLS.includes(good.role),
  runs: RUNS.test(`${good.name} ${good.style}`),
});

/** A companion as it lies on one board: in its vessel, or loose as a patch. */
export function besideThing(
  good: Companion,
  net: number,
  serves: readonly string[],
  brief: Brief,
  vessels: Vessels,
): Thing {
  const produce = produceCut(good, net);
  const vessel = vesselFor(good, net, produce.piece === null, brief, vessels);
  return {
    id: good.id,
    name: good.name,
    lies: vessel ? 'vessel' : 'patch',
    ...lyingOf(good, net, vessel, produce),
    grams: net,
    colours: good.colours,
    traits: {
      ...PLAIN,
      kind: 'companion',
      ...(vessel ? { drips: DRIPS.includes(good.role) } : looseTraits(good)),
      crisp: isCarrier(good),
      carrier: isCarrier(good),
      avoided: isAvoided(good, brief),
      late: produce.when !== 'ahead',
      cold: keepsCold(good),
      colour: good.colours[0]!,
    },
    vessel,
    beside: serves,
  };
}
