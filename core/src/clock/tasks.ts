import type { DrinkPortion } from '../amount/index.js';
import type { TaskFigure } from '../brief/index.js';
import { isMeat, type Companion, type Drink, type Good, type Main } from '../counter/index.js';
import { produceCut, type Cut } from '../cut/index.js';
import { stepOf, type BuildStep, type LaidBoard, type Thing } from '../lay/index.js';
import { hotRow } from './hot.js';
import type { Outing } from './outings.js';
import type { Party } from './party.js';
import type { Job } from './schedule/job.js';
import type { HotWay, WarmingWay } from './words.js';

export type TaskKind =
  | 'fetch'
  | 'unwrap'
  | 'cut'
  | 'slice'
  | 'clean slicer'
  | 'wash and cut'
  | 'fill'
  | 'cards'
  | 'lay'
  | 'garnish'
  | 'wrap'
  | 'load'
  | 'travel'
  | 'set up'
  | 'chill'
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
  readonly step: BuildStep | null;
  readonly hot: HotWay | null;
  /** Number of the wave that it brings or clears. */
  readonly wave: number | null;
  readonly job: Job;
}

export interface TasksAsked {
  readonly mains: readonly Main[];
  readonly cuts: readonly Cut[];
  readonly companions: readonly { readonly good: Companion; readonly net: number }[];
  readonly drinks: readonly DrinkPortion[];
  readonly boards: readonly Pick<LaidBoard, 'key' | 'things'>[];
  /** So many boards of each are alike. */
  readonly many: number;
  readonly party: Party;
  readonly way: WarmingWay;
  /** Whole pieces stay in their paper until late. */
  readonly inPaper: boolean;
  readonly outings: readonly Outing[];
  readonly hot: readonly { readonly good: Good; readonly way: HotWay }[];
  readonly minutes: Readonly<Record<TaskFigure, number>>;
  /** What a person said of a task, by its id: how long it takes, when it begins, that it is not done. */
  readonly own: Readonly<Record<string, number>>;
  readonly moved: Readonly<Record<string, number>>;
  readonly dropped: readonly string[];
}

/** Cards are written before the last rush. The house's own figure. */
const CARDS_BEFORE = 15;

/** How long before serving what browns or dries may be begun. Common practice, no source. */
const LATE = { last: 30, late: 45, garnish: 25, lay: 35, ice: 10, bottles: 30, chill: 180 };

type Rough = Omit<Task, 'job' | 'goods' | 'step' | 'hot' | 'wave'> &
  Partial<Pick<Task, 'goods' | 'step' | 'hot' | 'wave'>> & { readonly minutes: number } & Partial<
    Omit<Job, 'id' | 'minutes'>
  >;

function task({ id, kind, goods = [], step = null, hot = null, wave = null, minutes, ...job }: Rough): Task {
  return {
    id,
    kind,
    goods,
    step,
    hot,
    wave,
    job: {
      hands: 1,
      oven: 0,
      after: [],
      endsBefore: 0,
      within: null,
      due: null,
      fixed: null,
      ...job,
      id,
      minutes: Math.max(1, Math.round(minutes)),
    },
  };
}

/** Work that is done in one go at the counter before anything is laid. */
function atTheCounter({ mains, cuts, companions, minutes, inPaper }: TasksAsked): Task[] {
  const sliced = mains.filter((main, i) => isMeat(main) && cuts[i]!.knife === 'slicer');
  return [
    task({
      id: 'fetch',
      kind: 'fetch',
      minutes: minutes.fetch,
      goods: mains.map(({ id }) => id),
    }),
    ...mains.map((main, i) => {
      const cut = cuts[i]!;
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
    ...companions.map(({ good, net }) => {
      const produce = produceCut(good, net);
      const late = produce.when === 'ahead' ? null : LATE[produce.when];
      return task({
        id: `beside:${good.id}`,
        kind: ['fruit', 'vegetable', 'bread'].includes(good.role) ? 'wash and cut' : 'fill',
        minutes: produce.seconds / 60,
        goods: [good.id],
        within: late,
      });
    }),
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

const readyOf = (id: string, cuts: readonly Cut[]): string => {
  const cut = cuts.find(({ goodId }) => goodId === id);
  return cut ? `${cut.whole ? 'unwrap' : 'cut'}:${id}` : `beside:${id}`;
};

/** What comes out of the oven is laid from there. */
const hotId = (id: string, hot: TasksAsked['hot']): string | null => {
  const found = hot.find(({ good }) => good.id === id);
  return found ? `${hotRow(found.way).cools > 0 ? 'cool' : 'oven'}:${id}` : null;
};

/** In which order the board is built: what stands first, and what comes late (trade, section 14). */
const LAID_IN: readonly BuildStep[] = [
  'vessels',
  'cheeses',
  'meats',
  'fruit and vegetables',
  'bread and crackers',
  'the rest',
];

const baseId = ({ id }: Thing): string => id.split('--')[0]!;

function laying({ boards, many, cuts, minutes, way, outings, party, hot }: TasksAsked): Task[] {
  const things = boards.flatMap((board) => board.things);
  const each = ({ lies }: Thing) =>
    many * (lies === 'whole' ? minutes.layWhole : lies === 'vessel' ? minutes.layVessel : minutes.layPatch);
  const travels = party.journey !== null;
  const there = travels && way === 'where it is served';
  const atPlace = there ? ['set-up'] : [];
  const ready = new Set<string>();
  const tasks = LAID_IN.flatMap((step, i) => {
    const own = things.filter((thing) => stepOf(thing) === step && thing.traits.kind !== 'tool');
    const goods = [...new Set(own.map(baseId))];
    // What is laid before it must leave the cold is out longer than it needs: each cheese and meat is work of its own.
    const groups =
      step === 'cheeses' || step === 'meats'
        ? goods.map((id) => ({
            id: `lay:${id}`,
            goods: [id],
            late: own.find((thing) => baseId(thing) === id)!.traits.late || hotId(id, hot) !== null,
          }))
        : [false, true].map((late) => ({
            id: `lay:${step}${late ? ':late' : ''}`,
            goods: goods.filter((id) => own.find((thing) => baseId(thing) === id)!.traits.late === late),
            late,
          }));
    const before = i > 0 ? [...ready] : [];
    return groups.flatMap(({ id, goods: laid, late }) => {
      if (laid.length === 0) return [];
      if (!late) ready.add(id);
      const outing = outings.find(
        ({ main, wave, plate }) => main.id === laid[0] && wave.number === 1 && plate === null,
      );
      return [
        task({
          id,
          kind: 'lay',
          step,
          goods: laid,
          minutes: own
            .filter((thing) => laid.includes(baseId(thing)))
            .reduce((sum, thing) => sum + each(thing), 0),
          after: [
            ...new Set([
              ...laid.map((good) => hotId(good, hot) ?? readyOf(good, cuts)),
              ...before,
              ...atPlace,
            ]),
          ],
          within: late && !(travels && !there) ? LATE.lay : null,
          due: way === 'whole board' || !outing || outing.out >= 0 ? null : -outing.out,
        }),
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
            goods: [...new Set(greens.map(baseId))],
            after: tasks.map(({ id }) => id),
            within: travels && !there ? null : LATE.garnish,
          }),
        ]
      : []),
  ];
}

function travelling({ party, way, minutes, boards, cuts }: TasksAsked): Task[] {
  const { journey } = party;
  if (!journey) return [];
  const there = way === 'where it is served';
  return [
    ...(there
      ? []
      : [task({ id: 'wrap', kind: 'wrap', minutes: minutes.wrap * Math.max(1, boards.length) })]),
    task({
      id: 'load',
      kind: 'load',
      minutes: minutes.load,
      after: there ? cuts.map(({ goodId }) => readyOf(goodId, cuts)) : ['wrap'],
    }),
    task({
      id: 'travel',
      kind: 'travel',
      minutes: journey.arrives - journey.leaves,
      after: ['load'],
      fixed: journey.leaves,
    }),
    task({ id: 'set-up', kind: 'set up', minutes: minutes.setUp, after: ['travel'] }),
  ];
}

/** How long each kind of drink takes in the cold, and how long before serving it is opened. */
const CHILLED: readonly Drink['type'][] = [
  'sparkling',
  'white',
  'rosé',
  'sweet',
  'beer',
  'cider',
  'no-alcohol',
];

const drinking = ({ drinks, minutes }: TasksAsked): Task[] => {
  const cold = drinks.filter(({ good }) => CHILLED.includes(good.type));
  const bottles = drinks.reduce((sum, drink) => sum + drink.bottles, 0);
  return [
    ...(cold.length > 0
      ? [
          task({
            id: 'chill',
            kind: 'chill',
            minutes: LATE.chill,
            hands: 0,
            goods: cold.map(({ good }) => good.id),
            endsBefore: 10,
          }),
        ]
      : []),
    ...(bottles > 0
      ? [
          task({
            id: 'open-bottles',
            kind: 'open bottles',
            // Of many bottles those of the first round are opened.
            minutes: minutes.bottle * Math.min(12, bottles),
            goods: drinks.map(({ good }) => good.id),
            within: LATE.bottles,
          }),
        ]
      : []),
  ];
};

function heating({ hot }: TasksAsked): Task[] {
  return hot.flatMap(({ good, way }) => {
    const row = hotRow(way);
    const about = { goods: [good.id], hot: way };
    return [
      task({ id: `hot:${good.id}`, kind: 'prepare hot', minutes: row.prepare, ...about }),
      task({
        id: `oven:${good.id}`,
        kind: 'oven',
        minutes: row.bakes,
        hands: 0,
        oven: 1,
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

/** Goods that leave the cold within so many minutes of each other are fetched in one go. */
const TOGETHER = 5;

/** What the clock itself says: when each good leaves the cold, when each wave is brought and taken away. */
function byTheClock({ outings, party, minutes }: TasksAsked): Task[] {
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

/** What must be done before what, where it is not said with the work itself. */
function tied(tasks: readonly Task[], { party, way }: TasksAsked): Task[] {
  const laid = tasks.filter(({ kind }) => kind === 'lay' || kind === 'garnish').map(({ id }) => id);
  const more = (one: Task): readonly string[] => {
    if (one.id === 'wrap') return [...laid, 'cards'];
    if (one.id === 'ice')
      return party.journey ? [...(way === 'where it is served' ? laid : []), 'set-up'] : laid;
    if (one.id === 'open-bottles' && party.journey) return ['set-up'];
    // What comes late is done where it is served.
    if (
      one.kind === 'wash and cut' &&
      one.job.within !== null &&
      party.journey &&
      way === 'where it is served'
    )
      return ['set-up'];
    return [];
  };
  const known = new Set(tasks.map(({ id }) => id));
  return tasks.map((one) => ({
    ...one,
    job: {
      ...one.job,
      after: [...new Set([...one.job.after, ...more(one)])].filter((id) => known.has(id)),
      // On a board that travels finished all is cut before it leaves.
      within:
        party.journey && way !== 'where it is served' && one.kind === 'wash and cut' ? null : one.job.within,
    },
  }));
}

/** The whole day's work, with what a person said of it. */
export function tasksFor(asked: TasksAsked): Task[] {
  if (asked.mains.length === 0) return [];
  const { own, moved, dropped } = asked;
  const all = [
    ...atTheCounter(asked),
    ...laying(asked),
    ...travelling(asked),
    ...drinking(asked),
    ...heating(asked),
    ...byTheClock(asked),
  ].filter(({ id }) => !dropped.includes(id));
  return tied(all, asked).map((one) => ({
    ...one,
    job: {
      ...one.job,
      minutes: own[one.id] ?? one.job.minutes,
      fixed: moved[one.id] ?? one.job.fixed,
    },
  }));
}
