import { type House } from '@rotula/core';
import { NumberField } from '../ui/NumberField';
import { Stepper } from '../ui/Stepper';
import { ZoneField } from '../ui/ZoneField';
import type { Format } from '../ui/format';
import { say, word } from '../language/say';

const KINDS = ['cheese', 'meat', 'companion', 'drink', 'ware'] as const;

/** Hands, ovens, what work and boards are charged, and the margin where a good names no supplier's price. */
export function WorkFields({
  house,
  format,
  onSet,
}: {
  house: House;
  format: Format;
  onSet: (part: Partial<House>) => void;
}) {
  const money = (label: string, value: number, set: (minor: number) => void) => (
    <label className="block">
      <span className="mb-1 block">{say`${label}, ${format.currency}`}</span>
      <NumberField
        label={label}
        className="field w-32"
        value={value / format.minorPerUnit}
        max={1e5}
        onCommit={(n) => set(Math.round(n * format.minorPerUnit))}
      />
    </label>
  );
  return (
    <section aria-label={say`Work and money`}>
      <h2 className="mb-2 text-xl">{say`Work and money`}</h2>
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <Stepper
          label={say`Pairs of hands`}
          value={house.hands}
          min={1}
          max={50}
          onChange={(hands) => onSet({ hands })}
        />
        <Stepper label={say`Ovens`} value={house.ovens} max={20} onChange={(ovens) => onSet({ ovens })} />
        {money(say`An hour of work`, house.wage, (wage) => onSet({ wage: wage as never }))}
        {money(say`Hire of a board`, house.boardHire, (boardHire) =>
          onSet({ boardHire: boardHire as never }),
        )}
        {money(say`Hire of a bell or tool`, house.kitHire, (kitHire) => onSet({ kitHire: kitHire as never }))}
        {money(say`A box for one`, house.boxPrice, (boxPrice) => onSet({ boxPrice: boxPrice as never }))}
        <label className="block">
          <span className="mb-1 block">{say`Wear of lasting ware, per cent of its price`}</span>
          <NumberField
            label={say`Wear of lasting ware, per cent`}
            className="field w-32"
            value={Math.round(house.wareShare * 1000) / 10}
            max={100}
            onCommit={(n) => onSet({ wareShare: n / 100 })}
          />
        </label>
        <ZoneField
          label={say`Time zone`}
          value={house.timeZone}
          usual={null}
          onCommit={(timeZone) => timeZone && onSet({ timeZone })}
        />
      </div>
      <p className="mt-4 mb-2 text-ink-soft">{say`Margin, per cent of the selling price, where a good names no supplier’s price. The shop’s own figures; common practice, no source.`}</p>
      <div className="flex flex-wrap gap-4">
        {KINDS.map((kind) => (
          <label key={kind} className="block">
            <span className="mb-1 block">{word(kind)}</span>
            <NumberField
              label={say`Margin of ${word(kind)}`}
              className="field w-20 text-right"
              value={Math.round((house.margin[kind] ?? 0) * 1000) / 10}
              max={95}
              onCommit={(n) => onSet({ margin: { ...house.margin, [kind]: n / 100 } })}
            />
          </label>
        ))}
      </div>
    </section>
  );
}
