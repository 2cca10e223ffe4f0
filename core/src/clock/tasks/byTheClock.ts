import { isOuting } from '../outings.js';
import type { Standing } from '../standing.js';
import { LATE, task, type Task, type TasksInput } from './task.js';

/** Goods that leave the cold within this many minutes of each other are fetched in one go. */
const TOGETHER = 5;

/** What leaves the cold at about the same time for the same wave is fetched in one go. */
function fetchedTogether(all: readonly Standing[]): Standing[][] {
  const groups: Standing[][] = [];
  for (const one of [...all].sort((a, b) => a.out - b.out || (a.key < b.key ? -1 : 1))) {
    const open = groups.at(-1);
    if (open && one.out - open[0]!.out <= TOGETHER && open[0]!.wave.number === one.wave.number)
      open.push(one);
    else groups.push([one]);
  }
  return groups;
}

/** What the clock itself says: when each good leaves the cold, when each wave is brought and taken away. */
export function byTheClock({ outings, standing, party, boxed, minutes }: TasksInput): Task[] {
  // A bowl of what is served cold leaves it as it is laid or brought.
  const fetched = standing.filter(({ servedCold, plate }) => !servedCold || plate !== null);
  const board = standing.filter(({ plate }) => plate === null);
  const waves = party.waves.filter(({ number }) => board.some(({ wave }) => wave.number === number));
  return [
    ...fetchedTogether(fetched).map((group) =>
      task({
        id: `out:${group[0]!.key}`,
        kind: 'take out',
        hands: 0,
        wave: group[0]!.wave.number,
        minutes: minutes.takeOut * group.length,
        goods: group.flatMap(({ good, plate }) => (plate === null ? [good.id] : [])),
        forPlates: [...new Set(group.flatMap(({ good, plate }) => (plate === null ? [] : [good.id])))],
        // Cut while it is cold, then let it stand.
        after: group.flatMap((one) =>
          one.plate !== null
            ? [`plate:${one.plate}`]
            : !isOuting(one)
              ? [`beside:${one.good.id}`]
              : one.thing.lies !== 'whole'
                ? [`cut:${one.good.id}`]
                : [],
        ),
        fixed: group[0]!.out,
      }),
    ),
    ...(outings.length > 0 && !boxed
      ? [task({ id: 'ice', kind: 'break the ice', minutes: minutes.open, within: LATE.ice })]
      : []),
    ...waves
      .filter(({ number }) => number > 1)
      .map(({ number, on }) =>
        task({
          id: `bring:${number}`,
          kind: 'bring out',
          wave: number,
          minutes: minutes.topUp,
          fixed: on - Math.max(1, Math.round(minutes.topUp)),
          goods: board.filter(({ wave }) => wave.number === number).map(({ good }) => good.id),
        }),
      ),
    ...waves.map(({ number, on, off }) => {
      const own = board.filter(({ wave }) => wave.number === number);
      return task({
        id: `away:${number}`,
        kind: 'take away',
        wave: number,
        minutes: minutes.takeAway,
        fixed: Math.max(on, Math.min(off, ...own.map(({ offBy }) => offBy))),
        goods: own.map(({ good }) => good.id),
      });
    }),
  ];
}
