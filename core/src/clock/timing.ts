import type { Main } from '../counter/index.js';
import type { Thing } from '../lay/index.js';
import { laidSooner, outingsFor, tightOf, type Outing, type OutingsInput } from './outings.js';
import { besideFor, besideSooner, type ColdInput, type Standing } from './standing.js';
import { setsOffAt } from './party.js';
import type { Room } from './schedule/job.js';
import { quickDay, type DayQuestion, type DaySchedule } from './schedule/quick.js';
import { runsOf, tasksFor, type Task, type TasksInput } from './tasks/index.js';
import { roughly, type SolveWarming } from './warming/warm.js';

/** All that decides when everything happens; plain data, so that a thread of its own can be asked. */
export interface TimingQuestion
  extends
    Omit<OutingsInput, 'thingOf' | 'hotIds' | 'setsOff'>,
    Pick<ColdInput, 'beside'>,
    Omit<TasksInput, 'outings' | 'standing' | 'mains' | 'party' | 'way' | 'inPaper' | 'room' | 'boardOut'> {
  /** As each cheese and meat lies in the first wave, and the share of it that this is. */
  readonly lies: Readonly<Record<string, Thing>>;
  readonly firstShare: number;
  readonly room: Room;
}

export interface Timing {
  readonly outings: readonly Outing[];
  /** They and what is served cold beside them: all that has a time to be gone. */
  readonly standing: readonly Standing[];
  /** The good that leaves least time at the table. */
  readonly tight: Outing | null;
  readonly tasks: readonly Task[];
  readonly day: DaySchedule;
  /** Warmed by series and sections, and the day searched; else the quick answers. */
  readonly exact: boolean;
}

/** Nodes of the exact search of a day: a fraction of a second. */
const NODES = 3000;

/** As much more or less of it, as it lies. */
const shareOf = (thing: Thing, by: number): Thing => ({
  ...thing,
  grams: thing.grams * by,
  area: thing.area * by,
  pieces: Math.max(1, Math.round(thing.pieces * by)),
});

/** How it is worked out; the exact one is EXACTLY (exactly.ts), apart, so that a page that only plans does without it. */
export interface Solver {
  readonly reckon: SolveWarming;
  readonly day: (question: DayQuestion) => DaySchedule;
  readonly exact: boolean;
}
const QUICKLY: Solver = { reckon: roughly, day: quickDay, exact: false };

/** When everything happens: what leaves the cold and when it is gone, and the day's work backwards from serving. */
export function timingOf(
  timingQuestion: TimingQuestion,
  { reckon, day: dayOf, exact }: Solver = QUICKLY,
): Timing {
  const { journey } = timingQuestion.party;
  const setsOff =
    journey &&
    setsOffAt(journey, runsOf(timingQuestion.places), timingQuestion.room.cars, timingQuestion.minutes.load);
  const outings = outingsFor(
    {
      ...timingQuestion,
      setsOff,
      hotIds: timingQuestion.hot.map(({ good }) => good.id),
      thingOf: (main: Main, wave) =>
        wave.number === 1
          ? timingQuestion.lies[main.id]!
          : shareOf(timingQuestion.lies[main.id]!, wave.share / timingQuestion.firstShare),
    },
    reckon,
  );
  const onBoard = outings.filter(({ wave, plate }) => wave.number === 1 && plate === null);
  const boardOut = timingQuestion.way === 'whole board' ? Math.min(...onBoard.map(({ out }) => out)) : null;
  const beside = besideFor({ ...timingQuestion, setsOff }, boardOut);
  const tasks = tasksFor({ ...timingQuestion, boardOut, outings, standing: [...outings, ...beside] });
  const question: DayQuestion = {
    jobs: tasks.map(({ job }) => job),
    room: timingQuestion.room,
    mostBefore: timingQuestion.mostBefore,
    nodes: NODES,
    seed: 1,
  };
  const day = dayOf(question);
  // Hands that lay it sooner have it out sooner; a board that goes out whole is laid cold, but for what has no room there.
  const laidAt = laidIn(
    timingQuestion.way === 'whole board' ? tasks.filter((task) => task.boards === 'straight') : tasks,
    day,
    timingQuestion.way === 'whole board' && journey?.chilled ? journey.arrives - journey.leaves : 0,
  );
  const real = laidSooner(outings, laidAt, reckon);
  return {
    outings: real,
    standing: [...real, ...besideSooner(beside, laidAt)],
    tight: tightOf(real),
    tasks,
    day,
    exact,
  };
}

/** When each good is laid, by id. @param cold minutes after it in the cold, which do not count */
function laidIn(tasks: readonly Task[], day: DaySchedule, cold: number): ReadonlyMap<string, number> {
  const at = new Map(day.placed.map(({ id, start }) => [id, start + cold]));
  const laid = new Map<string, number>();
  for (const { id, kind, goods } of tasks)
    if (kind === 'lay' || kind === 'lay cold')
      for (const good of goods) laid.set(good, Math.min(at.get(id)!, laid.get(good) ?? Infinity));
  return laid;
}
