import { areaOf } from '../../cut/index.js';
import type { Body, Way } from './body.js';
import type { Paste } from './paste.js';
import { QUICK_TERMS, seriesOf, type Response } from './series.js';

/** The product of its ways: the heart is cold in all of them, a face is warm in one and cold in the others. */
export function product(responses: readonly Response[]): Response {
  const [only] = responses;
  if (responses.length === 1) return only!;
  return (minute) => {
    let [heart, face] = [1, 1];
    for (const response of responses) {
      const one = response(minute);
      // Warm in this way and cold in those before, or the other way about: the colder of the two.
      face = Math.min(face * one.heart, heart * one.face);
      heart *= one.heart;
    }
    return { heart, face };
  };
}

/** A section as the cylinder that has as much inside for its rim: quick, and warmer than a corner, colder than a blade. */
const roundFor = (way: Way): Way => {
  if (way.kind !== 'section') return way;
  const rim = way.outline.reduce((sum, [x, y], i) => {
    const [u, v] = way.outline[(i + 1) % way.outline.length]!;
    return sum + Math.hypot(u - x, v - y);
  }, 0);
  return { kind: 'cylinder', radius: (2 * Math.abs(areaOf(way.outline))) / rim, round: way.round };
};
const asAtFirst = (way: Way): Way =>
  way.kind === 'slab'
    ? { ...way, below: way.below.slice(0, 1), above: way.above.slice(0, 1) }
    : { ...way, round: way.round.slice(0, 1) };

/** The same with sections as cylinders and films as at first: what the quick answer warms. */
export const quickly = (body: Body): Body => ({ ...body, ways: body.ways.map(roundFor).map(asAtFirst) });

/** The quick answer: few terms of a body that has series only. */
export const quickResponse = (body: Body, paste: Paste): Response =>
  product(quickly(body).ways.map((way) => seriesOf(way, paste, QUICK_TERMS)!));
