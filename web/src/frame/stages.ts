import { inStrip, type StageId } from '@rotula/core';

/** What each stage is called; the papers stand after them and are no stage. */
export const STAGE_LABELS: Record<StageId, string> = {
  order: 'Order',
  brief: 'Brief',
  pick: 'Pick',
  portion: 'Portion',
  cut: 'Cut',
  pair: 'Pair',
  walk: 'Walk',
  table: 'Table',
};

export interface Tab {
  readonly path: string;
  readonly label: string;
  readonly key: string;
}

/** The strip, from the rows of the stages: each is opened by the number of its place. */
export const TABS: readonly Tab[] = [
  ...inStrip().map(({ id, place }) => ({ path: id, label: STAGE_LABELS[id], key: String(place) })),
  { path: 'papers', label: 'Papers', key: 'p' },
];
