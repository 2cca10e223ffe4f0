import { mayBeDivided, onClock, reasonKey, type Layout, type Thing } from '@rotula/core';
import { Pin, RotateCw } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { SlateSection } from '../ui/Slate';
import { sentence } from '../words';
import { say, word } from '../language/say';
import { nameOf, thingName } from '../drawing/names';
import type { OnBoard } from './onBoard';

const BUTTON_TURN = 45;

/** What was touched: what it is, why it lies there, and what hands may do with it. */
export function ThingPanel({ board, laid, focus }: OnBoard) {
  const { document } = useWorkbench();
  const thing = board.things.find(({ id }) => id === focus);
  const place = laid.layout?.placed.find(({ id }) => id === focus);
  if (!thing || !place || !laid.layout) return null;
  const isHand = document.order.lay.pins[thing.id]?.hand ?? false;
  const violations = laid.layout.violations.filter(({ reason }) =>
    reason.subject.split(' ').includes(thing.id),
  );
  return (
    <SlateSection title={thingName(thing)} aside={isHand ? say`put there by hand` : say`laid by Rotula`}>
      <div data-touched={thing.id} className="space-y-2">
        <Where board={board} thing={thing} place={place} violations={violations} />
        <HandButtons board={board} laid={laid} thing={thing} place={place} isHand={isHand} />
      </div>
    </SlateSection>
  );
}

interface Touched {
  readonly board: OnBoard['board'];
  readonly thing: Thing;
  readonly place: Layout['placed'][number];
}

/** What it is, where it lies, beside what, and what speaks against its place. */
function Where({ board, thing, place, violations }: Touched & { readonly violations: Layout['violations'] }) {
  const { format } = useWorkbench();
  const [w, d] = [board.board.length, board.board.round ? board.board.length : board.board.width];
  const { hour, atRim } = onClock(place, { x: w / 2, y: d / 2 });
  const { step, hot, late } = thing.traits;
  const beside = board.things.filter(
    ({ id, beside: goesWith }) =>
      id !== thing.id && (thing.beside.includes(id) || goesWith.includes(thing.id)),
  );
  return (
    <>
      <p>
        {thing.grams > 0 && say`${format.grams(thing.grams)}, `}
        {say`${format.mm(thing.height)} high, ${hour === null ? say`in the middle` : say`at ${hour} o’clock`}${atRim ? say`, near the rim` : ''}`}
      </p>
      {step !== null && <p>{say`Step ${step} of the walk, which runs clockwise.`}</p>}
      {beside.length > 0 && <p>{say`Beside what it goes with: ${beside.map(thingName).join(', ')}.`}</p>}
      {hot ? (
        <p>{say`It comes hot from the oven, in its dish: its place waits for it, with wood below.`}</p>
      ) : (
        late && <p>{say`It comes last, at the table: its room is kept.`}</p>
      )}
      {violations.length === 0 && <p className="text-leaf-lit">{say`No rule is against its place.`}</p>}
      {violations.map(({ reason }) => (
        <p key={reasonKey(reason)} className="text-butter">
          {sentence(reason, format)}
        </p>
      ))}
    </>
  );
}

/** What is wet, crisp or runs may stand behind a wall of its own. */
const mayHaveWall = (thing: Thing): boolean => {
  const { wet, crisp, runs } = thing.traits;
  return mayBeDivided(thing) && (wet || crisp || runs || thing.divided !== undefined);
};

/** What hands may do with it: turn, pin, swap, wall in, send to another board. */
function HandButtons({
  board,
  laid,
  thing,
  place,
  isHand,
}: Touched & { readonly laid: OnBoard['laid']; readonly isHand: boolean }) {
  const { plan } = useWorkbench();
  const { laid: boards } = plan.boards;
  const name = thingName(thing);
  const others = board.things.filter(({ id }) => id !== thing.id);
  return (
    <>
      <div className="flex flex-wrap gap-2">
        <Button
          look="slate"
          onClick={() => laid.put(thing.id, name, place.x, place.y, place.turn + BUTTON_TURN)}
        >
          <RotateCw size={18} /> {say`Turn`}
        </Button>
        <Button
          look="slate"
          onClick={() =>
            isHand ? laid.letGo(thing.id, name) : laid.put(thing.id, name, place.x, place.y, place.turn)
          }
        >
          <Pin size={18} /> {isHand ? say`Let go` : say`Pin here`}
        </Button>
      </div>
      <Select
        label={say`Swap ${name} with`}
        className="w-full"
        value=""
        options={[
          { value: '', label: say`Swap it with another thing` },
          ...others.map((other) => ({ value: other.id, label: thingName(other) })),
        ]}
        onChange={(id) => {
          const other = others.find((one) => one.id === id);
          if (other) laid.swap(thing.id, other.id, [name, thingName(other)]);
        }}
      />
      {mayHaveWall(thing) && (
        <Button look="slate" onClick={() => laid.divide(thing, !thing.divided)}>
          {thing.divided ? say`Without the divider` : say`A divider round it`}
        </Button>
      )}
      {boards.length > 1 && (
        <Select
          label={say`Send ${name} to`}
          className="w-full"
          value={board.key}
          options={boards.map(({ key, board: one }) => ({
            value: key,
            label: say`${word(key)}: ${nameOf(one)}`,
          }))}
          onChange={(key) => laid.send(thing.id, name, key)}
        />
      )}
    </>
  );
}
