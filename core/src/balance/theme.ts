import type { Brief } from '../brief/index.js';
import { isOfLine, isOfStyle, type Main } from '../counter/index.js';
import { sightOf } from '../sense/index.js';
import { CHEESE_AXIS_IDS, type AxisId } from './axisIds.js';

/**
 * A theme holds one axis and lets the others carry the variety; a flight holds all but one (common practice: theme and flight
 * are opposites). What is held has no weight, and only goods that keep it may be picked.
 */

/** Which axes each theme holds, for cheeses and for meats. */
const THEME_HOLDS: Record<NonNullable<Brief['theme']>['holds'], Record<Main['kind'], readonly AxisId[]>> = {
  milk: { cheese: ['milk'], meat: [] },
  family: { cheese: ['texture', 'firmness'], meat: [] },
  region: { cheese: ['origin'], meat: ['origin'] },
  colour: { cheese: ['sight'], meat: [] },
  flavour: { cheese: ['flavour'], meat: [] },
};

/** The one axis that each flight spreads. */
const FLIGHT_SPREADS: Record<NonNullable<Brief['flight']>['kind'], AxisId> = {
  vertical: 'age',
  'face-off': 'origin',
};

export function heldAxes(brief: Brief, kind: Main['kind']): ReadonlySet<AxisId> {
  if (brief.flight && kind === 'cheese') {
    const spread = FLIGHT_SPREADS[brief.flight.kind];
    return new Set(CHEESE_AXIS_IDS.filter((id) => id !== spread));
  }
  return new Set(brief.theme ? THEME_HOLDS[brief.theme.holds][kind] : []);
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** What keeps to each theme. A blend keeps to a milk only if it is that milk through and through. */
const KEEPS: Record<NonNullable<Brief['theme']>['holds'], (main: Main, is: string) => boolean> = {
  milk: (main, is) => main.kind !== 'cheese' || (main.milk.length === 1 && main.milk[0]!.animal === is),
  family: (main, is) => main.kind !== 'cheese' || main.texture === is,
  region: (main, is) => same(main.origin.region, is) || same(main.origin.country, is),
  colour: (main, is) => main.kind !== 'cheese' || sightOf(main) === is,
  flavour: (main, is) => main.kind !== 'cheese' || main.flavours.some((f) => f === is),
};

/** May this good stand on a board with this theme or flight? */
export function keepsTheme(main: Main, { theme, flight }: Brief): boolean {
  if (flight && main.kind === 'cheese')
    return (flight.kind === 'vertical' ? isOfLine : isOfStyle)(main, flight.of);
  return !theme || KEEPS[theme.holds](main, theme.is);
}
