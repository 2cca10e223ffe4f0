import { companyOf } from '../brief/index.js';
import { type Exclusion, barsOf } from '../care/index.js';
import { measure, type Balance } from '../balance/index.js';
import { goodsById, isMain, type Main } from '../counter/index.js';
import { reason, type Reason } from '../units/index.js';
import { boardAdvice } from './boardAdvice.js';
import { briefFingerprint } from '../brief/fingerprint.js';
import { changedCautions } from './changedCautions.js';
import { snapshotChanges, type SnapshotChange } from './snapshot.js';
import { replacedLots } from './replaced.js';
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
    const company = companyOf(brief);
    const checked = known.map((good) => ({ good, because: barsOf(good, company) }));
    // What a person holds there stays, against a limit too: that is a danger, and nobody takes it away in silence.
    // A finished order stays as it was served.
    const held = new Set(order.state === 'finished' ? [] : order.selection.locked);
    const barred = checked.filter(({ good, because }) => because.length > 0 && !held.has(good.id));
    const mains = known.filter((good) => !barred.some((one) => one.good === good));
    return {
      mains,
      barred,
      missing: picked.filter((id) => !known.some((good) => good.id === id)),
      balance: measure(mains, brief),
      changed: snapshotChanges(order.snapshot, goodsById(shelf), brief.servingAt),
      briefChanged:
        order.selection.goods !== null && order.selection.briefFingerprint !== briefFingerprint(order.brief),
    };
  },
  advise: ({ brief, pick }, { order, counter, goods }): readonly Reason[] => [
    ...(order.selection.goods === null ? [] : boardAdvice({ ...brief, ...pick, counter })),
    ...pick.changed
      .filter(({ field }) => field === 'gone')
      .map(({ goodId, name }) => reason('left-the-counter', { good: name }, { subject: goodId })),
    ...pick.missing.map((id) => reason('not-on-the-counter', { id }, { subject: id })),
    ...replacedLots(order, goods),
  ],
  cautions: ({ pick }) => changedCautions(pick.changed),
});
