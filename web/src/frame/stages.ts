import { inStrip, ROW_LIST, type OwnerId } from '@rotula/core';
import { say } from '../language/say';

/** What each stage is called; the papers stand after them and are no stage. */
export const STAGE_LABELS: Record<OwnerId, string> = {
  order: say`Order`,
  brief: say`Brief`,
  pick: say`Pick`,
  portion: say`Portion`,
  cut: say`Cut`,
  pair: say`Pair`,
  walk: say`Walk`,
  lay: say`Lay`,
  clock: say`Clock`,
  table: say`What is told`,
};

export interface Tab {
  readonly path: string;
  readonly label: string;
  readonly key: string;
}

/** The strip, from the rows of the stages: each is opened by the number of its place. */
export const TABS: readonly Tab[] = [
  ...inStrip(ROW_LIST).map(({ id, place }) => ({
    path: id,
    label: STAGE_LABELS[id],
    key: String(place),
  })),
  { path: 'papers', label: say`Papers`, key: 'p' },
];
