import { briefLimits, isBoxed, type Brief } from '../brief/index.js';
import { waresOn, type Companion, type Ware, type Served } from '../counter/index.js';
import { sector, type Polygon } from '../cut/index.js';
import { memoised, memoisedBy } from '../units/index.js';

/** A vessel for what is wet, oily or loose. mm, ml. */
export interface VesselUse {
  /** The ware's id; null: a household stand-in, or a pot that stays in its box. */
  readonly ware: string | null;
  readonly from: VesselFrom;
  readonly name: VesselName | string;
  readonly ml: number;
  readonly outline: Polygon;
  readonly height: number;
  readonly need: number;
  readonly tool: VesselTool;
}

/** Whose it is: the shop's, a household's that stands in, or one that goes with a box. */
export type VesselFrom = 'shop' | 'household' | 'box';
/** What a household has of each size (docs/trade.md `lay/vessels STAND_INS`), and what closes tight in a box. */
export type VesselName =
  'egg cup' | 'espresso cup' | 'small bowl' | 'cereal bowl' | 'serving bowl' | 'tall glass' | 'lidded pot';
export type VesselTool = 'spoon' | 'pick' | 'dipper' | 'butter knife' | 'spreader' | 'none';

interface Size {
  readonly name: VesselName;
  readonly ml: number;
  readonly diameter: number;
  readonly height: number;
}
const STAND_INS: readonly Size[] = [
  { name: 'egg cup', ml: 50, diameter: 50, height: 60 },
  { name: 'espresso cup', ml: 70, diameter: 62, height: 55 },
  { name: 'small bowl', ml: 250, diameter: 105, height: 50 },
  { name: 'cereal bowl', ml: 500, diameter: 140, height: 60 },
  { name: 'serving bowl', ml: 1500, diameter: 210, height: 80 },
];

/** Pots with a lid, low enough to close the box over them: nothing in a box may leak. Usual sizes; common practice, no source. */
const POTS: readonly Size[] = [
  { name: 'lidded pot', ml: 30, diameter: 45, height: 30 },
  { name: 'lidded pot', ml: 60, diameter: 60, height: 35 },
  { name: 'lidded pot', ml: 120, diameter: 75, height: 38 },
  { name: 'lidded pot', ml: 250, diameter: 100, height: 40 },
];

/** Grams to a ml as it lies in its vessel (docs/trade.md `lay/vessels FILLING_DENSITY`); the rest is the house's. */
const FILLING_DENSITY: Partial<Record<Companion['role'], number>> = {
  honey: 1.4,
  preserve: 1.3,
  mustard: 1.05,
  chutney: 1.2,
  brine: 0.6,
  dip: 1.05,
  oil: 0.92,
  butter: 0.95,
  'savoury spread': 1.1,
  seasoning: 1.2,
  nut: 0.55,
};
const USUAL_DENSITY = 0.8;
/** Filled to four fifths. */
const FILLED = 0.8;

const TOOLS: Partial<Record<Companion['role'], VesselTool>> = {
  honey: 'dipper',
  brine: 'pick',
  butter: 'butter knife',
  'savoury spread': 'spreader',
  nut: 'spoon',
};

/** Bowls of the counter whose content and width are known, the smallest first. */
const bowlsOf = memoisedBy((counter: Served) =>
  waresOn(counter)
    .filter(({ use, ml, diameter }) => use === 'bowl' && ml !== null && diameter !== null)
    .sort((a, b) => a.ml! - b.ml! || (a.id < b.id ? -1 : 1))
    .map((ware) => ({ ware, count: ware.lots.reduce((sum, { pieces }) => sum + pieces, 0) })),
);

/** The vessels of the counter, each as often as the shop has it; taken from as they are used, one for each board. */
export class Vessels {
  private readonly left: { readonly ware: Ware; count: number }[];

  constructor(
    counter: Served,
    private readonly boards = 1,
  ) {
    this.left = bowlsOf(counter).map((bowl) => ({ ...bowl }));
  }

  /** The smallest that holds the volume, taken off the shelf. Unlined metal never holds what is sour. */
  take(ml: number, sour: boolean): Ware | null {
    const found = this.left.find(
      ({ ware, count }) => count >= this.boards && ware.ml! >= ml && !(sour && ware.material === 'metal'),
    );
    if (!found) return null;
    found.count -= this.boards;
    return found.ware;
  }
}

const round = memoised((diameter: number): Polygon => sector(diameter / 2, 0, 360));

/** Guests avoid it, and it would spread: it is kept in a vessel. */
const keptApart = ({ role }: Companion, brief: Brief): boolean =>
  role === 'nut' &&
  briefLimits(brief).some(({ what }) => /nut|almond|walnut|pistachio|pecan|cashew|hazel/.test(what));

/** The vessel that a companion needs, the shop's own before a stand-in; null: it lies on the board. */
export function vesselFor(
  good: Companion,
  grams: number,
  inBowl: boolean,
  brief: Brief,
  vessels: Vessels,
): VesselUse | null {
  if (!inBowl && !keptApart(good, brief)) return null;
  if (good.role === 'garnish') return null;
  const need = grams / (FILLING_DENSITY[good.role] ?? USUAL_DENSITY) / FILLED;
  const tool = TOOLS[good.role] ?? 'spoon';
  // What goes with a box does not come back.
  const boxed = isBoxed(brief);
  const ware = boxed ? null : vessels.take(need, good.sense.sour >= 5);
  if (ware)
    return {
      ware: ware.id,
      from: 'shop',
      name: ware.name,
      ml: ware.ml!,
      outline: round(ware.diameter!),
      height: ware.height ?? 40,
      need,
      tool,
    };
  const sizes = boxed ? POTS : STAND_INS;
  const stand = sizes.find(({ ml }) => ml >= need) ?? sizes.at(-1)!;
  return {
    ware: null,
    from: boxed ? 'box' : 'household',
    name: stand.name,
    ml: stand.ml,
    outline: round(stand.diameter),
    height: stand.height,
    need,
    // Each eats from a pot of their own: no tool is shared.
    tool: boxed ? 'none' : tool,
  };
}
