import { areaOf, boundsOf, centred, type Polygon } from '../../cut/index.js';

/** Films of a face in its turn, W/(m2 K): from a minute on. */
export type Films = readonly { readonly from: number; readonly film: number }[];

/**
 * One of the ways in which heat comes into a body; a body is the product of its ways, since the excess of a brick is that of
 * three slabs multiplied (Carslaw and Jaeger 1959, 1.15). Lengths in mm.
 */
export type Way =
  | { readonly kind: 'slab'; readonly thick: number; readonly below: Films; readonly above: Films }
  | { readonly kind: 'cylinder'; readonly radius: number; readonly round: Films }
  | { readonly kind: 'sphere'; readonly radius: number; readonly round: Films }
  | { readonly kind: 'section'; readonly outline: Polygon; readonly round: Films };

export interface Body {
  readonly ways: readonly Way[];
  /** It is warmed as another shape than it has; null: as its own. */
  readonly standsFor: StandsFor | null;
}

/** What a body really is, and by which part of its minutes it may be off; null: it is ready no later than said. */
export interface StandsFor {
  readonly shape: 'pyramid' | 'opened wheel' | 'outline';
  readonly within: number | null;
}

export const still = (film: number): Films => [{ from: 0, film }];
/** The film at a time. */
export const filmAt = (films: Films, minute: number): number =>
  films.reduce((now, { from, film }) => (from <= minute ? film : now), films[0]!.film);
/** Does it change while the thing warms? */
export const changes = (way: Way): boolean =>
  way.kind === 'slab' ? way.below.length > 1 || way.above.length > 1 : way.round.length > 1;

/** A regular outline of many sides is a circle. */
const ROUND_FROM = 24;
/** Share by which its width, depth and area may differ from those of a circle. */
const ROUND_WITHIN = 0.02;
const isRound = (outline: Polygon): boolean => {
  if (outline.length < ROUND_FROM) return false;
  const { min, max } = boundsOf(outline);
  const [w, d] = [max[0] - min[0], max[1] - min[1]];
  return (
    Math.abs(w - d) < ROUND_WITHIN * w &&
    Math.abs(Math.abs(areaOf(outline)) - (Math.PI / 4) * w * d) < ROUND_WITHIN * w * d
  );
};
const isBox = (outline: Polygon): boolean => {
  if (outline.length !== 4) return false;
  const { min, max } = boundsOf(outline);
  return (
    Math.abs(Math.abs(areaOf(outline)) - (max[0] - min[0]) * (max[1] - min[1])) <
    1e-6 * Math.abs(areaOf(outline))
  );
};

/** Does the middle see all of the rim? Then rings about it fill it. */
const isStar = (outline: Polygon): boolean => {
  const about = centred(outline);
  const crossProducts = about.map(([x, y], i) => {
    const [u, v] = about[(i + 1) % about.length]!;
    return x * v - u * y;
  });
  return crossProducts.every((turn) => turn > 0) || crossProducts.every((turn) => turn < 0);
};

/** What stands on an outline, so high: a wheel, a brick, or a prism whose section is solved by itself. */
export function standing(outline: Polygon, height: number, below: Films, round: Films): Body {
  const up: Way = { kind: 'slab', thick: height, below, above: round };
  const { min, max } = boundsOf(outline);
  const slab = (thick: number): Way => ({ kind: 'slab', thick, below: round, above: round });
  const ways: Way[] = isRound(outline)
    ? [{ kind: 'cylinder', radius: Math.sqrt(Math.abs(areaOf(outline)) / Math.PI), round }]
    : isBox(outline)
      ? [slab(max[0] - min[0]), slab(max[1] - min[1])]
      : [{ kind: 'section', outline, round }];
  if (ways[0]!.kind !== 'section' || isStar(outline)) return { ways: [...ways, up], standsFor: null };
  // An outline that its middle does not see all of is warmed as a round one of its area, the slowest of all outlines.
  const radius = Math.sqrt(Math.abs(areaOf(outline)) / Math.PI);
  return { ...disc(radius, height, below, round), standsFor: { shape: 'outline', within: null } };
}

/** What lies in a round so high: a wheel, a heap. */
export const disc = (radius: number, height: number, below: Films, round: Films): Body => ({
  ways: [
    { kind: 'cylinder', radius, round },
    { kind: 'slab', thick: height, below, above: round },
  ],
  standsFor: null,
});

export const ball = (radius: number, round: Films): Body => ({
  ways: [{ kind: 'sphere', radius, round }],
  standsFor: null,
});
