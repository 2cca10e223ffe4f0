import { readyOf } from './atTheCounter.js';
import { runsOf, task, type Task, type TasksInput } from './task.js';

/**
 * Wrapping, loading, the way and setting up; nothing where nothing travels. What one run does not carry goes before: the car
 * comes back for the rest, unless there is another.
 */
export function travelling({ party, way, minutes, boards, cuts, places, room }: TasksInput): Task[] {
  const { journey } = party;
  if (!journey) return [];
  const there = way === 'where it is served';
  const onTheWay = journey.arrives - journey.leaves;
  const runs = there ? 1 : runsOf(places);
  const together = Math.min(runs, room.cars);
  const before = Array.from({ length: runs - together }, (_, i) => i + 1);
  const beside = Array.from({ length: together - 1 }, (_, i) => before.length + i + 1);
  const load = (run: number | null, after: readonly string[]) =>
    task({ id: run === null ? 'load' : `load:${run}`, kind: 'load', minutes: minutes.load, car: 1, after });
  const drive = (run: number | null) =>
    task({
      id: run === null ? 'travel' : `travel:${run}`,
      kind: 'travel',
      minutes: onTheWay,
      car: 1,
      after: [run === null ? 'load' : `load:${run}`],
      fixed: journey.leaves,
    });
  return [
    ...(there
      ? []
      : [task({ id: 'wrap', kind: 'wrap', minutes: minutes.wrap * Math.max(1, boards.length) })]),
    ...before.flatMap((run) => [
      load(run, ['wrap']),
      task({
        id: `there-and-back:${run}`,
        kind: 'there and back',
        minutes: 2 * onTheWay,
        car: 1,
        after: [`load:${run}`],
      }),
    ]),
    ...beside.flatMap((run) => [load(run, ['wrap']), drive(run)]),
    load(
      null,
      there
        ? cuts.map(({ goodId }) => readyOf(goodId, cuts))
        : ['wrap', ...before.map((run) => `there-and-back:${run}`)],
    ),
    drive(null),
    task({
      id: 'set-up',
      kind: 'set up',
      minutes: minutes.setUp,
      after: ['travel', ...beside.map((run) => `travel:${run}`)],
    }),
  ];
}
