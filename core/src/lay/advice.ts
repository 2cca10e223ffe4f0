import type { Brief } from '../brief/index.js';
import type { Companion } from '../counter/index.js';
import { BANDS } from './boards.js';
import type { LaidBoard, LaidBoards } from './laidBoard.js';
import {
  millimetres,
  NONE,
  reason,
  type Grams,
  type Millimetres,
  type Money,
  type Reason,
} from '../units/index.js';
import { heightZone } from './heights.js';

declare module '../units/reason.js' {
  interface Rules {
    'too-much-for-the-board': { board: string; full: number };
    'board-looks-bare': {
      board: string;
      full: number;
      low: number;
      filler: string;
      grams: Grams;
      price: Money;
    };
    'not-on-what-was-asked': { asked: Brief['surface']; board: string };
    'bread-apart': NoFigures;
    'no-board': { things: number };
    'too-tall-to-carry': { good: string; height: Millimetres };
    'wet-on-salt': { good: string };
    'garnish-kept-off': { good: string };
    'laid-in-a-dim-room': NoFigures;
    'between-the-boards': { good: string; boards: number };
    'kept-board-breaks': { board: string; broken: number };
  }
}

/**
 * What a careful eye says of boards before anything lies on them: too full, bare, too tall to carry, wet on salt.
 * @param mains how many cheeses and meats lie there
 * @param unfit garnish that was asked for and may not lie there
 */
export function layAdvice(
  brief: Brief,
  boards: LaidBoards,
  mains: number,
  unfit: readonly Companion[],
): Reason[] {
  const { choice, laid, apart, between } = boards;
  if (!choice) return [reason('no-board', { things: mains })];
  const low = Math.round(100 * BANDS[brief.manner][0]);
  const { filler } = choice.fill;
  return [
    ...(choice.ofTheSurface
      ? []
      : [reason('not-on-what-was-asked', { asked: brief.surface, board: choice.parts[0]!.board.name })]),
    ...laid
      .filter(({ fullness }) => fullness > 1)
      .map(({ board, fullness, key }) =>
        reason(
          'too-much-for-the-board',
          { board: board.name, full: Math.round(100 * fullness) },
          { subject: key },
        ),
      ),
    ...(filler && laid.every(({ board }) => board.thick > 0)
      ? [
          reason('board-looks-bare', {
            board: laid.map(({ board }) => board.name).join(' + '),
            full: Math.round(100 * choice.fullness),
            low,
            filler: filler.good.name,
            grams: filler.grams,
            price: filler.price,
          }),
        ]
      : []),
    ...laid.flatMap(({ things }) =>
      things.flatMap(({ id, name, height }) =>
        brief.travelMinutes > 0 && heightZone(height) === 'high'
          ? [reason('too-tall-to-carry', { good: name, height: millimetres(height) }, { subject: id })]
          : [],
      ),
    ),
    ...laid
      .filter(({ board }) => board.material === 'salt')
      .flatMap(({ things }) =>
        things
          .filter(({ traits }) => traits.wet)
          .map(({ id, name }) => reason('wet-on-salt', { good: name }, { subject: id })),
      ),
    ...unfit.map(({ id, name }) => reason('garnish-kept-off', { good: name }, { subject: id })),
    ...(brief.light === 'dim' ? [reason('laid-in-a-dim-room', NONE)] : []),
    ...(apart.length > 0 ? [reason('bread-apart', NONE)] : []),
    ...between.map(({ id, name }) =>
      reason('between-the-boards', { good: name, boards: choice.many }, { subject: id }),
    ),
    ...laid.flatMap(keptBreaks),
  ];
}

/** A board that was kept stays as it lies while the order goes on: what must hold and no longer does is said on every stage. */
function keptBreaks({ board, kept }: LaidBoard): Reason[] {
  const broken = kept?.violations.filter(({ hard }) => hard) ?? [];
  if (broken.length === 0) return [];
  // Left for what breaks now: another break is stated anew.
  const subject = broken
    .map(({ reason: { rule, subject: of } }) => `${rule} ${of}`)
    .sort()
    .join(', ');
  return [reason('kept-board-breaks', { board: board.name, broken: broken.length }, { subject })];
}
