import type { Brief } from './brief.js';
import type { House } from './house.js';

/** A brief in which every school is chosen: the order's own, else the house's. A flight leaves no place to a cover. */
export function settled(brief: Brief, house: House): Brief {
  const { cover, aim, company } = brief.schools;
  return {
    ...brief,
    schools: {
      cover: brief.flight ? 'free' : (cover ?? house.cover),
      aim: aim ?? house.aim,
      company: brief.flight ? 'free' : (company ?? house.company),
    },
  };
}
