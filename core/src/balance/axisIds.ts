/** What a selection of cheeses is balanced over. */
export const CHEESE_AXIS_IDS = [
  'texture',
  'firmness',
  'milk',
  'intensity',
  'age',
  'flavour',
  'sight',
  'origin',
  'company',
] as const;

/** Axes of cheeses, and those of meats beside where they come from. */
export type AxisId = (typeof CHEESE_AXIS_IDS)[number] | 'build' | 'animal' | 'calibre' | 'heat' | 'smoke';
