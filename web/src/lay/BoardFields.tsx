import { isBoxed, type LaidBoard, type PricedChoice } from '@rotula/core';
import { Pin, RefreshCw, RotateCcw } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Select } from '../ui/Select';
import { say, word } from '../language/say';
import { nameOf } from '../drawing/names';
import type { Laid } from './useLaid';

const BOARDS_SHOWN = 10;

/** On which boards it is laid, which of them is looked at, and where the bread stands. */
export function BoardFields({
  laid,
  shown,
  onShow,
}: {
  laid: Laid;
  shown: LaidBoard | null;
  onShow: (key: string) => void;
}) {
  const { plan, document, format } = useWorkbench();
  const { choices, choice, apart, laid: boards } = plan.boards;
  const { lay, brief } = document.order;
  if (!choice) return null;
  const first = choices.slice(0, BOARDS_SHOWN);
  // A way of another kind is offered too, however far down the list it stands.
  const others = choices.filter(
    ({ id, spread }) => !first.some((one) => one.id === id) && !first.some((one) => one.spread === spread),
  );
  const all = [...first, ...others.slice(0, 2)];
  if (!all.some(({ id }) => id === choice.id)) all.unshift(choice);
  const isOwn = lay.choice !== null || Object.keys(lay.pins).length > 0 || Object.keys(lay.sent).length > 0;
  const label = ({ parts, many, spread, fullness, fits, fill }: PricedChoice): string => {
    const names = [...new Set(parts.map(({ board }) => nameOf(board)))].join(' + ');
    const what = spread === 'tiers' ? say`a stand of ${parts.length} tiers` : names;
    const how = spread === 'by kind' ? say`${what}, cheeses and meats apart` : what;
    const count = many > 1 ? say`${many} times ${how}` : how;
    const state = fits
      ? fill.filler
        ? say`${Math.round(100 * fullness)} % full, ${format.money(fill.filler.price)} more fills it`
        : say`${Math.round(100 * fullness)} % full`
      : say`${Math.round(100 * fullness)} % full: too small`;
    return say`${count}: ${state}`;
  };
  return (
    <div className="no-print mb-2 flex flex-wrap items-center gap-2">
      <div className="min-w-64 flex-1">
        <Select
          label={say`Boards`}
          className="w-full"
          value={choice.id}
          options={all.map((one) => ({ value: one.id, label: label(one) }))}
          onChange={(id) => {
            const next = all.find((one) => one.id === id)!;
            laid.change(say`laid on ${next.parts.map(({ board }) => nameOf(board)).join(' + ')}`, {
              choice: next.id,
              pins: {},
              sent: {},
            });
          }}
        />
      </div>
      {!isBoxed(brief) && (
        <Choice
          label={say`Bread and crackers`}
          className="grid-cols-2"
          value={apart.length > 0 ? 'apart' : 'on'}
          options={[
            { value: 'on', label: say`Bread on it` },
            { value: 'apart', label: say`Bread apart` },
          ]}
          onChange={(bread) =>
            laid.change(bread === 'on' ? say`bread on the board` : say`bread apart`, { bread })
          }
        />
      )}
      <Button onClick={laid.anew}>
        <RefreshCw size={18} /> {say`Lay anew`}
      </Button>
      {laid.keep && (
        <Button look="quiet" onClick={laid.keep}>
          <Pin size={18} /> {say`Keep it so`}
        </Button>
      )}
      {isOwn && (
        <Button
          look="quiet"
          onClick={() =>
            laid.change(say`the board as Rotula would`, { choice: null, bread: null, pins: {}, sent: {} })
          }
        >
          <RotateCcw size={18} /> {say`as Rotula would`}
        </Button>
      )}
      {boards.length > 1 && (
        <Choice
          label={say`Which board`}
          className="w-full grid-cols-3"
          value={shown?.key ?? boards[0]!.key}
          options={boards.map(({ key, board, fullness }) => ({
            value: key,
            label: word(key),
            hint: say`${nameOf(board)}, ${Math.round(100 * fullness)} % full`,
          }))}
          onChange={onShow}
        />
      )}
    </div>
  );
}
