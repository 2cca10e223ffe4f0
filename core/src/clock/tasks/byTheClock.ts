import type { Outing } from '../outings.js';
import { LATE, task, type Task, type TasksAsked } from './task.js';

/** Goods that leave the cold within so many minutes of each other are fetched in one go. */
const TOGETHER = 5;

/** What the clock itself says: when each good leaves the cold, when each wave is brought and taken away. */
export function byTheClock({ outings, party, minutes }: TasksAsked): Task[] {
  const groups: Outing[][] = [];
  for (const outing of [...outings].sort((a, b) => a.out - b.out || (a.key < b.key ? -1 : 1))) {
    const open = groups.at(-1);
    if (open && outing.out - open[0]!.out <= TOGETHER && open[0]!.wave.number === outing.wave.number)
      open.push(outing);
    else groups.push([outing]);
  }
  const board = outings.filter(({ plate }) => plate === null);
  const waves = party.waves.filter(({ number }) => board.some(({ wave }) => wave.number === number));
  return [
    ...groups.map((group) =>
      task({
        id: `out:${group[0]!.key}`,
        kind: 'take out',
        hands: 0,
        wave: group[0]!.wave.number,
        minutes: minutes.takeOut * group.length,
        goods: group.map(({ main }) => main.id),
        // Cut while it is cold, then let it stand.
        after: group.filter(({ thing }) => thing.lies !== 'whole').map(({ main }) => `cut:${main.id}`),
        fixed: group[0]!.out,
      }),
    ),
    ...(outings.length > 0
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
          goods: board.filter(({ wave }) => wave.number === number).map(({ main }) => main.id),
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
        goods: own.map(({ main }) => main.id),
      });
    }),
  ];
}
