import type { Main, Point, Polygon } from '@rotula/core';

/** What a cut is drawn with: on the screen in the colours of the good, on a sheet in black on white. */
export interface Ink {
  readonly fill: string;
  readonly rind: string;
  readonly stroke: string;
  readonly line: string;
  readonly gone: string;
  /** What is taken now. */
  readonly take: string;
}
export const inkOf = (main: Main, print: boolean): Ink =>
  print
    ? {
        fill: '#ffffff',
        rind: '#000000',
        stroke: '#000000',
        line: '#000000',
        gone: '#d9d9d9',
        take: '#000000',
      }
    : {
        fill: main.colours[0]!,
        rind: '#6d5a41',
        stroke: '#8f4a0e',
        line: 'var(--color-ink)',
        gone: 'var(--color-line)',
        take: 'var(--color-butter)',
      };

/** What an outline takes up, mm. */
export const box = (polygon: Polygon) => {
  const xs = polygon.map(([x]) => x);
  const ys = polygon.map(([, y]) => y);
  return {
    x: Math.min(...xs),
    y: Math.min(...ys),
    w: Math.max(...xs) - Math.min(...xs),
    h: Math.max(...ys) - Math.min(...ys),
  };
};

/** From mm, y upwards, to pixels, y downwards. */
export type Place = (point: Point) => string;
export const path = (polygon: Polygon, at: Place) => `M${polygon.map(at).join('L')}Z`;
