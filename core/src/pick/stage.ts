import { exclusionsOf, type Exclusion } from '../care/index.js';
import { measure, type Balance } from '../balance/index.js';
import { goodsById, isMain, type Main } from '../counter/index.js';
import { reason, type Reason } from '../units/index.js';
import { boardAdvice } from './boardAdvice.js';
import { briefFingerprint } from '../brief/fingerprint.js';
import { changedCautions } from './changedCautions.js';
import { snapshotChanges, type SnapshotChange } from './snapshot.js';
import { pickRow } from './row.js';
import { stage } from '../stage/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'left-the-counter': { good: string };
    'not-on-the-counter': { id: string };
  }
}

declare module '../stage/stage.js' {
  interface Parts {
    pick: PickPart;
  }
}

export interface PickPart {
  /** Cheeses and meats of the board, without those that are barred. */
  readonly mains: readonly Main[];
  /** Picked goods that a guest's limit keeps off the board. */
  readonly barred: readonly { readonly good: Main; readonly because: readonly Exclusion[] }[];
  /** Picked goods that are not on this counter. */
  readonly missing: readonly string[];
  readonly balance: Balance;
  /** What is not on the counter any more as the order keeps it. */
  readonly changed: readonly SnapshotChange[];
  /** The brief changed since the selection was last proposed. */
  readonly briefChanged: boolean;
}

export const pickStage = stage(pickRow, {
  derive: ({ order, shelf, goods }, { brief: { brief } }): PickPart => {
    const picked = order.selection.goods ?? [];
    const known = picked.flatMap((id) => {
      const good = goods.get(id);
      return good && isMain(good) ? [good] : [];
    });
    const checked = known.map((good) => ({ good, because: exclusionsOf(good, brief.limits) }));
    const mains = checked.filter(({ because }) => because.length === 0).map(({ good }) => good);
    return {
      mains,
      barred: checked.filter(({ because }) => because.length > 0),
      missing: picked.filter((id) => !known.some((good) => good.id === id)),
      balance: measure(mains, brief),
      changed: snapshotChanges(order.snapshot, goodsById(shelf), brief.servingAt),
      briefChanged:
        order.selection.goods !== null && order.selection.briefFingerprint !== briefFingerprint(order.brief),
    };
  },
  advise: ({ brief, pick }, { order, counter }): readonly Reason[] => [
    ...(order.selection.goods === null ? [] : boardAdvice({ ...brief, ...pick, counter })),
    ...pick.changed
      .filter(({ field }) => field === 'gone')
      .map(({ goodId, name }) => reason('left-the-counter', { good: name }, { subject: goodId })),
    ...pick.missing.map((id) => reason('not-on-the-counter', { id }, { subject: id })),
  ],
  cautions: ({ pick }) => changedCautions(pick.changed),
});
