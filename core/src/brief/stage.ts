import { undecidedDangers } from '../care/index.js';
import { onCounter, settled } from './settle.js';
import { targetsOf, type Targets } from './targets.js';
import type { Brief } from './brief.js';
import type { House } from './house.js';
import { minutes, NONE, reason, type Minutes } from '../units/index.js';
import { briefRow } from './row.js';
import { stage } from '../stage/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'nothing-touches': NoFigures;
    travels: { minutes: Minutes };
    'salt-block': NoFigures;
  }
}

declare module '../stage/stage.js' {
  interface Parts {
    brief: BriefPart;
  }
  interface Ground {
    readonly house: House;
  }
}

export interface BriefPart {
  readonly servingAt: string;
  /** With every school settled: the order's own, else the house's. */
  readonly brief: Brief;
  readonly targets: Targets;
}

export const briefStage = stage(briefRow, {
  derive: ({ order, house, shelf, counter }): BriefPart => {
    // What steams is only what is baked: a promise of it without an oven is none.
    const baked = order.clock.hot.flatMap(({ id, way }) => (way === 'baked' ? [id] : []));
    const asked = { ...order.brief, steamed: order.brief.steamed.filter((id) => baked.includes(id)) };
    const { brief } = onCounter(settled(asked, house), shelf, []);
    return { servingAt: brief.servingAt, brief, targets: targetsOf(brief, counter, house) };
  },
  dangers: ({ brief: { brief } }) => undecidedDangers(brief.persons),
  advise: ({ brief: { brief } }) => [
    ...(brief.apart > 0 ? [reason('nothing-touches', NONE)] : []),
    ...(brief.travelMinutes > 0 ? [reason('travels', { minutes: minutes(brief.travelMinutes) })] : []),
    ...(brief.surface === 'salt block' ? [reason('salt-block', NONE)] : []),
  ],
});
