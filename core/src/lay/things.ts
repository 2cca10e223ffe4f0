import type { Brief } from '../brief/index.js';
import type { Companion, Main } from '../counter/index.js';
import {
  areaOf as signedArea,
  produceCut,
  rectangle,
  sector,
  type Cut,
  type Point,
  type Polygon,
  type ProduceForm,
} from '../cut/index.js';
import { isDelicate, softnessOf } from '../sense/index.js';
import { vesselFor, type VesselUse, type Vessels } from './vessels.js';

const areaOf = (outline: Polygon): number => Math.abs(signedArea(outline));

/** How a thing lies: as one whole, in a vessel, or as many pieces in a patch. */
export type Lies = 'whole' | 'vessel' | 'patch';

/** What of it matters for where it may lie. */
export interface Traits {
  readonly kind: 'cheese' | 'meat' | 'companion';
  readonly step: number | null;
  readonly soft: boolean;
  readonly strong: boolean;
  readonly delicate: boolean;
  readonly wet: boolean;
  readonly crisp: boolean;
  readonly carrier: boolean;
  readonly rolls: boolean;
  /** Its juice colours what is pale. */
  readonly runs: boolean;
  readonly colour: string;
}

/** One thing of a board with the room it takes, as it lies. mm, mm2, g. */
export interface Thing {
  readonly id: string;
  readonly name: string;
  readonly lies: Lies;
  /** The whole, the vessel, or one piece of a patch, about its centre. */
  readonly outline: Polygon;
  /** What it covers of the board. */
  readonly area: number;
  readonly height: number;
  readonly grams: number;
  readonly pieces: number;
  readonly colours: readonly string[];
  readonly traits: Traits;
  readonly vessel: VesselUse | null;
  /** What it should lie beside, by id. */
  readonly beside: readonly string[];
}

/** Share of its patch that pieces of a cut cover (trade, section 14). */
const PILED = 0.6;
const STACKED = 0.75;
const PILED_CUTS = ['cubes', 'dice', 'rough chunks', 'nuggets', 'crumbled blue', 'broken', 'pearls'];
/** Folds stand airily, slices cover each other by half. */
const FOLDED = 0.85;
const SHINGLED = 1.8;
const OVERLAPPING = ['shingles', 'fan', 'river', 'bias slices'];

/** How companions lie: share of the patch that is covered, and how many lie over each other (trade, section 14). */
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
/** A card beside what is too soft to stick one into (trade, section 7). */
const CARD = 55 * 30;

const RUNS = /raspberr|blackberr|pomegranate|cherr|beetroot|blueberr/i;
const ROLLS: readonly Companion['role'][] = ['nut'];

/** Everything of an order that lies on a board in the first wave, for one of so many boards that are alike. */
export interface ThingsInput {
  readonly mains: readonly {
    readonly main: Main;
    readonly cut: Cut;
    readonly step: number;
    readonly share: number;
  }[];
  readonly beside: readonly { readonly good: Companion; readonly net: number }[];
  /** Of each main, what the pairing set beside it. */
  readonly pairs: ReadonlyMap<string, readonly string[]>;
  readonly brief: Brief;
  readonly vessels: Vessels;
  readonly boards: number;
}

export function thingsOf({ mains, beside, pairs, brief, vessels, boards }: ThingsInput): Thing[] {
  const serves = new Map<string, string[]>();
  for (const [main, ids] of pairs) for (const id of ids) serves.set(id, [...(serves.get(id) ?? []), main]);
  return [
    ...mains.map((entry) => mainThing(entry, pairs.get(entry.main.id) ?? [], boards)),
    ...beside
      .map(({ good, net }) => besideThing(good, net / boards, serves.get(good.id) ?? [], brief, vessels))
      .flatMap((thing) => repeated(thing, brief)),
  ].filter(({ grams }) => grams > 0);
}

/** What serves many lies in two or three places on a board that is walked round; on a seated table once (trade, section 7). */
const MOST_PLACES = 3;
const LEAST_PATCH = 6000;

function repeated(thing: Thing, { table, surface, role }: Brief): Thing[] {
  const places =
    table === 'seated' || surface === 'boxes' || role === 'box' || thing.lies !== 'patch'
      ? 1
      : Math.max(
          1,
          Math.min(MOST_PLACES, Math.ceil(thing.beside.length / 2), Math.floor(thing.area / LEAST_PATCH)),
        );
  return Array.from({ length: places }, (_, i): Thing => ({
    ...thing,
    id: i === 0 ? thing.id : `${thing.id}--${i + 1}`,
    area: thing.area / places,
    grams: thing.grams / places,
    pieces: Math.max(1, Math.round(thing.pieces / places)),
    beside: thing.beside.filter((_main, k) => k % places === i),
  }));
}

function mainThing(
  { main, cut, step, share }: ThingsInput['mains'][number],
  beside: readonly string[],
  boards: number,
): Thing {
  const grams = (cut.net * (cut.whole ? 1 : share)) / boards;
  const pieces = cut.whole ? 1 : Math.max(1, Math.round((cut.pieces * share) / boards));
  const soft = main.kind === 'cheese' && softnessOf(main) >= 7;
  const outline = cut.fold ? foldOutline(cut) : cut.outline;
  const covers = cut.fold
    ? OVERLAPPING.includes(cut.styleId)
      ? SHINGLED
      : FOLDED
    : PILED_CUTS.includes(cut.styleId)
      ? PILED
      : STACKED;
  const own = areaOf(outline);
  const whole = wholeOutline(main, grams);
  return {
    id: main.id,
    name: main.name,
    lies: cut.whole ? 'whole' : 'patch',
    outline: cut.whole ? whole : outline,
    area: (cut.whole ? areaOf(whole) : (own * pieces) / covers) + (soft && main.kind === 'cheese' ? CARD : 0),
    height: cut.fold ? Math.max(25, cut.height) : cut.whole ? (main.form.height ?? cut.height) : cut.height,
    grams,
    pieces,
    colours: main.colours,
    traits: {
      kind: main.kind,
      step,
      soft,
      strong:
        main.kind === 'cheese' &&
        (main.texture === 'washed' || main.texture === 'blue' || main.sense.funk >= 6),
      delicate: isDelicate(main.sense),
      wet: main.kind === 'cheese' && main.paste === 'wet',
      crisp: false,
      carrier: false,
      rolls: cut.styleId === 'pearls',
      runs: false,
      colour: main.colours[0]!,
    },
    vessel: null,
    beside,
  };
}

/** A grab of meat as it is folded. */
const foldOutline = (cut: Cut): Polygon => {
  const [length, width] = cut.measures;
  const [l, w] = cut.fold ? [Math.max(20, length), Math.max(15, width)] : [length, width];
  return rectangle(-l / 2, -w / 2, l / 2, w / 2);
};

/** What stands whole, as it stands: its own shape, larger or smaller with what is taken of it. */
function wholeOutline({ form }: Main, grams: number): Polygon {
  const by = Math.sqrt(Math.max(0.1, grams / form.grams));
  const [length, width] = [form.length ?? form.diameter ?? 80, form.width ?? form.diameter ?? 60];
  const outline: Polygon =
    form.diameter && !form.length
      ? sector(form.diameter / 2, 0, 360)
      : rectangle(-length / 2, -width / 2, length / 2, width / 2);
  return outline.map(([x, y]): Point => [x * by, y * by]);
}

function besideThing(
  good: Companion,
  net: number,
  serves: readonly string[],
  brief: Brief,
  vessels: Vessels,
): Thing {
  const produce = produceCut(good, net);
  const vessel = vesselFor(good, net, produce.piece === null, brief, vessels);
  const piece = produce.piece;
  const usual = LOOSE[good.role] ?? LOOSE_USUAL;
  const { covers } = usual;
  const layers = FANNED.includes(produce.form) ? FAN_LAYERS : usual.layers;
  const own = piece ? areaOf(piece.outline) : 0;
  const pieces = vessel ? 1 : (produce.pieces ?? Math.max(1, Math.round(net / (piece?.grams ?? 8))));
  const area = vessel
    ? areaOf(vessel.outline)
    : piece && (piece.grams !== null || produce.pieces !== null)
      ? (own * pieces) / covers / layers
      : net * BY_WEIGHT;
  return {
    id: good.id,
    name: good.name,
    lies: vessel ? 'vessel' : 'patch',
    outline: vessel?.outline ?? piece?.outline ?? rectangle(-9, -7, 9, 7),
    area,
    height: vessel?.height ?? Math.max(8, (piece?.height ?? 15) * Math.min(2, layers)),
    grams: net,
    pieces,
    colours: good.colours,
    traits: {
      kind: 'companion',
      step: null,
      soft: false,
      strong: false,
      delicate: false,
      wet: vessel === null && (good.juice >= 7 || good.role === 'brine'),
      crisp: good.role === 'cracker' || good.role === 'bread',
      carrier: good.role === 'cracker' || good.role === 'bread',
      rolls: vessel === null && (good.rolls || ROLLS.includes(good.role)),
      runs: vessel === null && RUNS.test(`${good.name} ${good.style}`),
      colour: good.colours[0]!,
    },
    vessel,
    beside: serves,
  };
}
