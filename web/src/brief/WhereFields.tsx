import { LIGHTS, SETTINGS, SURFACES, TABLES } from '@rotula/core';
import { Select } from '../ui/Choice';
import { Stepper } from '../ui/Stepper';
import { useBrief } from './useBrief';
import { Waits } from './Waits';

const options = <T extends string>(values: readonly T[]) => values.map((value) => ({ value, label: value }));

/** Where it is eaten: heat, table, light, what it lies on, how far it travels. */
export function WhereFields() {
  const { brief, set } = useBrief();
  return (
    <>
      <div className="grid grid-cols-2 items-start gap-3">
        <Select
          label="Where"
          value={brief.setting}
          options={options(SETTINGS)}
          onChange={(setting) => set('where it is eaten', { setting })}
        />
        <Waits stage="Lay">
          <Select
            label="Table"
            className="w-full"
            value={brief.table}
            options={options(TABLES)}
            onChange={(table) => set('the table', { table })}
          />
        </Waits>
        <Select
          label="Light"
          value={brief.light}
          options={LIGHTS.map((value) => ({ value, label: `${value} light` }))}
          onChange={(light) => set('the light', { light })}
        />
        <Select
          label="Served on"
          value={brief.surface}
          options={SURFACES.map((value) => ({ value, label: `on ${value}` }))}
          onChange={(surface) => set('what it is served on', { surface })}
        />
      </div>
      <Stepper
        label="Travels, minutes"
        hint="the finished board, on the way to the table"
        value={brief.travelMinutes}
        max={1440}
        onChange={(travelMinutes) => set('how long it travels', { travelMinutes })}
      />
    </>
  );
}
