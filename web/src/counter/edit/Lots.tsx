import {
  freeId,
  takenOf,
  TREATMENTS,
  UNCHECKED,
  type Cheese,
  type Good,
  type Lot,
  type Taking,
} from '@rotula/core';
import { Plus, Trash2 } from 'lucide-react';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { DateField } from '../../ui/DateTimeField';
import { type Format } from '../../ui/format';
import { IconButton } from '../../ui/IconButton';
import { NumberField } from '../../ui/NumberField';
import { minorPerPrice } from './price';
import { ArrivalCheck } from './ArrivalCheck';
import { SellingDays } from './SellingDays';
import { Tasting } from './Tasting';
import { say, word } from '../../language/say';

const NEW_LOT = {
  grams: 0,
  pieces: 0,
  countedAt: null,
  madeOn: null,
  receivedOn: null,
  opened: false,
  treatment: null,
  price: null,
  bestFrom: null,
  bestUntil: null,
  verdict: null,
};

/** The days of a lot, and what an edit of each is called. */
const DAYS = [
  { field: 'madeOn', label: say`Made on`, edit: say`the making date` },
  { field: 'receivedOn', label: say`Received on`, edit: say`the day it came` },
  { field: 'bestFrom', label: say`Best from`, edit: say`the best window` },
  { field: 'bestUntil', label: say`Best until`, edit: say`the best window` },
] as const;

/** The lots of a good: what is left, when it came, at which price, and how it was tasted. */
export function Lots({
  good,
  counter,
  takings,
  format,
  today,
  onSet,
}: {
  good: Good;
  counter: readonly Good[];
  takings: readonly Taking[];
  format: Format;
  today: string;
  onSet: (what: string, lots: readonly Lot[]) => void;
}) {
  const edit = (what: string, id: string, part: Partial<Lot>) =>
    onSet(
      what,
      good.lots.map((lot) => (lot.id === id ? { ...lot, ...part } : lot)),
    );
  const add = () => {
    const id = freeId(`${good.id}-1`.slice(0, 58), (wanted) => good.lots.some((lot) => lot.id === wanted));
    onSet(say`a new lot`, [
      ...good.lots,
      { ...NEW_LOT, id, receivedOn: today, arrival: UNCHECKED } as unknown as Lot,
    ]);
  };
  return (
    <>
      <ul className="space-y-4">
        {good.lots.map((lot) => (
          <li
            key={lot.id}
            className="rounded-xl border-[1.5px] border-line bg-paper-lit p-4"
            data-lot={lot.id}
          >
            <LotFields
              good={good}
              counter={counter}
              taken={takenOf(good.id, lot, takings)}
              lot={lot}
              format={format}
              today={today}
              onEdit={(what, part) => edit(what, lot.id, part)}
              onRemove={() =>
                onSet(
                  say`take the lot ${lot.id} away`,
                  good.lots.filter((l) => l.id !== lot.id),
                )
              }
            />
          </li>
        ))}
      </ul>
      {good.lots.length === 0 && (
        <p className="text-ink-soft">{say`No lots: its stock is not counted, and it is taken as on order.`}</p>
      )}
      <Button className="mt-3" onClick={add}>
        <Plus size={18} /> {say`A lot came in`}
      </Button>
    </>
  );
}

function LotFields({
  good,
  counter,
  taken,
  lot,
  format,
  today,
  onEdit,
  onRemove,
}: {
  good: Good;
  counter: readonly Good[];
  taken: readonly Taking[];
  lot: Lot;
  format: Format;
  today: string;
  onEdit: (what: string, part: Partial<Lot>) => void;
  onRemove: () => void;
}) {
  const isTasted = good.kind === 'cheese' || good.kind === 'meat';
  const small = format.small;
  const minor = minorPerPrice(good, format);
  const gone = taken.reduce((sum, { grams }) => sum + grams, 0);
  const left = Math.max(0, lot.grams - gone);
  return (
    <>
      {taken.length > 0 && (
        <p className="mb-2" data-taken>
          {say`${format.grams(gone)} cut for orders since it was counted:`}{' '}
          <strong>{say`${format.grams(left)} left.`}</strong>{' '}
          <span className="text-ink-soft">{say`A new count starts anew.`}</span>
        </p>
      )}
      <div className="grid grid-cols-2 items-end gap-3 min-[700px]:grid-cols-4">
        <label>
          <span className="mb-1 block text-ink-soft">
            {taken.length > 0 ? say`Left, ${small.name}` : say`Counted, ${small.name}`}
          </span>
          <NumberField
            label={say`Weight counted`}
            className="field w-full"
            value={Math.round((left / small.grams) * 10) / 10}
            onCommit={(n) => onEdit(say`the count`, counted(n * small.grams))}
          />
        </label>
        <label>
          <span className="mb-1 block text-ink-soft">{say`Price, if its own`}</span>
          <NumberField
            label={say`Price of this lot`}
            className="field w-full"
            value={lot.price === null ? '' : Math.round((100 * lot.price) / minor) / 100}
            onCommit={(n) => onEdit(say`the price of a lot`, { price: Math.round(n * minor) as never })}
          />
        </label>
        {DAYS.map(({ field, label, edit }) => (
          <label key={field}>
            <span className="mb-1 block text-ink-soft">{label}</span>
            <DateField
              label={label}
              value={lot[field]}
              format={format}
              onCommit={(day) => onEdit(edit, { [field]: day })}
            />
          </label>
        ))}
        {good.kind === 'cheese' && <MilkOfLot lot={lot} good={good} onEdit={onEdit} />}
        <OpenedOrGone lot={lot} onEdit={onEdit} onRemove={onRemove} />
        {lot.price !== null && (
          <button
            type="button"
            className="min-h-11 text-left text-sm text-ink-soft underline underline-offset-4"
            onClick={() => onEdit(say`no price of its own`, { price: null })}
          >{say`no own price`}</button>
        )}
      </div>
      {lot.arrival && (
        <ArrivalCheck
          arrival={lot.arrival}
          format={format}
          onEdit={(what, arrival) => onEdit(what, { arrival })}
        />
      )}
      {good.kind === 'cheese' && (
        <SellingDays cheese={good} lot={lot} counter={counter} format={format} today={today} />
      )}
      {isTasted && <Tasting good={good} lot={lot} format={format} today={today} onEdit={onEdit} />}
    </>
  );
}

/** Whether it is opened; and it is taken away here. */
function OpenedOrGone({
  lot,
  onEdit,
  onRemove,
}: {
  lot: Lot;
  onEdit: (what: string, part: Partial<Lot>) => void;
  onRemove: () => void;
}) {
  return (
    <span className="flex items-center gap-1">
      <button
        type="button"
        role="switch"
        aria-checked={lot.opened}
        aria-label={say`Opened`}
        className="field min-w-0 flex-1 text-left"
        onClick={() =>
          onEdit(lot.opened ? say`the lot is whole` : say`the lot is opened`, { opened: !lot.opened })
        }
      >
        {lot.opened ? say`opened` : say`whole`}
      </button>
      <IconButton label={say`Take the lot ${lot.id} away`} onClick={onRemove}>
        <Trash2 size={18} />
      </IconButton>
    </span>
  );
}

/** How the milk of this lot is treated, where it is not as usual. */
function MilkOfLot({
  lot,
  good,
  onEdit,
}: {
  lot: Lot;
  good: Cheese;
  onEdit: (what: string, part: Partial<Lot>) => void;
}) {
  return (
    <label>
      <span className="mb-1 block text-ink-soft">{say`Milk of this lot`}</span>
      <Select
        label={say`Milk of the lot ${lot.id}`}
        className="w-full"
        value={lot.treatment ?? ''}
        options={[
          { value: '', label: say`as the good: ${word(good.treatment)}` },
          ...TREATMENTS.map((t) => ({ value: t, label: word(t) })),
        ]}
        onChange={(t) =>
          onEdit(say`how the milk of a lot is treated`, {
            treatment: t === '' ? null : (t as Lot['treatment']),
          })
        }
      />
    </label>
  );
}

/** A count is of its moment, also when it reads as the last one did. */
const counted = (weight: number): Partial<Lot> => ({
  grams: weight as never,
  countedAt: new Date().toISOString(),
});
