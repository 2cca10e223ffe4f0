/** Extra paste that comes off with a plastic coat: the paste under it looks sound and is not (practice: 4 to 6 mm). */
const PLASTIC_TRIM_MM = 5;

const NOT_EATEN = ['cut off', 'handle', 'decoration'];

/** Thickness all round that is not eaten, mm; of a handle the flat faces are taken off and the rim is left on. */
export function trimOf(rind: { kind: string; mm: number; verdict: string }): number {
  if (!NOT_EATEN.includes(rind.verdict)) return 0;
  return rind.kind === 'plastic coat' ? rind.mm + PLASTIC_TRIM_MM : rind.mm;
}
