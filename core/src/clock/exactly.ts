import { scheduleDay } from './schedule/schedule.js';
import type { Solver } from './timing.js';
import { exactly } from './warming/exactly.js';

/** Every good warmed by series and sections, and the day searched: for a worker, the papers and the API. */
export const EXACTLY: Solver = { reckon: exactly, day: scheduleDay, exact: true };
