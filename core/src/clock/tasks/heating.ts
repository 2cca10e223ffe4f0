import { hotRow } from '../../cut/index.js';
import { task, type Task, type TasksInput } from './task.js';

/** What is served hot: made ready, in the oven, cooling. */
export function heating({ hot }: TasksInput): Task[] {
  return hot.flatMap(({ good, way }) => {
    const row = hotRow(way);
    const about = { goods: [good.id], hot: way };
    return [
      task({ id: `hot:${good.id}`, kind: 'prepare hot', minutes: row.prepare, after: ['fetch'], ...about }),
      task({
        id: `oven:${good.id}`,
        kind: 'oven',
        minutes: row.bakes,
        hands: 0,
        oven: 1,
        heat: row.oven,
        after: [`hot:${good.id}`],
        endsBefore: row.cools > 0 ? 0 : row.eatenFrom,
        within: row.within + row.bakes + row.cools,
        ...about,
      }),
      ...(row.cools > 0
        ? [
            task({
              id: `cool:${good.id}`,
              kind: 'cool',
              minutes: row.cools,
              hands: 0,
              after: [`oven:${good.id}`],
              ...about,
            }),
          ]
        : []),
    ];
  });
}

/** The work after which a hot good may be laid; null: it is not served hot. */
export const outOfTheOven = (id: string, hot: TasksInput['hot']): string | null => {
  const found = hot.find(({ good }) => good.id === id);
  return found ? `${hotRow(found.way).cools > 0 ? 'cool' : 'oven'}:${id}` : null;
};
