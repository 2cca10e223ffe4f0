import { LIGHTS, SETTINGS, SURFACES, TABLES } from '@rotula/core';
import { Select } from '../ui/Select';
import { Stepper } from '../ui/Stepper';
import { useBrief } from './useBrief';
import { say, word } from '../language/say';

const options = <T extends string>(values: readonly T[]) =>
  values.map((value) => ({ value, label: word(value) }));

/** Where it is eaten: heat, table, light, what it lies on, how far it travels. */
export function WhereFields() {
  const { brief, set } = useBrief();
  return (
    <>
      <div className="grid grid-cols-2 items-start gap-3">
        <Select
          label={say`Where`}
          value={brief.setting}
          options={options(SETTINGS)}
          onChange={(setting) => set(say`where it is eaten`, { setting })}
        />
        <Select
          label={say`Table`}
          value={brief.table}
          options={options(TABLES)}
          onChange={(table) => set(say`the table`, { table })}
        />
        <Select
          label={say`Light`}
          value={brief.light}
          options={LIGHTS.map((value) => ({ value, label: say`${word(value)} light` }))}
          onChange={(light) => set(say`the light`, { light })}
        />
        <Select
          label={say`Served on`}
          value={brief.surface}
          options={SURFACES.map((value) => ({ value, label: say`on ${value}` }))}
          onChange={(surface) => set(say`what it is served on`, { surface })}
        />
      </div>
      <Stepper
        label={say`Travels, minutes`}
        hint={say`the finished board, on the way to the table`}
        value={brief.travelMinutes}
        max={1440}
        onChange={(travelMinutes) => set(say`how long it travels`, { travelMinutes })}
      />
    </>
  );
}
