import {
  courseOf,
  isOuting,
  type Outing,
  type Standing,
  type Warming,
  waitingSchool,
  type WaitingSchool,
} from '@rotula/core';
import { lazy, Suspense } from 'react';
import { useWorkbench } from '../frame/context';
import type { Format } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { safeTimeWords } from '../words/clock';
import { say } from '../language/say';
import { Probe } from './Probe';
import type { ClockDesk } from './useClock';
import { WaysOut } from './WaysOut';

const WarmCurve = lazy(() => import('./WarmCurve'));

/** For what the time of a school is right. */
const RIGHT_FOR: Record<WaitingSchool['id'], (grams: string) => string> = {
  slices: () => say`slices and small cubes`,
  'small pieces': () => say`small pieces`,
  'a wedge': (grams) => say`a wedge of ${grams}`,
  'large pieces': (grams) => say`${grams} and more`,
};
const schoolWords = ({ id, shortest, longest, grams }: WaitingSchool, format: Format): string => {
  const minutes = shortest === longest ? say`${longest} minutes` : say`${shortest} to ${longest} minutes`;
  return say`${minutes}: right for ${RIGHT_FOR[id](format.grams(grams))}`;
};

const LIES_WORDS = {
  whole: () => say`as a whole piece`,
  'piece by piece': () => say`piece by piece`,
  'as one heap': () => say`as one heap`,
};

/** That another shape stands for its own, and how far off that is. */
const shapeWords = ({ shape, within }: NonNullable<Warming['standsFor']>): string =>
  ({
    pyramid: () =>
      say`A pyramid is reckoned as the block of its volume: right within ${Math.round(100 * within!)} %.`,
    'opened wheel': () =>
      say`A wheel with its first wedge out is reckoned as a smaller round one: right within ${Math.round(100 * within!)} %.`,
    outline: () =>
      say`Its outline is reckoned as a round of its area, the slowest of all: it is ready no later than said.`,
  })[shape]();

/** The good in focus: how it warms, why it is tight, and ways out. */
export function WarmPanel({ desk }: { desk: ClockDesk }) {
  const { timing, focus } = desk;
  const one = timing.standing.find(({ key }) => key === focus) ?? timing.tight;
  if (!one) return null;
  if (!isOuting(one)) return <Beside one={one} desk={desk} />;
  const more = timing.outings.length > 0 && one === timing.tight;
  return (
    <>
      <SlateSection
        title={<span translate="no">{one.good.name}</span>}
        aside={more ? say`the tight one` : say`wave ${one.wave.number}`}
      >
        <Suspense fallback={<div className="h-[190px]" />}>
          <WarmCurve one={one} desk={desk} />
        </Suspense>
      </SlateSection>
      <Why one={one} desk={desk} />
      {(one.short > 0 || one.early > 0) && <WaysOut one={one} />}
      <Probe one={one} desk={desk} />
    </>
  );
}

/** What stands beside the cheese: it has no heart to warm, only a time to be gone. */
function Beside({ one, desk }: { one: Standing; desk: ClockDesk }) {
  const { format } = useWorkbench();
  return (
    <>
      <SlateSection
        title={<span translate="no">{one.good.name}</span>}
        aside={one.plate === null ? say`wave ${one.wave.number}` : say`own plate`}
      >
        <p data-beside>
          {one.servedCold ? say`Served cold.` : say`It stands until it spreads.`}{' '}
          {say`Out of the cold at ${desk.time(one.out)}, off by ${desk.time(one.offBy)}. At the most ${format.minutes(one.most)}: ${safeTimeWords(one.rule)}; local codes and licensed practice decide.`}
        </p>
        {one.early > 0 && (
          <p className="mt-2 text-wax-lit">
            {say`It must be off ${format.minutes(one.early)} before its wave ends: a fresh bowl then, the old one is thrown away.`}
          </p>
        )}
      </SlateSection>
      {one.early > 0 && <WaysOut one={one} />}
    </>
  );
}

function Why({ one, desk }: { one: Outing; desk: ClockDesk }) {
  const { format } = useWorkbench();
  const { warming, band, wave } = one;
  const { minutes, celsius } = format;
  const [quick, slow] = warming.range;
  const dry = courseOf(one.request, one.out).dryAt();
  // With the whole board, or on the way, it is out for longer than it needs.
  const waits = one.early > 0 && wave.on - one.out > one.needs;
  const tooMany = waits ? one.early : one.short;
  const figure = (n: number) => (
    <span className="w-12 shrink-0 text-right font-bold tabular-nums text-butter">{Math.round(n)}</span>
  );
  return (
    <SlateSection title={tooMany > 0 ? say`Why it is tight` : say`How long`} aside={say`minutes`}>
      <ul className="space-y-1.5" data-why>
        <li className="flex gap-3">
          {figure(one.needs)}
          <span>
            {band
              ? warming.lead === null
                ? say`out, as the schools say: in this room it never reaches ${celsius(band.low)}`
                : say`from ${celsius(warming.start)} to ${celsius(band.low)} at the heart, ${LIES_WORDS[warming.lies]()}`
              : say`to lay it: it is served straight from the cold`}
            {quick !== null && slow !== null && quick !== slow && (
              <span className="block text-sm text-chalk-soft">
                {say`${minutes(quick)} in a draught, ${minutes(slow)} in still air`}
              </span>
            )}
          </span>
        </li>
        {waits && (
          <li className="flex gap-3">
            {figure(wave.on - one.out)}
            <span>{say`out before it is served, from ${desk.time(one.out)}: as long as the whole board is, and on its way`}</span>
          </li>
        )}
        <li className="flex gap-3">
          {figure(one.off - wave.on)}
          <span>{say`on the table, from ${desk.time(wave.on)} to ${desk.time(one.off)}`}</span>
        </li>
        <li className="flex gap-3">
          {figure(one.most)}
          <span>
            {say`out of the cold at the most: ${safeTimeWords(one.rule)}; local codes and licensed practice decide`}
          </span>
        </li>
        <li className="flex gap-3">
          <span
            className={`w-12 shrink-0 text-right font-bold tabular-nums ${tooMany > 0 ? 'text-wax-lit' : 'text-leaf-lit'}`}
          >
            {Math.round(tooMany > 0 ? tooMany : one.most - one.needs - (one.off - wave.on))}
          </span>
          <span>
            {waits
              ? say`too many: it must be gone by ${desk.time(one.offBy)}`
              : one.short > 0
                ? say`too many: safe comes first, so it is out from ${desk.time(one.out)} and at ${celsius(one.atTable.heart)} when it is served`
                : say`to spare`}
          </span>
        </li>
      </ul>
      <p className="mt-2">
        {say`Safe until ${desk.time(one.safeUntil)}.`}{' '}
        {one.early > 0 && (
          <span className="text-wax-lit">
            {say`It must be off ${minutes(one.early)} before its wave ends.`}{' '}
          </span>
        )}
        {one.fatAt === null
          ? say`Good until then: its face stays below ${celsius(22)}.`
          : say`Good until ${desk.time(one.fatAt)}: then fat shows on its face.`}
      </p>
      <p className="mt-2 text-sm text-chalk-soft">
        {say`Of the schools ${schoolWords(waitingSchool(one.needs), format)}.`}{' '}
        {warming.estimated && say`What it is made of is estimated by its style.`}{' '}
        {warming.standsFor && shapeWords(warming.standsFor)} {say`Left out: melting fat, crust and drying.`}{' '}
        {dry !== null &&
          say`Beads of water before ${desk.time(dry)} are dew, not fat: until then its face is colder than the dew point of a room at half humidity.`}
      </p>
    </SlateSection>
  );
}
