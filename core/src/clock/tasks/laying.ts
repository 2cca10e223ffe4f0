import { baseOf, BUILD_SCHOOLS, stepOf, type BuildStep, type Thing } from '../../lay/index.js';
import { readyOf } from './atTheCounter.js';
import { isOuting } from '../outings.js';
import type { Standing } from '../standing.js';
import { outOfTheOven } from './heating.js';
import { LATE, straightShare, task, type Task, type TasksInput } from './task.js';

/** In which order the board is built; knives lie with what they cut, green comes last of all. */
const LAID_IN: readonly BuildStep[] = BUILD_SCHOOLS['anchors first'].filter(
  (step) => step !== 'knives' && step !== 'garnish',
);

/** What it takes to lay a good, wherever it lies. */
interface Work {
  readonly step: BuildStep;
  readonly late: boolean;
  minutes: number;
}

function worksOf(things: readonly Thing[], each: (thing: Thing) => number): ReadonlyMap<string, Work> {
  const works = new Map<string, Work>();
  for (const thing of things) {
    if (thing.traits.kind === 'tool') continue;
    const id = baseOf(thing);
    const known = works.get(id);
    if (known) known.minutes += each(thing);
    else works.set(id, { step: stepOf(thing), late: thing.traits.late, minutes: each(thing) });
  }
  return works;
}

/** On which boards a piece of work is done: on all, on those that go back into the cold, on those that find no room there. */
type On = 'all' | 'in the cold' | 'straight';

/** What one step of the build lays together. */
interface Group {
  readonly id: string;
  readonly goods: readonly string[];
  readonly late: boolean;
}

/** What is kept cold is set down last, however it is filled; what only softens is laid late. */
function groupsOf(step: BuildStep, works: ReadonlyMap<string, Work>, { hot, standing }: TasksInput): Group[] {
  const goods = [...works.keys()].filter((id) => works.get(id)!.step === step);
  const isLate = (id: string) => works.get(id)!.late;
  // What is laid before it must leave the cold is out longer than it needs: each cheese and meat is work of its own.
  if (step === 'cheeses' || step === 'meats')
    return goods.map((id) => ({
      id: `lay:${id}`,
      goods: [id],
      late: isLate(id) || outOfTheOven(id, hot) !== null,
    }));
  const idsOf = (test: (one: Standing) => boolean) =>
    new Set(standing.filter(test).map(({ good }) => good.id));
  const cold = idsOf(({ servedCold }) => servedCold);
  const soft = idsOf((one) => !isOuting(one) && !one.servedCold);
  return [
    ...[false, true].map((late) => ({
      id: `lay:${step}${late ? ':late' : ''}`,
      goods: goods.filter((id) => !cold.has(id) && (soft.has(id) || isLate(id)) === late),
      late,
    })),
    { id: `lay:${step}:cold`, goods: goods.filter((id) => cold.has(id)), late: true },
  ].filter(({ goods: some }) => some.length > 0);
}

/** What has no room in the cold is out of it from when it is laid, minutes before serving; a cold van takes it in again. null: there is room. */
function straightFrom({ places, boardOut, party }: TasksInput): number | null {
  if (straightShare(places) === 0 || boardOut === null) return null;
  return -(party.journey?.chilled ? Math.min(party.journey.leaves, boardOut) : boardOut);
}

/** The work of one group, on these boards. */
function layWork(
  input: TasksInput,
  { id, goods, late }: Group,
  step: BuildStep,
  on: On,
  of: { readonly minutes: number; readonly before: readonly string[]; readonly due: number | null },
): Task {
  const { cuts, hot } = input;
  const isCold = input.standing.some(({ good, servedCold }) => servedCold && good.id === goods[0]);
  const { travels, there } = whereLaid(input);
  return task({
    id: on === 'straight' ? `${id}:straight` : id,
    boards: on === 'all' ? null : on,
    kind: isCold ? 'lay cold' : 'lay',
    step,
    hot: hot.find(({ good }) => goods.includes(good.id))?.way ?? null,
    goods,
    minutes: of.minutes,
    after: [
      ...new Set([
        ...goods.map((good) => outOfTheOven(good, hot) ?? readyOf(good, cuts)),
        ...of.before,
        ...(there ? ['set-up'] : []),
      ]),
    ],
    within: late && !(travels && !there) ? LATE[isCold ? 'cold' : 'lay'] : null,
    due: of.due,
  });
}

const whereLaid = ({ party, way }: TasksInput) => {
  const travels = party.journey !== null;
  return { travels, there: travels && way === 'where it is served' };
};

/** Garnish comes last of all, but for what comes from the oven. */
function garnishing(input: TasksInput, laid: readonly Task[]): Task[] {
  const greens = input.boards.flatMap(({ things }) => things.filter((thing) => stepOf(thing) === 'garnish'));
  if (greens.length === 0) return [];
  const { travels, there } = whereLaid(input);
  return [
    task({
      id: 'garnish',
      kind: 'garnish',
      minutes: input.minutes.garnish * input.many,
      goods: [...new Set(greens.map(baseOf))],
      after: laid.filter(({ kind, hot }) => kind === 'lay' && hot === null).map(({ id }) => id),
      within: travels && !there ? null : LATE.garnish,
    }),
  ];
}

/** Laying the board step by step: each cheese and meat by itself, what comes late apart. */
export function laying(input: TasksInput): Task[] {
  const { boards, between, many, minutes, way, outings, places } = input;
  const once = ({ lies }: Thing) =>
    lies === 'whole' ? minutes.layWhole : lies === 'vessel' ? minutes.layVessel : minutes.layPatch;
  const things = boards.flatMap((board) => board.things);
  const works = new Map([...worksOf(things, (thing) => many * once(thing)), ...worksOf(between, once)]);
  const straight = straightShare(places);
  const from = straightFrom(input);
  // What is laid straight before it leaves is built by itself.
  const ready: Record<On, Set<string>> = { all: new Set(), 'in the cold': new Set(), straight: new Set() };
  const tasks = LAID_IN.flatMap((step) => {
    const before = {
      all: [...ready.all],
      'in the cold': [...ready['in the cold']],
      straight: [...ready.straight],
    };
    return groupsOf(step, works, input).flatMap((group) => {
      const outing = outings.find(
        ({ good, wave, plate }) => good.id === group.goods[0] && wave.number === 1 && plate === null,
      );
      const work = group.goods.reduce((sum, good) => sum + works.get(good)!.minutes, 0);
      const lay = (on: On, share: number, due: number | null) => {
        const made = layWork(input, group, step, on, { minutes: share * work, before: before[on], due });
        if (!group.late) ready[on].add(made.id);
        return made;
      };
      if (from === null) {
        const due = way === 'whole board' || !outing || outing.out >= 0 ? null : -outing.out;
        return [lay('all', 1, due)];
      }
      return [
        ...(straight < 1 ? [lay('in the cold', 1 - straight, null)] : []),
        lay('straight', straight, from),
      ];
    });
  });
  return [...tasks, ...garnishing(input, tasks)];
}
