import type { Ware } from '../counter/index.js';
import { grams, type Grams } from '../units/index.js';
import { boardArea, type Board } from './boards.js';
import type { Thing } from './thing.js';

/** Grams of a mm3. Source: handbook densities, from memory: beech 0.7, slate 2.8, marble 2.7, ceramic 2.3, salt 2.2, steel 7.8. */
const MATERIAL_DENSITY: Partial<Record<Ware['material'], number>> = {
  wood: 0.7e-3,
  slate: 2.8e-3,
  marble: 2.7e-3,
  ceramic: 2.3e-3,
  salt: 2.2e-3,
  metal: 7.8e-3,
  glass: 2.5e-3,
};
const USUAL = 0.7e-3;
/** An empty vessel for its content, g to a ml, and a knife. House's own figures. */
const VESSEL = 1.6;
const KNIFE = 70;

/** What a loaded board weighs: itself, its food, its vessels and knives. The table must bear it, and two hands lift it. */
export const loadedWeight = (board: Board, things: readonly Thing[]): Grams =>
  grams(
    Math.round(
      boardArea(board) * board.thick * (MATERIAL_DENSITY[board.material] ?? USUAL) +
        things.reduce(
          (sum, { grams: own, vessel, traits }) =>
            sum + own + (vessel ? VESSEL * vessel.ml : 0) + (traits.kind === 'tool' ? KNIFE : 0),
          0,
        ),
    ),
  );
