import { readyOf } from './atTheCounter.js';
import { task, type Task, type TasksAsked } from './task.js';

/** Wrapping, loading, the way and setting up; nothing where nothing travels. */
export function travelling({ party, way, minutes, boards, cuts }: TasksAsked): Task[] {
  const { journey } = party;
  if (!journey) return [];
  const there = way === 'where it is served';
  return [
    ...(there
      ? []
      : [task({ id: 'wrap', kind: 'wrap', minutes: minutes.wrap * Math.max(1, boards.length) })]),
    task({
      id: 'load',
      kind: 'load',
      minutes: minutes.load,
      after: there ? cuts.map(({ goodId }) => readyOf(goodId, cuts)) : ['wrap'],
    }),
    task({
      id: 'travel',
      kind: 'travel',
      minutes: journey.arrives - journey.leaves,
      after: ['load'],
      fixed: journey.leaves,
    }),
    task({ id: 'set-up', kind: 'set up', minutes: minutes.setUp, after: ['travel'] }),
  ];
}
