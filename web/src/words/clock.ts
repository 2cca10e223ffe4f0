import type { HotWay, SafeTime, Task, TaskKind, WarmingWay } from '@rotula/core';
import type { WordsOf } from './words';
import { say } from '../language/say';

export const clockWords: WordsOf<
  | 'out-too-long'
  | 'safe-time-ends-first'
  | 'safe-time-over-when-served'
  | 'never-warm-enough'
  | 'too-cold-with-the-board'
  | 'too-warm-with-the-board'
  | 'fat-shows'
  | 'work-begun-too-early'
  | 'no-oven'
> = {
  'out-too-long': ({ good, wave, ready, stands, safe, over, served }, { minutes, celsius }) =>
    say`Wave ${wave}: ${good} needs ${minutes(ready)} to warm and stands ${minutes(stands)}; that is ${minutes(over)} more than the ${minutes(safe)} it may be out. Safe comes first: it is served at ${celsius(served)}. The clock has ways out`,
  'safe-time-ends-first': ({ good, wave, out, early }, { minutes }) =>
    say`Wave ${wave}: ${good} leaves the cold ${minutes(out)} before it is served, so it must be off ${minutes(early)} before the wave ends. Carried cold, laid later or in one more wave it could stay`,
  'safe-time-over-when-served': ({ goods }, { list }) =>
    say`Not to be served: the safe time is over before it stands on the table. Carry it cold. ${list(goods)}`,
  'never-warm-enough': ({ good, low, room }, { celsius }) =>
    say`${good} tastes of itself from ${celsius(low)}; in air of ${celsius(room)} it never gets there`,
  'too-cold-with-the-board': ({ goods, boxed }, { list }) =>
    boxed
      ? say`Packed together, these are too cold when the box is opened: ${list(goods)}. Sooner out of the cold, or another good`
      : say`Taken out whole, the board leaves these too cold: ${list(goods)}. Taken out one by one they are right`,
  'too-warm-with-the-board': ({ goods, boxed }, { list }) =>
    boxed
      ? say`Packed together, these are too warm when the box is opened: ${list(goods)}. Longer in the cold, or another good`
      : say`Taken out whole, the board leaves these too warm: ${list(goods)}. Taken out one by one they are right`,
  'fat-shows': ({ good, after }, { minutes }) =>
    say`Fat shows on ${good} after ${minutes(after)} out of the cold: shade, or a cooler place`,
  'work-begun-too-early': ({ tooEarly, hands }, { minutes }) =>
    say`The work does not fit: ${minutes(tooEarly)} of it would be begun too early with ${hands} pairs of hands`,
  'no-oven': () => say`Something is to be served hot, and there is no oven`,
};

/** What is done, and with what. */
export const TASK_WORDS: Readonly<Record<TaskKind, (goods: string) => string>> = {
  fetch: () => say`Fetch everything`,
  unwrap: (goods) => say`Unwrap ${goods}`,
  cut: (goods) => say`Cut ${goods}, cold`,
  slice: (goods) => say`Slice and fold ${goods}`,
  'clean slicer': () => say`Clean the slicer`,
  'strip slicer': () => say`Strip the slicer down and clean it, before any own plate`,
  'own plate': (goods) => say`Own plate, with clean board, knife and hands: ${goods}`,
  'wash and cut': (goods) => say`Wash and cut ${goods}`,
  fill: (goods) => say`Set out ${goods}`,
  cards: () => say`Write the cards`,
  lay: (goods) => say`Lay ${goods}`,
  'lay cold': (goods) => say`Out of the cold and onto the board: ${goods}`,
  garnish: (goods) => say`Garnish with ${goods}`,
  wrap: () => say`Wipe down and wrap`,
  load: () => say`Load`,
  'there and back': () => say`There and back for the rest`,
  travel: () => say`On the way`,
  'set up': () => say`Set up at the place`,
  chill: (goods) => say`Chill ${goods}`,
  'ice bottles': (goods) => say`Into iced water: ${goods}`,
  'open bottles': () => say`Open the first bottles`,
  'prepare hot': (goods) => say`Get ${goods} ready for the oven`,
  oven: (goods) => say`${goods} in the oven`,
  cool: (goods) => say`${goods} cools`,
  'take out': (goods) => (goods ? say`Out of the cold: ${goods}` : say`Out of the cold`),
  'break the ice': () => say`Open each cheese, spoon in the jam`,
  'bring out': (goods) => say`Bring ${goods} on a fresh plate`,
  'take away': (goods) => say`Take away ${goods}`,
};

/** A piece of work in words; on which boards, where it is not all of them, and what of it is for own plates. */
export function workWords(
  { kind, goods, forPlates, boards, plate }: Task,
  goodsOf: (ids: readonly string[]) => string,
): string {
  if (kind === 'own plate')
    return say`Own plate ${plate! + 1}, with clean board, knife and hands: ${goodsOf(forPlates)}`;
  const onBoard = TASK_WORDS[kind](goodsOf(goods));
  const what = forPlates.length > 0 ? say`${onBoard}; for own plates: ${goodsOf(forPlates)}` : onBoard;
  if (boards === 'in the cold') return say`${what}, on the boards that wait in the cold`;
  return boards === 'straight' ? say`${what}, on the boards that leave straight away` : what;
}

/** The same in a word or two, for a short bar. */
export const TASK_SHORT: Readonly<Record<TaskKind, string>> = {
  fetch: say`fetch`,
  unwrap: say`unwrap`,
  cut: say`cut`,
  slice: say`slice`,
  'clean slicer': say`clean`,
  'strip slicer': say`strip`,
  'own plate': say`plate`,
  'wash and cut': say`wash`,
  fill: say`fill`,
  cards: say`cards`,
  lay: say`lay`,
  'lay cold': say`cold`,
  garnish: say`green`,
  wrap: say`wrap`,
  load: say`load`,
  'there and back': say`and back`,
  travel: say`on the way`,
  'set up': say`set up`,
  chill: say`chill`,
  'ice bottles': say`iced`,
  'open bottles': say`bottles`,
  'prepare hot': say`ready`,
  oven: say`oven`,
  cool: say`cool`,
  'take out': say`out`,
  'break the ice': say`open`,
  'bring out': say`bring`,
  'take away': say`away`,
};

export const WAY_WORDS: Readonly<Record<WarmingWay, { readonly label: string; readonly hint: string }>> = {
  'one by one': { label: say`One by one`, hint: say`each good in its own time` },
  'whole board': { label: say`Whole board`, hint: say`built cold, one time for all` },
  'where it is served': { label: say`Finished there`, hint: say`carried cold, laid there` },
};

export const HOT_WORDS: Readonly<Record<HotWay, string>> = {
  baked: say`baked`,
  roasted: say`roasted`,
  toasted: say`toasted`,
};

/** Whose rule bounds the time out of the cold. */
export const safeTimeWords = ({ id, source, fromMemory }: SafeTime): string => {
  const name = {
    'two-hour advice': say`two-hour advice`,
    'time as control': say`time as a control`,
    'time as control, cool room': say`time as a control, cool room`,
    display: say`one period of display`,
    'own limit': say`your own limit`,
  }[id];
  return fromMemory ? say`${name} (${source}, from memory)` : say`${name} (${source})`;
};
