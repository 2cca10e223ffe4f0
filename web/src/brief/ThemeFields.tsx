import {
  faceOffsOn,
  FLAVOURS,
  isMain,
  MILKS,
  SIGHTS,
  TEXTURES,
  verticalsOn,
  type Brief,
  type FlightOffer,
  type Good,
} from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { capital } from '../ui/format';
import { useBrief } from './useBrief';
import { say } from '../language/say';

type Holds = NonNullable<Brief['theme']>['holds'];
type FlightKind = NonNullable<Brief['flight']>['kind'];
type Mode = 'none' | Holds | FlightKind;

const MODES: readonly { value: Mode; label: string; hint?: string }[] = [
  { value: 'none', label: say`no theme` },
  { value: 'milk', label: say`one milk` },
  { value: 'family', label: say`one family` },
  { value: 'region', label: say`one region` },
  { value: 'colour', label: say`one colour` },
  { value: 'flavour', label: say`one flavour` },
  {
    value: 'vertical',
    label: say`a vertical`,
    hint: say`one cheese, or one line of a maker, at several ages`,
  },
  { value: 'face-off', label: say`a face-off`, hint: say`one style from several makers` },
];
const FLIGHTS: readonly Mode[] = ['vertical', 'face-off'];

/** What this counter offers for each theme and flight, with how many goods. */
function offers(counter: readonly Good[], mode: Mode, date: string): { value: string; label: string }[] {
  const offer =
    (what: string) =>
    ({ of, cheeses }: FlightOffer) => ({ value: of, label: `${capital(of)} (${cheeses} ${what})` });
  const counted = (words: readonly string[], least: number) => {
    const counts = new Map<string, number>();
    for (const word of words.filter(Boolean)) counts.set(word, (counts.get(word) ?? 0) + 1);
    return [...counts]
      .filter(([, n]) => n >= least)
      .sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))
      .map(([value, n]) => ({ value, label: `${value} (${n})` }));
  };
  const plain = (words: readonly string[]) => words.map((value) => ({ value, label: value }));
  switch (mode) {
    case 'none':
      return [];
    case 'milk':
      return plain(MILKS);
    case 'family':
      return plain(TEXTURES);
    case 'colour':
      return plain(SIGHTS);
    case 'flavour':
      return plain(FLAVOURS);
    case 'region':
      return counted(
        counter.filter(isMain).map((m) => m.origin.region),
        1,
      );
    case 'vertical':
      return verticalsOn(counter, date).map(offer('ages'));
    case 'face-off':
      return faceOffsOn(counter).map(offer('makers'));
  }
}

export function ThemeFields() {
  const { shelf: counter } = useWorkbench();
  const { brief, set } = useBrief();
  const mode: Mode = brief.flight?.kind ?? brief.theme?.holds ?? 'none';
  const what = brief.flight?.of ?? brief.theme?.is ?? '';
  const options = useMemo(() => offers(counter, mode, brief.servingAt), [counter, mode, brief.servingAt]);
  const take = (to: Mode, is: string) => {
    if (to === 'none' || is === '') return set(say`no theme`, { theme: null, flight: null });
    if (FLIGHTS.includes(to))
      return set(say`a ${to}`, { theme: null, flight: { kind: to as FlightKind, of: is } });
    return set(say`the theme “${is}”`, { theme: { holds: to as Holds, is }, flight: null });
  };
  return (
    <div className="flex flex-wrap gap-3">
      <Select
        label={say`Theme or flight`}
        className="w-60"
        value={mode}
        options={MODES}
        onChange={(to) => take(to, offers(counter, to, brief.servingAt)[0]?.value ?? '')}
      />
      {mode !== 'none' && (
        <Select
          label={say`Of`}
          className="w-72"
          value={what}
          options={
            options.some((o) => o.value === what) ? options : [{ value: what, label: what }, ...options]
          }
          onChange={(is) => take(mode, is)}
        />
      )}
    </div>
  );
}
