import { baseOf, BUILD_SCHOOLS, buildOf, type BuildSchool, type BuildStep } from '@rotula/core';
import clsx from 'clsx';
import { useState } from 'react';
import { ShortMark } from '../frame/ShortMark';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { SlateSection } from '../ui/Slate';
import { BUILD_WORDS, LAY_SCHOOL_WORDS, whereWords } from '../words/lay';
import { say } from '../language/say';
import { thingName } from '../drawing/names';
import type { Building, OnBoard } from './onBoard';

/** Steps of building one after the other, by landmarks; the picture shows what lies there by then. */
export function Build({ board, laid, onFocus, step, onStep }: OnBoard & Building) {
  const { format } = useWorkbench();
  const [school, setSchool] = useState<BuildSchool>('anchors first');
  if (!laid.layout) return null;
  const [w, d] = [board.board.length, board.board.round ? board.board.length : board.board.width];
  const lines = buildOf(laid.layout, board.things, { x: w / 2, y: d / 2 }, school);
  const steps = [...new Set(lines.map((line) => line.step))];
  const at = step === null ? -1 : steps.indexOf(step);
  const go = (to: number) => onStep(steps[to] ?? null);
  const shown: readonly BuildStep[] = at < 0 ? steps : [steps[at]!];
  return (
    <SlateSection title={say`Build it`} aside={say`the guest at six o’clock`}>
      <Select
        label={say`What is laid first`}
        className="mb-3 w-full"
        value={school}
        options={(Object.keys(BUILD_SCHOOLS) as BuildSchool[]).map((value) => ({
          value,
          label: LAY_SCHOOL_WORDS[value],
        }))}
        onChange={setSchool}
      />
      <div className="mb-3 flex flex-wrap items-center gap-2" data-build-step={step ?? 'all'}>
        <Button look="slate" disabled={at < 0} onClick={() => go(at - 1)}>{say`Back`}</Button>
        <Button
          look="slate"
          disabled={at === steps.length - 1}
          onClick={() => go(at + 1)}
        >{say`Next step`}</Button>
        <span aria-live="polite">{at < 0 ? say`all steps` : say`step ${at + 1} of ${steps.length}`}</span>
      </div>
      <ol className="space-y-3" data-build>
        {shown.map((one) => (
          <li key={one}>
            <h3 className="font-bold">{BUILD_WORDS[one]}</h3>
            <ul>
              {lines
                .filter((line) => line.step === one)
                .map((line) => (
                  <li key={line.thing.id}>
                    <button
                      type="button"
                      className={clsx('min-h-11 py-0.5 text-left underline-offset-4 hover:underline')}
                      onClick={() => onFocus(line.thing.id)}
                    >
                      {line.thing.grams > 0
                        ? say`${line.thing.name}, ${format.grams(line.thing.grams)}`
                        : thingName(line.thing)}
                      <ShortMark good={baseOf(line.thing)} />
                      <span className="block text-sm text-chalk-soft">
                        {whereWords(line)}
                        {line.thing.traits.hot
                          ? say`; hot from the oven, on wood: its place waits`
                          : line.thing.traits.late && say`; last, at the table: its room is kept`}
                      </span>
                    </button>
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ol>
    </SlateSection>
  );
}
