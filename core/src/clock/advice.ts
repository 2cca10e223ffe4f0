import { isOuting, type Outing } from './outings.js';
import type { Standing } from './standing.js';
import type { Timing, TimingQuestion } from './timing.js';
import { celsius, minutes, reason, type Celsius, type Minutes, type Reason } from '../units/index.js';

declare module '../units/reason.js' {
  interface Rules {
    /** Minutes to warm (`ready`) and on the table (`stands`) of the wave's worst good, against its safe time; `over`: by how much. */
    'out-too-long': {
      good: string;
      wave: number;
      ready: Minutes;
      stands: Minutes;
      safe: Minutes;
      over: Minutes;
      served: Celsius;
    };
    /** `out`: minutes out of the cold before its wave; `early`: minutes by which its safe time ends before the wave. */
    'safe-time-ends-first': { good: string; wave: number; out: Minutes; early: Minutes };
    'safe-time-over-when-served': { goods: readonly string[] };
    'never-warm-enough': { good: string; low: Celsius; room: Celsius };
    'too-cold-with-the-board': { goods: readonly string[]; boxed: boolean };
    'too-warm-with-the-board': { goods: readonly string[]; boxed: boolean };
    'fat-shows': { good: string; after: Minutes };
    'work-begun-too-early': { tooEarly: Minutes; hands: number };
    'no-oven': { good: string };
  }
}

type AskedTiming = Timing & { readonly question: TimingQuestion };

const highest = <T>(of: readonly T[], value: (one: T) => number): T | null =>
  of.reduce<T | null>((a, b) => (a && value(a) >= value(b) ? a : b), null);

/** For each wave the good whose warming and standing together exceed its safe time the most. */
const outTooLong = ({ outings, question: { party } }: AskedTiming): Reason[] =>
  party.waves.flatMap(({ number }) => {
    const over = outings.filter(
      ({ wave, short, plate }) => wave.number === number && short > 0 && plate === null,
    );
    const worst = highest(over, ({ short }) => short);
    if (!worst) return [];
    const figures = {
      good: worst.good.name,
      wave: number,
      ready: minutes(worst.needs),
      stands: minutes(worst.off - worst.wave.on),
      safe: minutes(worst.most),
      over: minutes(worst.short),
      served: worst.atTable.heart,
    };
    return [reason('out-too-long', figures, { subject: worst.key })];
  });

/** For each wave the good whose safe time ends the longest before the wave, beyond what `outTooLong` says of it. */
const safeTimeEndsFirst = ({ standing, question: { party } }: AskedTiming): Reason[] =>
  party.waves.flatMap(({ number, on }) => {
    const early = standing.filter(
      (one) =>
        one.wave.number === number && one.early > (isOuting(one) ? one.short : 0) && one.safeUntil > on,
    );
    const worst = highest<Standing>(early, (one) => one.early);
    if (!worst) return [];
    const figures = {
      good: worst.good.name,
      wave: number,
      out: minutes(on - worst.out),
      early: minutes(worst.early),
    };
    return [reason('safe-time-ends-first', figures, { subject: worst.key })];
  });

/** What warming with the whole board comes to: goods that are then too cold or too warm. */
function withTheBoard({ outings, question: { way, boxed } }: AskedTiming): Reason[] {
  if (way !== 'whole board') return [];
  const names = (says: Outing['says']) =>
    outings
      .filter((one) => one.wave.number === 1 && one.plate === null && one.says === says)
      .map(({ good }) => good.name);
  const [cold, warm] = [names('too cold'), names('too warm')];
  return [
    ...(cold.length > 0 ? [reason('too-cold-with-the-board', { goods: cold, boxed })] : []),
    ...(warm.length > 0 ? [reason('too-warm-with-the-board', { goods: warm, boxed })] : []),
  ];
}

const neverWarm = ({ outings, question: { party } }: AskedTiming): Reason[] =>
  outings
    .filter(({ warming, wave, plate }) => warming.lead === null && wave.number === 1 && plate === null)
    .map(({ good, band }) =>
      reason(
        'never-warm-enough',
        { good: good.name, low: celsius(band!.low), room: celsius(party.room) },
        { subject: good.id },
      ),
    );

const fatShows = ({ outings }: AskedTiming): Reason[] =>
  outings
    .filter(
      ({ fatAt, off, wave, plate }) => fatAt !== null && fatAt < off && wave.number === 1 && plate === null,
    )
    .map(({ good, fatAt, out }) =>
      reason(
        'fat-shows',
        { good: good.name, after: minutes(Math.max(0, fatAt! - out)) },
        { subject: good.id },
      ),
    );

const begunTooEarly = ({ day: { cost }, question: { room } }: AskedTiming): Reason[] =>
  cost.tooEarly > 0
    ? [reason('work-begun-too-early', { tooEarly: minutes(cost.tooEarly), hands: room.hands })]
    : [];

const noOven = ({ tasks, question: { room } }: AskedTiming): Reason[] =>
  tasks
    .filter(({ kind }) => kind === 'oven' && room.ovens === 0)
    .map(({ goods: [id] }) => reason('no-oven', { good: id! }, { subject: id! }));

/** Checks, in the order of their advice. */
const CHECKS: readonly ((timing: AskedTiming) => readonly Reason[])[] = [
  outTooLong,
  safeTimeEndsFirst,
  neverWarm,
  withTheBoard,
  fatShows,
  begunTooEarly,
  noOven,
];

/** Where warming, safe time and the day's work collide; one piece of advice a wave names its tightest good. */
export const clockAdvice = (timing: AskedTiming): Reason[] => CHECKS.flatMap((check) => check(timing));
