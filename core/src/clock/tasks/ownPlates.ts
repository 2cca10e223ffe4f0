import { task, type Task, type TaskKind, type TasksInput } from './task.js';

/** What is cut and set out for the shared board: none of it before the own plates are done. */
export const AFTER_PLATES: readonly TaskKind[] = ['unwrap', 'cut', 'slice', 'wash and cut', 'fill'];

/**
 * Own plates are cut first, with what is clean: the slicer is stripped before one of them is sliced. Common practice, no source;
 * an allergen is carried over by whatever was cut before (docs/safety.md).
 */
export function ownPlates({ plateWorks, minutes }: TasksInput): Task[] {
  const strips = plateWorks.some(({ slices }) => slices);
  return [
    ...(strips
      ? [
          task({
            id: 'strip-slicer',
            kind: 'strip slicer',
            minutes: minutes.slicerClean,
          }),
        ]
      : []),
    ...plateWorks.flatMap(({ goods, seconds, slices }, i) =>
      goods.length === 0
        ? []
        : task({
            id: `plate:${i}`,
            kind: 'own plate',
            plate: i,
            forPlates: goods,
            minutes: seconds / 60 + minutes.layPatch,
            after: slices ? ['fetch', 'strip-slicer'] : ['fetch'],
          }),
    ),
  ];
}
