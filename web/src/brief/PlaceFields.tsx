import { WARE_USES, type Brief, type OwnWare } from '@rotula/core';
import { Plus, X } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { TypedText } from '../ui/TypedText';
import { IconButton } from '../ui/IconButton';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import { Stepper } from '../ui/Stepper';
import { ZoneField } from '../ui/ZoneField';
import { useBrief } from './useBrief';
import { say, word } from '../language/say';

const C_TO_F = { of: (c: number) => (c * 9) / 5 + 32, back: (f: number) => ((f - 32) * 5) / 9 };

/** A temperature in the units of the house; null: as usual there. */
function Degrees({
  label,
  value,
  onCommit,
}: {
  label: string;
  value: number | null;
  onCommit: (celsius: number | null) => void;
}) {
  const { house } = useWorkbench();
  const us = house.units === 'US customary';
  return (
    <label className="block">
      <span className="mb-1 block">{say`${label}, ${us ? '°F' : '°C'}`}</span>
      <span className="flex items-center gap-2">
        <NumberField
          label={label}
          className="field w-24"
          value={value === null ? '' : Math.round(us ? C_TO_F.of(value) : value)}
          min={us ? -4 : -20}
          max={us ? 122 : 50}
          onCommit={(n) => onCommit(us ? C_TO_F.back(n) : n)}
        />
        {value !== null && (
          <button
            type="button"
            className="min-h-11 px-1 text-sm underline underline-offset-4"
            onClick={() => onCommit(null)}
          >
            {say`as usual`}
          </button>
        )}
      </span>
    </label>
  );
}

/** A measure of the customer's table. */
function TableMeasure({ label, of }: { label: string; of: 'length' | 'width' }) {
  const { brief, set } = useBrief();
  const { format } = useWorkbench();
  const size = brief.tableSize;
  return (
    <label className="block">
      <span className="mb-1 block">{say`${label}, ${format.length.name}`}</span>
      <NumberField
        label={label}
        className="field w-28"
        value={size ? Math.round(size[of] / format.length.mm) : ''}
        min={1}
        max={Math.round(20_000 / format.length.mm)}
        onCommit={(n) =>
          set(say`the size of the table`, {
            tableSize: {
              ...(size ?? { length: 1800 as never, width: 800 as never }),
              [of]: n * format.length.mm,
            },
          })
        }
      />
    </label>
  );
}

/** How warm, on what table, and which boards and bowls the customer has. */
export function PlaceFields() {
  const { brief, set } = useBrief();
  const { house } = useWorkbench();
  const waits = (ware: OwnWare[]) => set(say`the customer’s wares`, { wares: ware });
  return (
    <div className="space-y-4">
      <Stepper
        label={say`Lasts, hours`}
        hint={say`from serving to the end`}
        value={brief.hours}
        min={1}
        max={14}
        onChange={(hours) => set(say`how long it lasts`, { hours })}
      />
      <div>
        <div className="mb-4">
          <ZoneField
            label={say`Time zone`}
            value={brief.timeZone}
            usual={house.timeZone}
            onCommit={(timeZone) => set(say`the time zone`, { timeZone })}
          />
        </div>
        <div className="flex flex-wrap gap-4">
          <Degrees
            label={say`At the table`}
            value={brief.roomCelsius}
            onCommit={(roomCelsius) => set(say`how warm it is`, { roomCelsius })}
          />
          <Degrees
            label={say`On the way`}
            value={brief.journeyCelsius}
            onCommit={(journeyCelsius) => set(say`how warm the way is`, { journeyCelsius })}
          />
        </div>
      </div>
      <div className="flex flex-wrap items-end gap-4">
        <TableMeasure label={say`Table, long`} of="length" />
        <TableMeasure label={say`Table, wide`} of="width" />
        <Select
          label={say`Open sides`}
          className="w-40"
          value={String(brief.openSides ?? 'usual')}
          options={[
            { value: 'usual', label: say`by the table` },
            ...[1, 2, 3, 4].map((n) => ({ value: String(n), label: say`${n} open` })),
          ]}
          onChange={(v) => set(say`the open sides`, { openSides: v === 'usual' ? null : Number(v) })}
        />
      </div>
      <OwnWares brief={brief} waits={waits} />
    </div>
  );
}

/** Boards, bowls and tools that the customer has. */
function OwnWares({ brief, waits }: { brief: Brief; waits: (wares: OwnWare[]) => void }) {
  return (
    <div>
      <ul className="mt-3 space-y-2" aria-label={say`What the customer has`}>
        {brief.wares.map((ware, i) => (
          <li key={i} className="flex items-center gap-2">
            <TypedText
              label={say`Ware ${i + 1}`}
              className="field min-w-0 flex-1"
              value={ware.name}
              needed
              onCommit={(name) => waits(brief.wares.map((w, j) => (j === i ? { ...w, name } : w)))}
            />
            <Select
              label={say`Use of ${ware.name}`}
              className="w-32"
              value={ware.use}
              options={WARE_USES.map((value) => ({ value, label: word(value) }))}
              onChange={(use) => waits(brief.wares.map((w, j) => (j === i ? { ...w, use } : w)))}
            />
            <IconButton
              label={say`drop ${ware.name}`}
              onClick={() => waits(brief.wares.filter((_, j) => j !== i))}
            >
              <X size={18} />
            </IconButton>
          </li>
        ))}
      </ul>
      <Button
        look="quiet"
        onClick={() =>
          waits([
            ...brief.wares,
            {
              name: say`Own board`,
              use: 'board',
              count: 1,
              length: null,
              width: null,
              diameter: null,
              ml: null,
            },
          ])
        }
      >
        <Plus size={18} /> {say`What the customer has`}
      </Button>
      <p className="mt-1 text-sm text-ink-soft">{say`A knife or spoon of theirs is kit at once; Lay takes their boards and bowls.`}</p>
    </div>
  );
}
