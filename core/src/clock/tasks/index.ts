import { atTheCounter } from './atTheCounter.js';
import { byTheClock } from './byTheClock.js';
import { drinking } from './drinking.js';
import { heating } from './heating.js';
import { laying } from './laying.js';
import { AFTER_PLATES, ownPlates } from './ownPlates.js';
import type { Task, TaskKind, TasksInput } from './task.js';
import { travelling } from './travelling.js';

export { runsOf } from './task.js';
export type { Places, Task, TaskKind, TasksInput } from './task.js';

/** What must be done before a piece of work, where it is not said with the work itself. */
function tiesOf(
  { kind, id, job }: Task,
  tasks: readonly Task[],
  { party, way }: TasksInput,
): readonly string[] {
  const there = party.journey !== null && way === 'where it is served';
  const ids = (...kinds: readonly TaskKind[]) =>
    tasks.filter((one) => kinds.includes(one.kind)).map((one) => one.id);
  if (AFTER_PLATES.includes(kind))
    return [
      ...ids('own plate'),
      // What comes late is done where it is served.
      ...(kind === 'wash and cut' && job.within !== null && there ? ['set-up'] : []),
    ];
  if (id === 'wrap') return [...ids('lay', 'lay cold', 'garnish'), 'cards'];
  // What comes hot or cold comes last of all.
  const laid = () =>
    tasks
      .filter((one) => (one.kind === 'lay' && one.hot === null) || one.kind === 'garnish')
      .map((one) => one.id);
  if (id === 'ice') return party.journey ? [...(there ? laid() : []), 'set-up'] : laid();
  if (id === 'open-bottles' && party.journey) return ['set-up'];
  return [];
}

/** The whole day's work, with what a person said of it. */
export function tasksFor(input: TasksInput): Task[] {
  if (input.mains.length === 0) return [];
  const { own, moved, dropped, party, way } = input;
  const all = [
    ...ownPlates(input),
    ...atTheCounter(input),
    ...laying(input),
    ...travelling(input),
    ...drinking(input),
    ...heating(input),
    ...byTheClock(input),
  ].filter(({ id }) => !dropped.includes(id));
  const known = new Set(all.map(({ id }) => id));
  // On a board that travels finished all is cut and set out before it leaves.
  const cutAhead = party.journey !== null && way !== 'where it is served';
  return all.map((one) => {
    const { job, id, kind } = one;
    const ties = tiesOf(one, all, input);
    const before = ties.length > 0 ? [...new Set([...job.after, ...ties])] : job.after;
    const after = before.every((work) => known.has(work)) ? before : before.filter((work) => known.has(work));
    const within = cutAhead && (kind === 'wash and cut' || kind === 'fill') ? null : job.within;
    const minutes = own[id] ?? job.minutes;
    const fixed = moved[id] ?? job.fixed;
    const asItIs =
      after === job.after && within === job.within && minutes === job.minutes && fixed === job.fixed;
    return asItIs ? one : { ...one, job: { ...job, after, within, minutes, fixed } };
  });
}
