import { isMeat } from '../../counter/index.js';
import { produceCut, type Cut } from '../../cut/index.js';
import { LATE, task, type Task, type TasksInput } from './task.js';

/** Cards are written before the last rush. The house's own figure. */
const CARDS_BEFORE = 15;

/** What browns or dries is got ready late. */
function besideTask({ good, net }: TasksInput['companions'][number]): Task {
  const { seconds, when } = produceCut(good, net);
  return task({
    id: `beside:${good.id}`,
    kind: ['fruit', 'vegetable', 'bread'].includes(good.role) ? 'wash and cut' : 'fill',
    minutes: seconds / 60,
    goods: [good.id],
    within: when === 'ahead' ? null : LATE[when],
  });
}

/** Work that is done in one go at the counter before anything is laid. */
export function atTheCounter({ mains, cuts, companions, minutes, inPaper, hot }: TasksInput): Task[] {
  // What is baked whole is made ready for the oven instead.
  const baked = new Set(hot.map(({ good }) => good.id));
  const sliced = mains.filter((main, i) => isMeat(main) && cuts[i]!.knife === 'slicer');
  return [
    task({
      id: 'fetch',
      kind: 'fetch',
      minutes: minutes.fetch,
      goods: mains.map(({ id }) => id),
    }),
    ...mains.flatMap((main, i) => {
      const cut = cuts[i]!;
      if (baked.has(main.id)) return [];
      return cut.whole
        ? task({
            id: `unwrap:${main.id}`,
            kind: 'unwrap',
            minutes: minutes.unwrap,
            goods: [main.id],
            after: ['fetch'],
            // A face that is bare dries.
            within: inPaper ? LATE.lay : null,
          })
        : task({
            id: `cut:${main.id}`,
            kind: sliced.includes(main) ? 'slice' : 'cut',
            minutes: cut.seconds / 60,
            goods: [main.id],
            after: ['fetch'],
          });
    }),
    ...(sliced.length > 0
      ? [
          task({
            id: 'clean-slicer',
            kind: 'clean slicer',
            minutes: minutes.slicerClean,
            after: sliced.map(({ id }) => `cut:${id}`),
          }),
        ]
      : []),
    ...companions.map(besideTask),
    ...(mains.length > 0
      ? [
          task({
            id: 'cards',
            kind: 'cards',
            minutes: minutes.card * mains.length,
            endsBefore: CARDS_BEFORE,
          }),
        ]
      : []),
  ];
}

/** The work after which a good may be laid. */
export const readyOf = (id: string, cuts: readonly Cut[]): string => {
  const cut = cuts.find(({ goodId }) => goodId === id);
  return cut ? `${cut.whole ? 'unwrap' : 'cut'}:${id}` : `beside:${id}`;
};
