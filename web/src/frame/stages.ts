/** The stages of an order in working order, and the papers after them. Lay and Clock come when they exist. */
export const STAGES = [
  { path: 'brief', label: 'Brief', key: '1' },
  { path: 'pick', label: 'Pick', key: '2' },
  { path: 'portion', label: 'Portion', key: '3' },
  { path: 'cut', label: 'Cut', key: '4' },
  { path: 'pair', label: 'Pair', key: '5' },
  { path: 'walk', label: 'Walk', key: '6' },
  { path: 'papers', label: 'Papers', key: 'p' },
] as const;
