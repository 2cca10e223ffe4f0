import type { AxisId, Balance, Main, Texture } from '@rotula/core';
import { axisWords } from './axisWords';
import { sectorsOf } from '../wheel/wheelLayout';
import { AXIS_LABELS } from '../words';
import { say } from '../language/say';

const SHOWN = ['milk', 'texture', 'firmness', 'age', 'intensity', 'flavour', 'sight', 'origin', 'company'];
const LABELS: Partial<Record<AxisId, string>> = { company: say`company` };

/** Each axis of balance as a bar of its best; the tick is what this counter can reach. A held axis has no bar. */
export function BalanceBars({
  balance,
  families,
  reach,
  mains,
  on,
  home,
}: {
  balance: Balance;
  families: ReadonlySet<Texture>;
  reach: Balance | null;
  mains: readonly Main[];
  on: string;
  /** The country that counts as home ground. */
  home: string;
}) {
  const sectors = sectorsOf(balance.axes, families);
  const axes = SHOWN.map((id) =>
    balance.axes.find((axis) => axis.id === id && axis.kind === 'cheese')!,
  ).filter((axis) => axis.held || axis.best > 0);
  return (
    <div className="grid grid-cols-[auto_1fr_auto] items-center gap-x-3 gap-y-1">
      {axes.map((axis) => {
        const reachable = reach?.axes.find((a) => a.id === axis.id && a.kind === 'cheese');
        const share = (100 * axis.raw) / axis.best;
        const label = LABELS[axis.id] ?? AXIS_LABELS[axis.id];
        if (axis.held)
          return (
            <div key={axis.id} className="contents">
              <span>{label}</span>
              <span className="border-t-2 border-dashed border-slate-line" />
              <span className="text-sm text-butter">{say`held`}</span>
            </div>
          );
        return (
          <div key={axis.id} className="contents">
            <span>{label}</span>
            <span
              className="relative h-2.5 min-w-20 rounded-full bg-slate-line"
              role="img"
              aria-label={say`${AXIS_LABELS[axis.id]}: ${Math.round(share)} of 100`}
            >
              <span
                className="absolute inset-y-0 left-0 rounded-full bg-butter"
                style={{ width: `${Math.min(100, share)}%` }}
              />
              {reachable && reachable.best > 0 && (
                <span
                  className="absolute -inset-y-1 w-0.5 bg-chalk"
                  style={{ left: `${Math.min(99, (100 * reachable.raw) / reachable.best)}%` }}
                />
              )}
            </span>
            <span className="text-sm text-chalk-soft">{axisWords(axis.id, mains, sectors, on, home)}</span>
          </div>
        );
      })}
    </div>
  );
}
