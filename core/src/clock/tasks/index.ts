import { atTheCounter } from './atTheCounter.js';
import { byTheClock } from './byTheClock.js';
import { drinking } from './drinking.js';
import { heating } from './heating.js';
import { laying } from './laying.js';
import type { Task, TaskKind, TasksAsked } from './task.js';
import { travelling } from './travelling.js';

export type { Task, TaskKind, TasksAsked } from './task.js';

/** What must be done before what, where it is not said with the work itself. */
function tied(tasks: readonly Task[], { party, way }: TasksAsked): Task[] {
  const ids = (...kinds: readonly TaskKind[]) =>
    tasks.filter(({ kind }) => kinds.includes(kind)).map(({ id }) => id);
  const laid = ids('lay', 'garnish');
  const more = (one: Task): readonly string[] => {
    if (one.id === 'wrap') return [...laid, ...ids('lay cold'), 'cards'];
    if (one.id === 'ice')
      return party.journey ? [...(way === 'where it is served' ? laid : []), 'set-up'] : laid;
    if (one.id === 'open-bottles' && party.journey) return ['set-up'];
    // What comes late is done where it is served.
    if (
      one.kind === 'wash and cut' &&
      one.job.within !== null &&
      party.journey &&
      way === 'where it is served'
    )
      return ['set-up'];
    return [];
  };
  const known = new Set(tasks.map(({ id }) => id));
  return tasks.map((one) => ({
    ...one,
    job: {
      ...one.job,
      after: [...new Set([...one.job.after, ...more(one)])].filter((id) => known.has(id)),
      // On a board that travels finished all is cut before it leaves.
      within:
        party.journey && way !== 'where it is served' && one.kind === 'wash and cut' ? null : one.job.within,
    },
  }));
}

/** The whole day's work, with what a person said of it. */
export function tasksFor(asked: TasksAsked): Task[] {
  if (asked.mains.length === 0) return [];
  const { own, moved, dropped } = asked;
  const all = [
    ...atTheCounter(asked),
    ...laying(asked),
    ...travelling(asked),
    ...drinking(asked),
    ...heating(asked),
    ...byTheClock(asked),
  ].filter(({ id }) => !dropped.includes(id));
  return tied(all, asked).map((one) => ({
    ...one,
    job: {
      ...one.job,
      minutes: own[one.id] ?? one.job.minutes,
      fixed: moved[one.id] ?? one.job.fixed,
    },
  }));
}
