import { isBoxed, type Brief } from '../brief/index.js';
import type { Companion } from '../counter/index.js';
import type { Tool } from '../cut/index.js';
import { besideThing } from './besideThing.js';
import { knifeThings } from './knifeThings.js';
import { mainThing, type LaidMain } from './mainThing.js';
import type { LaySchools, MeatSchool } from './schools.js';
import type { Thing } from './thing.js';
import type { Vessels } from './vessels.js';

/** Everything of an order that lies on a board in the first wave, for one of several boards that are alike. */
export interface ThingsInput {
  readonly mains: readonly LaidMain[];
  readonly beside: readonly { readonly good: Companion; readonly net: number }[];
  /** Of each main, what the pairing set beside it. */
  readonly pairs: ReadonlyMap<string, readonly string[]>;
  readonly brief: Brief;
  readonly vessels: Vessels;
  /** What guests cut with at the table, each for its goods. */
  readonly serving: readonly Tool[];
  readonly boards: number;
  readonly schools: LaySchools;
}

/** Everything that lies on one of several boards that are alike, with the room that it takes. */
export function thingsOf(input: ThingsInput): Thing[] {
  const { mains, beside, pairs, brief, vessels, serving, boards } = input;
  const serves = new Map<string, string[]>();
  for (const [main, ids] of pairs) for (const id of ids) serves.set(id, [...(serves.get(id) ?? []), main]);
  const pieces = mains.map((entry) => mainThing(entry, pairs.get(entry.main.id) ?? [], brief, boards));
  const meats = pieces.filter(({ traits }) => traits.kind === 'meat').length;
  const goods = [
    ...pieces.flatMap((thing) =>
      parted(thing, thing.traits.kind === 'meat' ? meatPlaces(thing, meats, brief, input.schools) : 1),
    ),
    ...beside
      .map(({ good, net }) => besideThing(good, net / boards, serves.get(good.id) ?? [], brief, vessels))
      .flatMap((thing) => parted(thing, placesOf(thing, brief, input.schools))),
  ].filter(({ grams }) => grams > 0);
  return [...goods, ...knifeThings(serving, goods)];
}

/** What serves many lies in two or three places on a board that is walked round; on a seated table once (docs/trade.md `lay/things MOST_PLACES`). */
const MOST_PLACES = 3;
const LEAST_PATCH = 6000;
/** Where it is scattered, patches may be smaller. House's own figure. */
const LEAST_SCATTERED = 2500;

/** In how many places a thing lies: where left and right answer each other two, in odd groups one or three. */
function placesOf(thing: Thing, brief: Brief, { places: school, groups }: LaySchools): number {
  const free = freePlaces(thing, brief, school);
  if (groups === 'symmetry') return Math.min(2, free);
  return groups === 'odd groups' && free === 2 ? 1 : free;
}

/** What lies in one place whatever is asked: what stands, and all in a box. */
const isOnePlace = ({ lies }: Thing, brief: Brief): boolean => lies !== 'patch' || isBoxed(brief);

/** Places that each of a number of meats needs for its pattern: two to be mirrored, three of all for three areas or a line. */
const MEAT_PLACES: Readonly<Record<MeatSchool, (meats: number) => number>> = {
  'as they go': () => 1,
  'one patch': () => 1,
  mirrored: () => 2,
  'three areas': (meats) => Math.ceil(MOST_PLACES / meats),
  diagonal: (meats) => Math.ceil(MOST_PLACES / meats),
};

/** In how many places a meat lies: as its pattern asks, while there is enough of it. */
const meatPlaces = (thing: Thing, meats: number, brief: Brief, { meats: school }: LaySchools): number =>
  isOnePlace(thing, brief)
    ? 1
    : Math.max(1, Math.min(MEAT_PLACES[school](meats), Math.floor(thing.area / LEAST_SCATTERED)));

function freePlaces(thing: Thing, brief: Brief, school: LaySchools['places']): number {
  if (isOnePlace(thing, brief) || school === 'clustered') return 1;
  if (school === 'scattered')
    return Math.max(1, Math.min(MOST_PLACES, Math.floor(thing.area / LEAST_SCATTERED)));
  if (brief.table === 'seated') return 1;
  return Math.max(
    1,
    Math.min(MOST_PLACES, Math.ceil(thing.beside.length / 2), Math.floor(thing.area / LEAST_PATCH)),
  );
}

/** A thing parted over several places: each has its share of it, and of what it stands beside. */
const parted = (thing: Thing, places: number): Thing[] =>
  Array.from({ length: places }, (_, i): Thing => ({
    ...thing,
    id: i === 0 ? thing.id : `${thing.id}--${i + 1}`,
    area: thing.area / places,
    grams: thing.grams / places,
    pieces: Math.max(1, Math.round(thing.pieces / places)),
    beside: thing.beside.filter((_main, k) => k % places === i),
  }));
