import type { Safety } from '../care/index.js';
import { celsius } from '../units/index.js';

/** What is held of a table of which nothing is known: the strict side. */
const STRICT: Safety = {
  country: '',
  procedure: null,
  atHome: false,
  atRisk: false,
  air: celsius(21),
  own: [],
};

/** A table at which nobody in particular sits. */
export const aTable = { infants: 0, under5: 0, drinkers: 0, limits: [], safety: STRICT, wood: false };
