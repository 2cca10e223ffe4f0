import { isBoxed, safetyOf, USUAL_PRACTICE, type House } from '../brief/index.js';
import { danger, keepsCold } from '../care/index.js';
import { isCompanion, isMain, type Main } from '../counter/index.js';
import { OVEN_HEATS, OVEN_TRAYS, rectangle } from '../cut/index.js';
import { overWhenServed } from './standing.js';
import { partyOf } from './party.js';
import { timingOf, type Timing, type TimingQuestion } from './timing.js';
import { asFood, mainThing, PLAIN, type Thing } from '../lay/index.js';
import { plateWorks } from '../plate/index.js';
import { reason, subjectOf } from '../units/index.js';
import { clockAdvice } from './advice.js';
import { clockRow } from './row.js';
import { stage, type Fields, type Parts } from '../stage/index.js';

declare module '../stage/stage.js' {
  interface Parts {
    clock: ClockPart;
  }
}

/** When everything happens, by the quick answer; the searched one is `timingOf(asked, EXACTLY)`. */
export interface ClockPart {
  readonly timing: Timing & { readonly question: TimingQuestion };
}

/** On an own plate it lies in small pieces, one layer of them. Common practice, no source. */
const PLATE = { piece: 12, mm2: 60, height: 20, side: 30 };
const onPlate = (main: Main, grams: number): Thing => ({
  id: main.id,
  name: main.name,
  lies: 'patch',
  outline: rectangle(-PLATE.side / 2, -PLATE.side / 2, PLATE.side / 2, PLATE.side / 2),
  area: grams * PLATE.mm2,
  height: PLATE.height,
  grams,
  pieces: Math.max(1, Math.round(grams / PLATE.piece)),
  colours: main.colours,
  traits: { ...PLAIN, kind: main.kind, colour: main.colours[0]! },
  vessel: null,
  beside: [],
});

const byGood = (readings: Fields['clock']['readings']): TimingQuestion['readings'] =>
  Object.fromEntries(
    readings.map(({ goodId }) => [goodId, readings.filter((reading) => reading.goodId === goodId)]),
  );

const MINUTE_MS = 60_000;
/** Minutes from serving of a time of the wall clock on the same day's clock. */
const minutesBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}:00Z`) - Date.parse(`${from}:00Z`)) / MINUTE_MS);

type Read = Pick<Parts, 'brief' | 'pick' | 'cut' | 'portion' | 'lay' | 'table'>;
type QuestionPart<K extends keyof TimingQuestion> = Pick<TimingQuestion, K>;

/** What is served, and as what it lies there while it warms. */
function servedOf(
  {
    pick: { mains },
    cut: { cuts },
    portion: { portions, waves },
    lay: { boards },
    table,
    brief: { brief },
  }: Read,
  many: number,
): QuestionPart<'mains' | 'cuts' | 'lies' | 'plates' | 'beside' | 'companions'> {
  const onBoard = new Map(
    [...boards.laid.flatMap(({ things }) => things), ...boards.between].map(
      (thing) => [thing.id, asFood(thing)] as const,
    ),
  );
  const onPlates = table.ownPlates.flatMap(({ lines }, plate) =>
    lines.flatMap(({ good, net }) => (net > 0 ? [{ plate, good, net }] : [])),
  );
  return {
    mains,
    cuts,
    lies: Object.fromEntries(
      mains.map((main, i) => [
        main.id,
        onBoard.get(main.id) ??
          mainThing({ main, cut: cuts[i]!, step: 0, share: waves.first }, [], brief, many),
      ]),
    ),
    plates: onPlates.flatMap(({ plate, good, net }) =>
      isMain(good) ? [{ plate, main: good, thing: onPlate(good, net) }] : [],
    ),
    beside: [
      ...portions.companions.map(({ good, net }) => ({ plate: null, good, net })),
      ...onPlates,
    ].flatMap(({ plate, good, net }) =>
      isCompanion(good) && net > 0 && keepsCold(good) ? [{ plate, good }] : [],
    ),
    companions: portions.companions.flatMap(({ good, net }) => (isCompanion(good) ? [{ good, net }] : [])),
  };
}

/** The way of warming when none is set: each good alone at the shop; the whole board when it travels; on the spot when it travels chilled. */
const usualWay = ({ journey }: TimingQuestion['party'], boxed: boolean): TimingQuestion['way'] =>
  !journey ? 'one by one' : journey.chilled && !boxed ? 'where it is served' : 'whole board';

/** Hands, benches, cars and ovens, and where boards find room, as the person said or the house has them. */
function roomOf(
  set: Fields['clock'],
  house: Pick<House, 'hands' | 'ovens'>,
  boards: number,
): QuestionPart<'room' | 'places'> {
  const hands = set.hands ?? house.hands;
  return {
    places: {
      boards,
      inCold: Math.min(boards, set.coldPlaces ?? boards),
      inCar: Math.min(boards, set.carPlaces ?? boards),
    },
    room: {
      hands,
      // A place for each pair of hands, unless somebody said.
      benches: set.benches ?? hands,
      // Each car has somebody to drive it.
      cars: Math.min(set.cars, hands),
      ovens: set.ovens ?? house.ovens,
      trays: OVEN_TRAYS,
      heats: OVEN_HEATS,
    },
  };
}

export const clockStage = stage(clockRow, {
  derive: ({ order, house, goods }, parts): ClockPart => {
    const { clock: set } = order;
    const { brief } = parts.brief;
    const { waves, drinks } = parts.portion;
    const { choice, laid, between } = parts.lay.boards;
    const party = partyOf(brief, waves, set.chilled);
    const many = choice?.many ?? 1;
    // A box is packed before it leaves.
    const boxed = isBoxed(brief);
    const question: TimingQuestion = {
      ...servedOf(parts, many),
      ...roomOf(set, house, Math.max(1, many * laid.length)),
      firstShare: waves.first,
      party,
      way: set.way ?? usualWay(party, boxed),
      safety: safetyOf(brief, house, set.keeper === 'customer'),
      film: house.film,
      coldBelow: set.coldBelow,
      inPaper: set.inPaper,
      targets: set.targets,
      readings: byGood(set.readings),
      drinks: order.drinks === 'with the order' ? drinks : [],
      boxed,
      boards: laid.map(({ key, things }) => ({ key, things })),
      between,
      many,
      plateWorks: plateWorks({ ownPlates: parts.table.ownPlates, cuts: parts.cut.cuts, brief }, house),
      hot: set.hot.flatMap(({ id, way }) => {
        const good = goods.get(id);
        return good ? [{ good, way }] : [];
      }),
      minutes: (brief.practice ?? USUAL_PRACTICE).taskMinutes,
      own: set.minutes,
      moved: set.moved,
      dropped: set.dropped,
      mostBefore: set.earliest === null ? null : Math.max(0, -minutesBetween(brief.servingAt, set.earliest)),
    };
    return { timing: { ...timingOf(question), question } };
  },
  advise: ({ clock: { timing } }) => clockAdvice(timing),
  dangers: ({ clock: { timing } }) => {
    const over = overWhenServed(timing.standing);
    const ids = [...new Set(over.map(({ good }) => good.id))];
    const goods = [...new Set(over.map(({ good }) => good.name))];
    const why = reason('safe-time-over-when-served', { goods }, { subject: subjectOf(ids) });
    return over.length > 0 ? [danger(why, false, ids)] : [];
  },
});
