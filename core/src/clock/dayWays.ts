import type { TimingQuestion } from './timing.js';
import { runsOf } from './tasks/index.js';
import { timingOf } from './timing.js';

/** What helps where the work does not fit: whom to add, or what to leave out; with what is then still begun too early, minutes. */
export interface DayWay {
  readonly id:
    'one pair of hands more' | 'one place at the bench more' | 'one car more' | 'leave out' | 'begin earlier';
  /** The work that is left out. */
  readonly task: string | null;
  readonly tooEarly: number;
}

/** Work that a day can do without, the first it would miss least. Common practice, no source. */
const DROPPED_FIRST = ['cards', 'garnish', 'beside:', 'ice'];
const MOST_DROPS = 5;

/** Each tried by itself and planned through, the best first; empty where everything is done in its time. */
export function dayWays(question: TimingQuestion): DayWay[] {
  const now = timingOf(question);
  if (now.day.cost.tooEarly === 0) return [];
  const tooEarly = (changed: Partial<TimingQuestion>) =>
    timingOf({ ...question, ...changed }).day.cost.tooEarly;
  const drops = DROPPED_FIRST.flatMap((id) => now.tasks.filter((task) => task.id.startsWith(id)))
    .slice(0, MOST_DROPS)
    .map((task): DayWay => ({
      id: 'leave out',
      task: task.id,
      tooEarly: tooEarly({ dropped: [...question.dropped, task.id] }),
    }));
  const { room } = question;
  // Where each pair of hands has a place at the bench, the next one has.
  const more = {
    ...room,
    hands: room.hands + 1,
    benches: room.benches < room.hands ? room.benches : room.benches + 1,
  };
  const hands: DayWay = { id: 'one pair of hands more', task: null, tooEarly: tooEarly({ room: more }) };
  const place: DayWay[] =
    room.benches < room.hands
      ? [
          {
            id: 'one place at the bench more',
            task: null,
            tooEarly: tooEarly({ room: { ...room, benches: room.benches + 1 } }),
          },
        ]
      : [];
  // Another car wants another driver.
  const car: DayWay[] =
    question.party.journey && runsOf(question.places) > room.cars && room.cars < room.hands
      ? [{ id: 'one car more', task: null, tooEarly: tooEarly({ room: { ...room, cars: room.cars + 1 } }) }]
      : [];
  const earlier: DayWay[] =
    question.mostBefore === null
      ? []
      : [{ id: 'begin earlier', task: null, tooEarly: tooEarly({ mostBefore: null }) }];
  return [hands, ...place, ...car, ...earlier, ...drops]
    .filter((way) => way.tooEarly < now.day.cost.tooEarly)
    .sort((a, b) => a.tooEarly - b.tooEarly);
}
