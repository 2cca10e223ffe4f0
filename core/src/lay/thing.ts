import type { Polygon } from '../cut/index.js';
import type { VesselUse } from './vessels.js';

/** How a thing lies: as one whole, in a vessel, or as many pieces in a patch. */
export type Lies = 'whole' | 'vessel' | 'patch';

/** What of it matters for where it may lie. */
export interface Traits {
  readonly kind: 'cheese' | 'meat' | 'companion' | 'tool' | 'garnish';
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
  /** A guest at this board must not eat it, though others may: it lies apart or in a bowl. */
  readonly avoided: boolean;
  /** A fold that does not stand by itself. */
  readonly leans: boolean;
  /** It drips where it is carried across: jam and honey. */
  readonly drips: boolean;
  /** It comes last, when the board stands at the table: its room is kept from the start. */
  readonly late: boolean;
  /** It must stay cold, or stands hot from the oven. */
  readonly cold: boolean;
  readonly hot: boolean;
  /** Where its cut face looks before it is turned, degrees clockwise from the top; null: it has none. */
  readonly face: number | null;
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
  /** As it lies under its bell; absent: none stands over it. */
  readonly bare?: Thing;
  /** As it lies within its divider; absent: none stands round it. Nothing wets it there, and it wets nothing. */
  readonly divided?: Thing;
}

/** What is untrue of most things. */
export const PLAIN: Omit<Traits, 'kind' | 'colour'> = {
  step: null,
  soft: false,
  strong: false,
  delicate: false,
  wet: false,
  crisp: false,
  carrier: false,
  rolls: false,
  runs: false,
  avoided: false,
  leans: false,
  drips: false,
  late: false,
  cold: false,
  hot: false,
  face: null,
};

/** A thing without the bell over it and the divider round it: what of it is food. */
export const asFood = (thing: Thing): Thing => thing.bare ?? thing.divided ?? thing;

/** The id of a good that lies in several places, without the number of the place. */
export function baseOf({ id }: { readonly id: string }): string {
  const place = id.indexOf('--');
  return place < 0 ? id : id.slice(0, place);
}
