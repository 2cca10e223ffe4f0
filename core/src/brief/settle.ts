import type { Brief } from './brief.js';
import type { House } from './house.js';
import { practiceWith } from './practice.js';
import { isSouthern } from './season.js';
import { meantLine, withAges, type Counted } from '../counter/index.js';

/** A brief in which every school is chosen: the order's own, else the house's. A flight leaves no place to a cover. */
export function settled(brief: Brief, house: House): Brief {
  const { cover, aim, company } = brief.schools;
  return {
    ...brief,
    south: isSouthern(house.country),
    practice: practiceWith(house.practice),
    shares: house.shares,
    country: house.country,
    schools: {
      cover: brief.flight ? 'free' : (cover ?? house.cover),
      aim: aim ?? house.aim,
      company: brief.flight ? 'free' : (company ?? house.company),
    },
  };
}

/**
 * A settled brief and its counter as a flight distinguishes them: a vertical by its line, each age of it a good of its own.
 * @param ids goods that the order names; one of them may name an age
 */
export function onCounter(
  brief: Brief,
  counter: Counted,
  ids: readonly string[],
): { brief: Brief; counter: Counted } {
  const { flight, servingAt } = brief;
  const line = flight?.kind === 'vertical' ? meantLine(counter, flight.of, servingAt) : null;
  return {
    brief:
      line === null || line === flight!.of ? brief : { ...brief, flight: { kind: 'vertical', of: line } },
    counter: withAges(counter, line, ids, servingAt),
  };
}
