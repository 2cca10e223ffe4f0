import type { Cheese, Good } from './good.js';

/** What becomes of a face: eaten, as the guest likes, off before the board, or left on it and not eaten. */
export interface Face {
  readonly face: 'all round' | 'top and bottom' | 'top' | 'rim' | 'casing';
  readonly is: 'eaten' | 'as you like' | 'off' | 'handle' | 'collar' | 'show face';
}

/**
 * The faces of what a good is wrapped in, from its rind, coat, leaf and casing. A band of bark holds what runs: its top comes
 * off and the band stays. A leaf is opened and stays under the cheese, as its show face. Empty: there is none. Common practice,
 * no source.
 */
export function facesOf(good: Good): Face[] {
  if (good.kind === 'meat') {
    if (good.contents.casing === 'none') return [];
    return [{ face: 'casing', is: good.casingEaten ? 'eaten' : 'off' }];
  }
  if (good.kind !== 'cheese' || good.rind.kind === 'none') return [];
  return FACES[good.rind.verdict](good);
}

const FACES: Record<Cheese['rind']['verdict'], (cheese: Cheese) => Face[]> = {
  none: () => [],
  eaten: () => [{ face: 'all round', is: 'eaten' }],
  'guest decides': () => [{ face: 'all round', is: 'as you like' }],
  'cut off': ({ rind }) =>
    rind.kind === 'bark'
      ? [
          { face: 'top', is: 'off' },
          { face: 'rim', is: 'collar' },
        ]
      : [{ face: 'all round', is: 'off' }],
  handle: () => [
    { face: 'top and bottom', is: 'off' },
    { face: 'rim', is: 'handle' },
  ],
  decoration: ({ rind }) =>
    rind.kind === 'bark'
      ? [
          { face: 'top', is: 'off' },
          { face: 'rim', is: 'collar' },
        ]
      : [{ face: 'all round', is: 'show face' }],
};
