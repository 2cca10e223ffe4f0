import ical, { ICalAlarmType } from 'ical-generator';
import { workWords } from '../words/clock';
import { say } from '../language/say';
import type { Day } from './useDay';

/** Minutes before the time at which the calendar rings. */
const RINGS_BEFORE = 5;
const LEAST = 5;

/**
 * The day as a calendar (RFC 5545): when to begin, what leaves the cold, what is brought and taken away, each as an instant
 * that any calendar shows in its own zone.
 */
export function calendarOf(
  day: Day,
  order: { id: string; title: string; place: string },
  hours: number,
): string {
  const calendar = ical({ name: order.title, prodId: { company: 'Rotula', product: 'clock' } });
  const add = (id: string, summary: string, from: number, to: number, rings: boolean) => {
    const event = calendar.createEvent({
      id: `${order.id}-${id.replace(/[^a-z0-9-]+/gi, '-')}@rotula`,
      start: day.wall.instant(from),
      end: day.wall.instant(Math.max(to, from + LEAST)),
      summary,
      location: order.place,
    });
    if (rings) event.createAlarm({ type: ICalAlarmType.display, trigger: RINGS_BEFORE * 60 });
  };
  const begins = Math.min(...day.shifts.map(({ start }) => start));
  add('begin', say`${order.title}: begin`, begins, begins + LEAST, true);
  add('served', say`${order.title}: served`, 0, hours * 60, true);
  const kinds = ['take out', 'oven', 'travel', 'bring out', 'take away'];
  for (const { task, start, end } of day.shifts)
    if (kinds.includes(task.kind))
      add(task.id, workWords(task, day.goodsOf), start, end, task.kind !== 'travel');
  return calendar.toString();
}
