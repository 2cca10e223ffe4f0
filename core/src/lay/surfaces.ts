import type { Ware } from '../counter/index.js';

/** What a surface does and needs, before food lies on it (common practice, no source). */
export type SurfaceFact =
  | 'oil it, then let it dry'
  | 'wood is warm and soft under a knife'
  | 'a damp cloth under it keeps it from slipping'
  | 'from the cold it keeps the food cooler for half an hour'
  | 'sour food dulls it'
  | 'metal cools and warms fast'
  | 'it salts what touches it'
  | 'wet food never touches it'
  | 'set it down level: glass and glaze chip'
  | 'turn it with even weight'
  | 'a clean cloth or paper below the food'
  | 'line it, and let nothing leak';

export const SURFACE_FACTS: Readonly<Partial<Record<Ware['material'], readonly SurfaceFact[]>>> = {
  wood: [
    'oil it, then let it dry',
    'wood is warm and soft under a knife',
    'a damp cloth under it keeps it from slipping',
  ],
  slate: [
    'from the cold it keeps the food cooler for half an hour',
    'a damp cloth under it keeps it from slipping',
  ],
  marble: ['from the cold it keeps the food cooler for half an hour', 'sour food dulls it'],
  metal: ['metal cools and warms fast', 'a damp cloth under it keeps it from slipping'],
  salt: ['it salts what touches it', 'wet food never touches it'],
  ceramic: ['set it down level: glass and glaze chip'],
  glass: ['set it down level: glass and glaze chip'],
};

/** Facts of the bare table, a stand and a box. */
export const OTHER_FACTS: Readonly<Record<'table' | 'tiers' | 'box', readonly SurfaceFact[]>> = {
  table: ['a clean cloth or paper below the food'],
  tiers: ['turn it with even weight', 'set it down level: glass and glaze chip'],
  box: ['line it, and let nothing leak'],
};
