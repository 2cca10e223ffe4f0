import bessel from 'bessel';
import { filmAt, type Way } from './body.js';
import { diffusivity, type Paste } from './paste.js';
import { rootBetween } from './root.js';

/**
 * Share of the first difference to the room that is left: at the heart, which is the coldest point, and in the middle of the
 * face that warms first. 1 at the start, 0 when it is as warm as the room.
 */
export interface Excess {
  readonly heart: number;
  readonly face: number;
}

/** A way by itself: its excess at every minute that is asked. */
export type Response = (minute: number) => Excess;

const J = (n: number, x: number): number => bessel.besselj(x, n);
/** Terms below this change nothing. */
const LEAST_TERM = 1e-9;
/** Terms that are needed at the first minute, and for a quick answer. */
const TERMS = 40;
export const QUICK_TERMS = 3;

const NUDGE = 1e-9;

/** z tan z = Bi of a slab warmed alike from both sides, or zeros of its general form with two Biot numbers. */
function slabSeries(thick: number, below: number, above: number, { conductivity: k }: Paste, many: number) {
  const length = thick / 1000;
  const [a, b] = [(below * length) / k, (above * length) / k];
  // tan z = z (a + b) / (z2 - a b) without its poles (Carslaw and Jaeger 1959, 3.11).
  const f = (z: number) => (z * z - a * b) * Math.sin(z) - z * (a + b) * Math.cos(z);
  const roots: number[] = [];
  for (let n = 0; n < many; n++) {
    // One root in each half turn; the first only where heat comes in at all.
    const [from, to] = [n * Math.PI + NUDGE, (n + 1) * Math.PI + NUDGE];
    if (n === 0 && a + b === 0) continue;
    roots.push(rootBetween(f, from, to));
  }
  return roots.map((z) => {
    const shape = (x: number) => Math.cos(z * x) + (a / z) * Math.sin(z * x);
    const square =
      (1 + (a / z) ** 2) / 2 +
      ((1 - (a / z) ** 2) * Math.sin(2 * z)) / (4 * z) +
      ((a / z) * Math.sin(z) ** 2) / z;
    const mean = Math.sin(z) / z + ((a / z) * (1 - Math.cos(z))) / z;
    return { root: z, rate: (z / length) ** 2, size: mean / square, shape };
  });
}

/** The heart of a slab is where its slowest term is greatest; the face with the stronger film warms first. */
function slab(thick: number, below: number, above: number, paste: Paste, many: number): Response {
  if (below + above === 0) return () => ({ heart: 1, face: 1 });
  const terms = slabSeries(thick, below, above, paste, many);
  const [{ root }] = terms as [(typeof terms)[number]];
  const heart = Math.atan((below * thick) / 1000 / paste.conductivity / root) / root;
  const face = below > above ? 0 : 1;
  return summed(
    terms.map(({ rate, size, shape }) => ({ rate, heart: size * shape(heart), face: size * shape(face) })),
    paste,
  );
}

const bounded = (heart: number, face: number): Excess => ({
  heart: Math.max(0, Math.min(1, heart)),
  face: Math.max(0, Math.min(1, face)),
});

function summed(
  terms: readonly { readonly rate: number; readonly heart: number; readonly face: number }[],
  paste: Paste,
): Response {
  const perMinute = diffusivity(paste) * 60;
  return (minute) => {
    if (minute <= 0) return { heart: 1, face: 1 };
    let [heart, face] = [0, 0];
    for (const term of terms) {
      const left = Math.exp(-term.rate * perMinute * minute);
      if (left < LEAST_TERM) break;
      heart += term.heart * left;
      face += term.face * left;
    }
    return bounded(heart, face);
  };
}

/** Zeros of Bessel functions to within NEAR (McMahon's expansion; Abramowitz and Stegun 9.5.12). */
const ZERO_WITHIN = 1e-3;
const mcMahon = (beta: number, mu: number): number =>
  beta - (mu - 1) / (8 * beta) - (4 * (mu - 1) * (7 * mu - 31)) / (3 * (8 * beta) ** 3);
const zeroOfJ0 = (n: number): number => mcMahon((n - 0.25) * Math.PI, 0);
const zeroOfJ1 = (n: number): number => mcMahon((n + 0.25) * Math.PI, 4);

/** z J1(z) = Bi J0(z); C = 2 J1 / (z (J0^2 + J1^2)) (Incropera, Fundamentals of Heat and Mass Transfer, 5.6). */
function cylinder(radius: number, film: number, paste: Paste, many: number): Response {
  const r = radius / 1000;
  const biot = (film * r) / paste.conductivity;
  if (biot === 0) return () => ({ heart: 1, face: 1 });
  const f = (z: number) => z * J(1, z) - biot * J(0, z);
  // One root between each zero of J1 and the next of J0.
  const roots = Array.from({ length: many }, (_, n) =>
    rootBetween(f, n === 0 ? NUDGE : zeroOfJ1(n) - ZERO_WITHIN, zeroOfJ0(n + 1) + ZERO_WITHIN),
  );
  return summed(
    roots.map((z) => {
      const size = (2 * J(1, z)) / (z * (J(0, z) ** 2 + J(1, z) ** 2));
      return { rate: (z / r) ** 2, heart: size, face: size * J(0, z) };
    }),
    paste,
  );
}

/** 1 - z cot z = Bi; C = 4 (sin z - z cos z) / (2 z - sin 2 z). */
function sphere(radius: number, film: number, paste: Paste, many: number): Response {
  const r = radius / 1000;
  const biot = (film * r) / paste.conductivity;
  if (biot === 0) return () => ({ heart: 1, face: 1 });
  const f = (z: number) => (1 - biot) * Math.sin(z) - z * Math.cos(z);
  const roots = Array.from({ length: many }, (_, n) =>
    rootBetween(f, n * Math.PI + NUDGE, (n + 1) * Math.PI - (n === 0 ? 0 : NUDGE)),
  );
  return summed(
    roots.map((z) => {
      const size = (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z));
      return { rate: (z / r) ** 2, heart: size, face: (size * Math.sin(z)) / z };
    }),
    paste,
  );
}

/** The excess of a way whose films stay as they are, by a number of terms; null: it has no series. */
export function seriesOf(way: Way, paste: Paste, terms = TERMS): Response | null {
  switch (way.kind) {
    case 'slab':
      return slab(way.thick, filmAt(way.below, 0), filmAt(way.above, 0), paste, terms);
    case 'cylinder':
      return cylinder(way.radius, filmAt(way.round, 0), paste, terms);
    case 'sphere':
      return sphere(way.radius, filmAt(way.round, 0), paste, terms);
    default:
      return null;
  }
}
