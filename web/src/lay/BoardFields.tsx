import { RefreshCw, RotateCcw } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Select } from '../ui/Select';
import { say, word } from '../language/say';
import type { Laid } from './useLaid';

const SHOWN = 8;
const keyOf = ({ board, many }: { board: { id: string }; many: number }) => `${many} ${board.id}`;

/** On which boards it is laid, and where the bread stands. */
export function BoardFields({ laid }: { laid: Laid }) {
  const { plan, document } = useWorkbench();
  const { choices, choice, apart } = plan.boards;
  const { lay, brief } = document.order;
  if (!choice) return null;
  const shown = choices.slice(0, SHOWN);
  const all = shown.some((one) => keyOf(one) === keyOf(choice)) ? shown : [choice, ...shown];
  const isOwn = lay.board !== null || Object.keys(lay.pins).length > 0;
  return (
    <div className="no-print mb-3 flex flex-wrap items-end gap-3">
      <div className="min-w-64 flex-1">
        <Select
          label={say`Boards`}
          className="w-full"
          value={keyOf(choice)}
          options={all.map((one) => ({
            value: keyOf(one),
            label: say`${one.many > 1 ? say`${one.many} times ` : ''}${nameOf(one.board)}, ${Math.round(100 * one.fullness)} % full${one.fits ? '' : say`: too small`}`,
          }))}
          onChange={(key) => {
            const next = all.find((one) => keyOf(one) === key)!;
            laid.change(say`laid on ${nameOf(next.board)}`, {
              board: next.board.id,
              many: next.many,
              pins: {},
            });
          }}
        />
      </div>
      {brief.role !== 'box' && brief.surface !== 'boxes' && (
        <Choice
          label={say`Bread and crackers`}
          className="grid-cols-2"
          value={apart.length > 0 ? 'apart' : 'on'}
          options={[
            { value: 'on', label: say`Bread on the board` },
            { value: 'apart', label: say`Bread apart` },
          ]}
          onChange={(bread) =>
            laid.change(bread === 'on' ? say`bread on the board` : say`bread apart`, { bread })
          }
        />
      )}
      <Button onClick={laid.anew}>
        <RefreshCw size={18} /> {say`Lay the rest anew`}
      </Button>
      {isOwn && (
        <Button
          look="quiet"
          onClick={() =>
            laid.change(say`the board as Rotula would`, { board: null, many: null, bread: null, pins: {} })
          }
        >
          <RotateCcw size={18} /> {say`as Rotula would`}
        </Button>
      )}
    </div>
  );
}

/** Boxes and the bare table are called by a word of a table, boards by their own name. */
export const nameOf = ({ id, name }: { readonly id: string; readonly name: string }): string =>
  id === name ? word(name) : name;
