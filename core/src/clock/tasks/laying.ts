import { baseOf, BUILD_SCHOOLS, stepOf, type BuildStep, type Thing } from '../../lay/index.js';
import { readyOf } from './atTheCounter.js';
import { isOuting } from '../outings.js';
import type { Standing } from '../standing.js';
import { outOfTheOven } from './heating.js';
import { LATE, straightShare, task, type Task, type TasksAsked } from './task.js';

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

/** Laying the board step by step: each cheese and meat by itself, what comes late apart. */
export function laying(asked: TasksAsked): Task[] {
  const { boards, between, many, cuts, minutes, way, outings, party, hot, places, boardOut } = asked;
  const things = boards.flatMap((board) => board.things);
  const once = ({ lies }: Thing) =>
    lies === 'whole' ? minutes.layWhole : lies === 'vessel' ? minutes.layVessel : minutes.layPatch;
  const travels = party.journey !== null;
  const there = travels && way === 'where it is served';
  const atPlace = there ? ['set-up'] : [];
  // What has no room in the cold is out of it from when it is laid; a cold van takes it in again.
  const straight = straightShare(places);
  const straightFrom =
    straight > 0 && boardOut !== null
      ? -(party.journey?.chilled ? Math.min(party.journey.leaves, boardOut) : boardOut)
      : null;
  // A bowl of what is kept cold is set down last, however it is filled.
  const idsOf = (asks: (one: Standing) => boolean) =>
    new Set(asked.standing.filter(asks).map(({ good }) => good.id));
  const cold = idsOf(({ servedCold }) => servedCold);
  const soft = idsOf((one) => !isOuting(one) && !one.servedCold);
  // What is laid straight before it leaves is built by itself.
  const ready = { all: new Set<string>(), 'in the cold': new Set<string>(), straight: new Set<string>() };
  const works = new Map([...worksOf(things, (thing) => many * once(thing)), ...worksOf(between, once)]);
  const isLate = (id: string) => works.get(id)!.late;
  const tasks = LAID_IN.flatMap((step) => {
    const goods = [...works.keys()].filter((id) => works.get(id)!.step === step);
    if (goods.length === 0) return [];
    // What is laid before it must leave the cold is out longer than it needs: each cheese and meat is work of its own.
    const groups =
      step === 'cheeses' || step === 'meats'
        ? goods.map((id) => ({
            id: `lay:${id}`,
            goods: [id],
            late: isLate(id) || outOfTheOven(id, hot) !== null,
          }))
        : [
            ...[false, true].map((late) => ({
              id: `lay:${step}${late ? ':late' : ''}`,
              goods: goods.filter((id) => !cold.has(id) && (soft.has(id) || isLate(id)) === late),
              late,
            })),
            { id: `lay:${step}:cold`, goods: goods.filter((id) => cold.has(id)), late: true },
          ];
    const before = {
      all: [...ready.all],
      'in the cold': [...ready['in the cold']],
      straight: [...ready.straight],
    };
    return groups.flatMap(({ id, goods: laid, late }) => {
      if (laid.length === 0) return [];
      const outing = outings.find(
        ({ good, wave, plate }) => good.id === laid[0] && wave.number === 1 && plate === null,
      );
      const work = laid.reduce((sum, good) => sum + works.get(good)!.minutes, 0);
      const lay = (on: keyof typeof ready, share: number, due: number | null) => {
        const as = on === 'straight' ? `${id}:straight` : id;
        if (!late) ready[on].add(as);
        return task({
          id: as,
          boards: on === 'all' ? null : on,
          kind: cold.has(laid[0]!) ? 'lay cold' : 'lay',
          step,
          hot: hot.find(({ good }) => laid.includes(good.id))?.way ?? null,
          goods: laid,
          minutes: share * work,
          after: [
            ...new Set([
              ...laid.map((good) => outOfTheOven(good, hot) ?? readyOf(good, cuts)),
              ...before[on],
              ...atPlace,
            ]),
          ],
          within: late && !(travels && !there) ? LATE[cold.has(laid[0]!) ? 'cold' : 'lay'] : null,
          due,
        });
      };
      if (straightFrom === null) {
        const due = way === 'whole board' || !outing || outing.out >= 0 ? null : -outing.out;
        return [lay('all', 1, due)];
      }
      return [
        ...(straight < 1 ? [lay('in the cold', 1 - straight, null)] : []),
        lay('straight', straight, straightFrom),
      ];
    });
  });
  const greens = things.filter((thing) => stepOf(thing) === 'garnish');
  return [
    ...tasks,
    ...(greens.length > 0
      ? [
          task({
            id: 'garnish',
            kind: 'garnish',
            minutes: minutes.garnish * many,
            goods: [...new Set(greens.map(baseOf))],
            // What comes from the oven comes last of all.
            after: tasks.filter(({ kind, hot: way }) => kind === 'lay' && way === null).map(({ id }) => id),
            within: travels && !there ? null : LATE.garnish,
          }),
        ]
      : []),
  ];
}
