import type { Layout } from './layout.js';
import type { Thing } from './things.js';

/** In which order a board is built: vessels, anchors, meats, what is fresh, bread, nuts (trade, section 14; the other schools are the hands'). */
export const BUILD_ORDER = [
  'vessels',
  'cheeses',
  'meats',
  'fruit and vegetables',
  'bread and crackers',
  'the rest',
] as const;
export type BuildStep = (typeof BUILD_ORDER)[number];

/** One thing to lay, told by landmarks: at which hour of the clock, at the rim or inside, and against what. */
export interface BuildLine {
  readonly step: BuildStep;
  readonly thing: Thing;
  /** 1 to 12, the guest at six; null: in the middle. */
  readonly hour: number | null;
  readonly atRim: boolean;
  /** The nearest thing that lies there already, by name. */
  readonly against: string | null;
}

const stepOf = ({ lies, traits }: Thing): BuildStep => {
  if (lies === 'vessel') return 'vessels';
  if (traits.kind === 'cheese') return 'cheeses';
  if (traits.kind === 'meat') return 'meats';
  if (traits.carrier) return 'bread and crackers';
  return traits.rolls ? 'the rest' : 'fruit and vegetables';
};

/** Nearer the middle than this share of the way to the rim it has no hour. */
const MIDDLE = 0.22;
const RIM = 0.62;
/** Two things within so much of each other lie against each other, mm between middles. */
const NEAR = 190;

/** What to lay, one after the other, so that somebody else can build the board by hand. */
export function buildOf(
  layout: Layout,
  things: readonly Thing[],
  half: { readonly x: number; readonly y: number },
): BuildLine[] {
  const at = new Map(layout.placed.map((place) => [place.id, place]));
  const lines: BuildLine[] = [];
  const laid: Thing[] = [];
  for (const step of BUILD_ORDER)
    for (const thing of things.filter((one) => stepOf(one) === step)) {
      const place = at.get(thing.id);
      if (!place) continue;
      const out = Math.hypot(place.x / half.x, place.y / half.y);
      const clock = Math.round((((Math.atan2(place.x, -place.y) * 180) / Math.PI + 360) % 360) / 30) % 12;
      const near = laid
        .map((other) => {
          const there = at.get(other.id)!;
          return { other, far: Math.hypot(there.x - place.x, there.y - place.y) };
        })
        .sort((a, b) => a.far - b.far)[0];
      lines.push({
        step,
        thing,
        hour: out < MIDDLE ? null : clock || 12,
        atRim: out >= RIM,
        against: near && near.far < NEAR ? near.other.name : null,
      });
      laid.push(thing);
    }
  return lines;
}
