import { late } from '../ui/late';

/** The screen of each stage, and the papers; the code of each comes when it is opened, or while nothing else is done. */
export const STAGE_SCREENS: Readonly<Record<string, ReturnType<typeof late<object>>>> = {
  brief: late(() => import('../brief/BriefStage')),
  pick: late(() => import('../pick/PickStage')),
  portion: late(() => import('../portion/PortionStage')),
  cut: late(() => import('../cut/CutStage')),
  pair: late(() => import('../pair/PairStage')),
  walk: late(() => import('../walk/WalkStage')),
  lay: late(() => import('../lay/LayStage')),
  clock: late(() => import('../clock/ClockStage')),
  papers: late(() => import('../papers/PapersStage')),
};
