import { isOuting, type Outing } from './outings.js';
import type { Standing } from './standing.js';
import type { Timing, TimingAsked } from './timing.js';
import { celsius, minutes, reason, type Celsius, type Minutes, type Reason } from '../units/index.js';

declare module '../units/reason.js' {
  interface Rules {
    /** One a wave, naming the tightest good: ready so long after it left the cold, eaten or taken off so long after. */
    'out-too-long': {
      good: string;
      wave: number;
      ready: Minutes;
      stands: Minutes;
      safe: Minutes;
      over: Minutes;
      served: Celsius;
    };
    /** It leaves the cold so long before serving that it must be off before its wave ends. */
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

/** Where warming, safe time and the day's work collide; one piece of advice a wave names its tightest good. */
export function clockAdvice(timing: Timing & { readonly asked: TimingAsked }): Reason[] {
  const { outings, standing, day, asked, tasks } = timing;
  const { party, way, boxed } = asked;
  const names = (says: Outing['says']) => {
    const found = outings.filter((one) => one.wave.number === 1 && one.plate === null && one.says === says);
    return found.map(({ good }) => good.name);
  };
  const [cold, warm] = [names('too cold'), names('too warm')];
  return [
    ...party.waves.flatMap(({ number }) => {
      const over = outings.filter(
        ({ wave, short, plate }) => wave.number === number && short > 0 && plate === null,
      );
      const worst = over.reduce<Outing | null>((a, b) => (a && a.short >= b.short ? a : b), null);
      return worst
        ? [
            reason(
              'out-too-long',
              {
                good: worst.good.name,
                wave: number,
                ready: minutes(worst.needs),
                stands: minutes(worst.off - worst.wave.on),
                safe: minutes(worst.most),
                over: minutes(worst.short),
                served: worst.atTable.heart,
              },
              { subject: worst.key },
            ),
          ]
        : [];
    }),
    ...party.waves.flatMap(({ number, on }) => {
      const early = standing.filter(
        // What warming and standing ask is told before.
        (one) =>
          one.wave.number === number && one.early > (isOuting(one) ? one.short : 0) && one.safeUntil > on,
      );
      const worst = early.reduce<Standing | null>((a, b) => (a && a.early >= b.early ? a : b), null);
      return worst
        ? [
            reason(
              'safe-time-ends-first',
              {
                good: worst.good.name,
                wave: number,
                out: minutes(on - worst.out),
                early: minutes(worst.early),
              },
              { subject: worst.key },
            ),
          ]
        : [];
    }),
    ...outings
      .filter(({ warming, wave, plate }) => warming.lead === null && wave.number === 1 && plate === null)
      .map(({ good, band }) =>
        reason(
          'never-warm-enough',
          { good: good.name, low: celsius(band!.low), room: celsius(party.room) },
          { subject: good.id },
        ),
      ),
    ...(way === 'whole board' && cold.length > 0
      ? [reason('too-cold-with-the-board', { goods: cold, boxed })]
      : []),
    ...(way === 'whole board' && warm.length > 0
      ? [reason('too-warm-with-the-board', { goods: warm, boxed })]
      : []),
    ...outings
      .filter(
        ({ fatAt, off, wave, plate }) => fatAt !== null && fatAt < off && wave.number === 1 && plate === null,
      )
      .map(({ good, fatAt, out }) =>
        reason(
          'fat-shows',
          { good: good.name, after: minutes(Math.max(0, fatAt! - out)) },
          { subject: good.id },
        ),
      ),
    ...(day.cost.tooEarly > 0
      ? [
          reason('work-begun-too-early', {
            tooEarly: minutes(day.cost.tooEarly),
            hands: asked.room.hands,
          }),
        ]
      : []),
    ...tasks
      .filter(({ kind }) => kind === 'oven' && asked.room.ovens === 0)
      .map(({ goods: [id] }) => reason('no-oven', { good: id! }, { subject: id! })),
  ];
}
