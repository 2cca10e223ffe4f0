import { densityOf, trimOf, type Cheese, type Shape } from '../counter/index.js';
import { areaOf, rectangle, sector, type Polygon } from './plane.js';

/**
 * One piece of cheese before it is divided: seen from above an outline, standing so high. Faces that were the outside carry
 * rind; those that a knife made do not. Lengths in mm, volumes in mm3.
 */
export interface Stock {
  readonly kind: 'sector' | 'box' | 'log' | 'pyramid' | 'ball' | 'tub';
  readonly height: number;
  /** Of a sector, log or ball. */
  readonly radius: number;
  /** Of a sector, degrees; 360 is a whole wheel. */
  readonly angle: number;
  /** Of a box or pyramid. */
  readonly length: number;
  readonly width: number;
  /** Grams per mm3. */
  readonly density: number;
  /** Rind that comes off all round before eating, and rind that is there. */
  readonly trim: number;
  readonly rind: number;
  /** Of a sector: its rim is not taken off but left on as a handle, weighed and not eaten. */
  readonly handle: boolean;
  /** Faces above and below that carry rind. */
  readonly top: boolean;
  readonly bottom: boolean;
  /** Ends of a box that carry rind: 2 of a whole one, 1 of a slab from its end. */
  readonly ends: 0 | 1 | 2;
}

/** A pyramid's top is half as wide as its base (counter/shapeOf.ts). */
export const PYRAMID_TOP = 0.5;
/** Share of the block on its base that a pyramid fills. */
export const PYRAMID_FILLS = (1 + PYRAMID_TOP + PYRAMID_TOP ** 2) / 3;

const ROUND: readonly Shape[] = ['wheel', 'half wheel', 'quarter wheel', 'wedge', 'drum'];
/** How much of its round a shape is, degrees; of a wedge its weight says. */
const LIES_TURNED: Partial<Record<Shape, number>> = {
  wheel: 360,
  drum: 360,
  'half wheel': 180,
  'quarter wheel': 90,
};

/** Measures that are not known stand in for the commonest, so that a cut can be shown; the weight always stands. */
const USUAL_MEASURES = { diameter: 110, height: 40, length: 100, width: 95 };

export const isRound = ({ form }: Cheese): boolean => ROUND.includes(form.shape);

/** What the whole round weighs of which this is the wheel, or a part. */
export function roundGrams(cheese: Cheese): number {
  const { form } = cheese;
  const turn = LIES_TURNED[form.shape];
  if (turn !== undefined) return (form.grams * 360) / turn;
  const { diameter, height } = form;
  return (
    (Math.PI / 4) *
    (diameter ?? USUAL_MEASURES.diameter) ** 2 *
    (height ?? USUAL_MEASURES.height) *
    densityOf(form)
  );
}

/** The whole piece as the counter has it. */
export function wholeStock(cheese: Cheese): Stock {
  const { form, rind } = cheese;
  const { shape } = form;
  const diameter = form.diameter ?? USUAL_MEASURES.diameter;
  const height = form.height ?? USUAL_MEASURES.height;
  const length = form.length ?? USUAL_MEASURES.length;
  const width = form.width ?? form.length ?? USUAL_MEASURES.width;
  const kind: Stock['kind'] = ROUND.includes(shape)
    ? 'sector'
    : shape === 'log' || shape === 'whole sausage'
      ? 'log'
      : shape === 'pyramid' || shape === 'ball' || shape === 'tub'
        ? shape
        : 'box';
  const shaped: Stock = {
    kind,
    height: kind === 'log' ? length : kind === 'ball' ? diameter : height,
    radius: diameter / 2,
    angle:
      kind === 'sector'
        ? (LIES_TURNED[shape] ?? Math.min(360, (360 * form.grams) / roundGrams(cheese)))
        : 360,
    length: kind === 'pyramid' ? width : length,
    width,
    density: 1,
    trim: trimOf(rind),
    handle: kind === 'sector' && rind.verdict === 'handle' && trimOf(rind) > 0,
    rind: rind.kind === 'none' ? 0 : rind.mm,
    top: true,
    bottom: true,
    ends: 2,
  };
  // The weight is what was weighed; the density follows, so that the pieces weigh what the whole does.
  return { ...shaped, density: form.grams / volumeOf(shaped) };
}

/** Half the plan of a whole piece is turned about the axis of x, so that a sector opens to both sides of it. */
export function outlineOf(stock: Stock, off = 0): Polygon {
  const { kind, radius, angle, length, width, ends } = stock;
  if (kind === 'box') return rectangle(ends > 0 ? off : 0, off, length - (ends > 1 ? off : 0), width - off);
  if (kind === 'pyramid') return rectangle(off, off, width - off, width - off);
  return sector(Math.max(0.1, radius - off), -angle / 2, angle / 2);
}

/** From which height to which it reaches with a thickness taken off the faces that carry rind. */
export const spanOf = ({ height, top, bottom }: Stock, off = 0): readonly [number, number] => [
  bottom ? off : 0,
  height - (top ? off : 0),
];

/** Volume with a thickness taken off all its rind. */
export function volumeOf(stock: Stock, off = 0): number {
  const [lo, hi] = spanOf(stock, off);
  if (stock.kind === 'ball') return (4 / 3) * Math.PI * Math.max(0, stock.radius - off) ** 3;
  if (stock.kind === 'pyramid') {
    const [base, top] = [stock.width - 2 * off, stock.width * PYRAMID_TOP - 2 * off];
    return ((hi - lo) / 3) * (base ** 2 + base * Math.max(0, top) + Math.max(0, top) ** 2);
  }
  if (stock.kind === 'box') return areaOf(outlineOf(stock, off)) * Math.max(0, hi - lo);
  return (stock.angle / 360) * Math.PI * Math.max(0, stock.radius - off) ** 2 * Math.max(0, hi - lo);
}

/** How much comes off the rim before it is divided. */
export const rimOff = ({ handle, trim }: Stock): number => (handle ? 0 : trim);

/** What comes off before it is divided: all rind that is not eaten, but for a rim that is left as a handle. */
export function trimmed(stock: Stock): number {
  const { handle, trim, top, bottom, angle, radius } = stock;
  if (!handle) return shellOf(stock, trim);
  return (angle / 360) * Math.PI * radius ** 2 * trim * ((top ? 1 : 0) + (bottom ? 1 : 0));
}

/** What comes off when a thickness is taken off all rind: reckoned shell by shell, not as a remainder. */
export function shellOf(stock: Stock, off: number): number {
  if (off <= 0) return 0;
  const { kind, radius, height, angle, length, width, ends, top, bottom } = stock;
  const faces = (top ? 1 : 0) + (bottom ? 1 : 0);
  const inside = height - faces * off;
  switch (kind) {
    case 'ball':
      return (4 / 3) * Math.PI * (3 * radius ** 2 * off - 3 * radius * off ** 2 + off ** 3);
    case 'pyramid': {
      // Shells of a frustum: the derivative of its volume by the depth, integrated (Simpson is exact for a cubic).
      const rate = (d: number) => (volumeOf(stock, d - 1e-4) - volumeOf(stock, d + 1e-4)) / 2e-4;
      return (off / 6) * (rate(1e-4) + 4 * rate(off / 2) + rate(off));
    }
    case 'box': {
      const inner = length - ends * off;
      return faces * off * length * width + inside * (ends * off * width + 2 * off * inner);
    }
    default: {
      const share = angle / 360;
      return share * Math.PI * (faces * off * radius ** 2 + inside * (2 * radius * off - off ** 2));
    }
  }
}
