import { hasGuestsAtRisk, limitsOf, type Safety } from '../care/index.js';
import { celsius, type Celsius } from '../units/index.js';
import type { Brief } from './brief.js';
import type { House } from './house.js';

/** How warm it is where nobody said. Common practice, no source; in the heat above what the advice calls hot. */
const USUAL_AIR: Record<Brief['setting'], number> = { indoors: 21, outdoors: 20, 'outdoors, hot': 34 };

/** At the table. */
export const roomOf = ({ roomCelsius, setting }: Brief): Celsius =>
  celsius(roomCelsius ?? USUAL_AIR[setting]);
/** On the way there: as at the table, unless somebody said. */
export const journeyAirOf = (brief: Brief): Celsius => celsius(brief.journeyCelsius ?? roomOf(brief));

/** A box or van at this or below keeps cold (FDA Food Code 3-501.16). */
export const COLD_AT_MOST = celsius(5);

/** What decides how long the food of this table may stand out. */
export const safetyOf = (brief: Brief, house: House, atHome: boolean): Safety => ({
  country: house.country,
  procedure: house.procedure,
  atHome,
  atRisk: hasGuestsAtRisk(limitsOf(brief.persons), brief.guests.under5),
  air: celsius(
    Math.max(
      roomOf(brief),
      brief.travelMinutes > 0 && journeyAirOf(brief) > COLD_AT_MOST ? journeyAirOf(brief) : -99,
    ),
  ),
  own: house.safeLimits,
});
