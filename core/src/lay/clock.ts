/** Nearer the middle than this share of the way to the rim a thing has no hour. */
const NO_HOUR_WITHIN = 0.22;
const RIM = 0.62;

/** A place as on a clock face, the guest at six. */
export interface ClockPlace {
  /** 1 to 12; null: in the middle. */
  readonly hour: number | null;
  readonly atRim: boolean;
}

/** Where a place of a board lies on the clock. @param half half its length and depth, mm */
export function onClock(
  { x, y }: { readonly x: number; readonly y: number },
  half: { readonly x: number; readonly y: number },
): ClockPlace {
  const out = Math.hypot(x / half.x, y / half.y);
  const hour = Math.round((((Math.atan2(x, -y) * 180) / Math.PI + 360) % 360) / 30) % 12;
  return { hour: out < NO_HOUR_WITHIN ? null : hour || 12, atRim: out >= RIM };
}
