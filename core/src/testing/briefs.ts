import { Brief } from '../brief/brief.js';

/** A brief for tests: twelve guests on a day, with all that a test does not care about as it is by itself. */
export const aBrief = (more: Record<string, unknown> = {}): Brief =>
  Brief.parse({ servingAt: '2026-11-28T18:30', guests: { adults: 12 }, ...more });
