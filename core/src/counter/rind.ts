/** Extra paste that comes off with a plastic coat: the paste under it looks sound and is not (practice: 4 to 6 mm). */
const PLASTIC_TRIM_MM = 5;

/** Thickness that is taken off all round before eating, mm. */
export function trimOf(rind: { kind: string; mm: number; verdict: string }): number {
  if (rind.verdict !== 'cut off' && rind.verdict !== 'decoration') return 0;
  return rind.kind === 'plastic coat' ? rind.mm + PLASTIC_TRIM_MM : rind.mm;
}
