/** Points and arcs of the wheel; angles in degrees, clockwise from the top. */

export interface Point {
  readonly x: number;
  readonly y: number;
}

export function polar(centre: number, radius: number, angle: number): Point {
  const a = ((angle - 90) * Math.PI) / 180;
  return { x: centre + radius * Math.cos(a), y: centre + radius * Math.sin(a) };
}

const at = ({ x, y }: Point) => `${x.toFixed(2)} ${y.toFixed(2)}`;

/** A ring's segment between two radii and two angles. */
export function segment(centre: number, inner: number, outer: number, from: number, to: number): string {
  const large = to - from > 180 ? 1 : 0;
  const p = (r: number, a: number) => at(polar(centre, r, a));
  return `M${p(outer, from)}A${outer} ${outer} 0 ${large} 1 ${p(outer, to)}L${p(inner, to)}A${inner} ${inner} 0 ${large} 0 ${p(inner, from)}Z`;
}

/** An arc as a line; backwards for text in the lower half, so that it stands upright. */
export function arc(centre: number, radius: number, from: number, to: number, backwards: boolean): string {
  const [a, b] = backwards ? [to, from] : [from, to];
  const large = Math.abs(to - from) > 180 ? 1 : 0;
  return `M${at(polar(centre, radius, a))}A${radius} ${radius} 0 ${large} ${backwards ? 0 : 1} ${at(polar(centre, radius, b))}`;
}
