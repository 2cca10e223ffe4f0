import type { DrinkPortion } from '../../amount/index.js';
import type { TaskFigure } from '../../brief/index.js';
import type { Companion, Good, Main } from '../../counter/index.js';
import type { Cut } from '../../cut/index.js';
import type { BuildStep, LaidBoard, Thing } from '../../lay/index.js';
import type { PlateWork } from '../../plate/index.js';
import type { Outing } from '../outings.js';
import type { Standing } from '../standing.js';
import type { Party } from '../party.js';
import { PLAIN_JOB, type Job, type Room } from '../schedule/job.js';
import type { HotWay } from '../../cut/index.js';
import type { WarmingWay } from '../words.js';

export type TaskKind =
  | 'fetch'
  | 'unwrap'
  | 'cut'
  | 'slice'
  | 'clean slicer'
  | 'strip slicer'
  | 'own plate'
  | 'wash and cut'
  | 'fill'
  | 'cards'
  | 'lay'
  | 'lay cold'
  | 'garnish'
  | 'wrap'
  | 'load'
  | 'there and back'
  | 'travel'
  | 'set up'
  | 'chill'
  | 'ice bottles'
  | 'open bottles'
  | 'prepare hot'
  | 'oven'
  | 'cool'
  | 'take out'
  | 'break the ice'
  | 'bring out'
  | 'take away';

/** A piece of the day's work. Its job is what the schedule knows of it. */
export interface Task {
  readonly id: string;
  readonly kind: TaskKind;
  /** What it is about, by id. */
  readonly goods: readonly string[];
  /** What of it goes onto own plates: the same good may lie on the board too. */
  readonly forPlates: readonly string[];
  /** The own plate that it is all about, by its place; null: none. */
  readonly plate: number | null;
  readonly step: BuildStep | null;
  readonly hot: HotWay | null;
  /** Number of the wave that it brings or clears. */
  readonly wave: number | null;
  /** Which of the boards it is work on; null: all. */
  readonly boards: 'in the cold' | 'straight' | null;
  readonly job: Job;
}

/** Where finished boards find room. */
export interface Places {
  readonly boards: number;
  /** How many of them wait in the cold at once; the others are laid straight before they leave. */
  readonly inCold: number;
  /** How many of them go into a car at once. */
  readonly inCar: number;
}

/** The share of the boards that finds no room in the cold. */
export const straightShare = ({ boards, inCold }: Places): number => Math.max(0, boards - inCold) / boards;
/** Runs of a car that carry them all. */
export const runsOf = ({ boards, inCar }: Places): number => Math.ceil(boards / inCar);

export interface TasksInput {
  readonly mains: readonly Main[];
  readonly cuts: readonly Cut[];
  readonly companions: readonly { readonly good: Companion; readonly net: number }[];
  readonly drinks: readonly DrinkPortion[];
  readonly boards: readonly Pick<LaidBoard, 'key' | 'things'>[];
  /** What stands between boards that are alike, once. */
  readonly between: readonly Thing[];
  /** How many boards of each are alike. */
  readonly many: number;
  readonly party: Party;
  readonly way: WarmingWay;
  /** How the finished boards wait and travel. */
  readonly places: Places;
  readonly room: Pick<Room, 'cars'>;
  /** When a board that goes out as one leaves the cold; null: each good by itself. */
  readonly boardOut: number | null;
  /** Everyone opens a box of their own: nobody opens anything for them. */
  readonly boxed: boolean;
  /** Whole pieces stay in their paper until late. */
  readonly inPaper: boolean;
  readonly outings: readonly Outing[];
  /** They and what is served cold beside them. */
  readonly standing: readonly Standing[];
  /** Nobody works longer before serving; null: at any time. */
  readonly mostBefore: number | null;
  readonly hot: readonly { readonly good: Good; readonly way: HotWay }[];
  /** What each own plate asks for at the counter. */
  readonly plateWorks: readonly PlateWork[];
  readonly minutes: Readonly<Record<TaskFigure, number>>;
  /** What a person said of a task, by its id: how long it takes, when it begins, that it is not done. */
  readonly own: Readonly<Record<string, number>>;
  readonly moved: Readonly<Record<string, number>>;
  readonly dropped: readonly string[];
}

/** How long before serving what browns or dries may be begun. Common practice, no source. */
export const LATE = { last: 30, late: 45, garnish: 25, lay: 35, cold: 10, ice: 10, bottles: 30 };

type Rough = Omit<Task, 'job' | 'goods' | 'forPlates' | 'plate' | 'step' | 'hot' | 'wave' | 'boards'> &
  Partial<Pick<Task, 'goods' | 'forPlates' | 'plate' | 'step' | 'hot' | 'wave' | 'boards'>> & {
    readonly minutes: number;
  } & Partial<Omit<Job, 'id' | 'minutes'>>;

/** Work that takes a place at the bench. */
const AT_BENCH: readonly TaskKind[] = [
  'unwrap',
  'cut',
  'slice',
  'clean slicer',
  'strip slicer',
  'own plate',
  'wash and cut',
  'fill',
  'prepare hot',
];

/** A piece of work with what is usual where nothing is said. Written out: a day has sixty of them, at every edit. */
export function task(rough: Rough): Task {
  const {
    id,
    kind,
    goods = [],
    forPlates = [],
    plate = null,
    step = null,
    hot = null,
    wave = null,
    boards = null,
  } = rough;
  const job: Job = {
    id,
    minutes: Math.max(1, Math.round(rough.minutes)),
    hands: rough.hands ?? PLAIN_JOB.hands,
    bench: AT_BENCH.includes(kind) ? 1 : 0,
    car: rough.car ?? PLAIN_JOB.car,
    oven: rough.oven ?? PLAIN_JOB.oven,
    heat: rough.heat ?? PLAIN_JOB.heat,
    after: rough.after ?? PLAIN_JOB.after,
    endsBefore: rough.endsBefore ?? PLAIN_JOB.endsBefore,
    within: rough.within ?? PLAIN_JOB.within,
    due: rough.due ?? PLAIN_JOB.due,
    fixed: rough.fixed ?? PLAIN_JOB.fixed,
  };
  return { id, kind, goods, forPlates, plate, step, hot, wave, boards, job };
}
