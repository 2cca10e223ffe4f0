import { onCounter, settled, targetsOf, type Brief, type Targets } from '../../brief/index.js';
import { minutes, NONE, reason, type Minutes } from '../../units/index.js';
import { ROWS } from '../rows.js';
import { stage } from './row.js';

declare module '../../units/reason.js' {
  interface Rules {
    'nothing touches': NoFigures;
    travels: { minutes: Minutes };
    'salt block': NoFigures;
  }
}

declare module './row.js' {
  interface Parts {
    brief: BriefPart;
  }
}

export interface BriefPart {
  readonly servingAt: string;
  /** With every school settled: the order's own, else the house's. */
  readonly brief: Brief;
  readonly targets: Targets;
}

export const briefStage = stage(ROWS.brief, {
  derive: ({ order, house, shelf, counter }): BriefPart => {
    const { brief } = onCounter(settled(order.brief, house), shelf, []);
    return { servingAt: brief.servingAt, brief, targets: targetsOf(brief, counter, house) };
  },
  advise: ({ brief: { brief } }) => [
    ...(brief.apart > 0 ? [reason('nothing touches', NONE)] : []),
    ...(brief.travelMinutes > 0 ? [reason('travels', { minutes: minutes(brief.travelMinutes) })] : []),
    ...(brief.surface === 'salt block' ? [reason('salt block', NONE)] : []),
  ],
});
