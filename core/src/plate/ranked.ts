import { mainsOn, type Main, type Served } from '../counter/index.js';
import { isStrong } from '../sense/index.js';
import { memoisedBy } from '../units/index.js';

const rankOf = (main: Main) => (main.known === 'safe bet' ? 0 : 1) + (isStrong(main) ? 1 : 0);

/** The cheeses and meats of a counter, the best known and milder first; ties by id. */
export const rankedOn = memoisedBy((counter: Served) =>
  [...mainsOn(counter)].sort((a, b) => rankOf(a) - rankOf(b)),
);
