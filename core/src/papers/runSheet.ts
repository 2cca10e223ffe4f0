import { shiftsOf, type Shift } from '../clock/index.js';
import { whileNotTimed } from './timed.js';
import { eldersOf } from './elders.js';
import { dayOf, type Paper } from './paper.js';

/** The day by person and by time: what each pair of hands does, and what the clock itself says. */
export interface RunSheet {
  readonly hands: readonly (readonly Shift[])[];
  readonly byClock: readonly Shift[];
  /** What elders and the frail are usually told to leave alone. */
  readonly elders: readonly string[];
}

export const runSheetPaper: Paper<RunSheet> = {
  for: 'shop',
  needs: ['day'],
  hold: whileNotTimed,
  data: (ground) => {
    const { hands } = ground.plan.timing.question.room;
    const shifts = shiftsOf(dayOf(ground), hands);
    return {
      hands: Array.from({ length: hands }, (_, i) =>
        shifts.filter((shift) => shift.hands === i && shift.start < 0),
      ),
      byClock: shifts.filter((shift) => shift.hands === null || shift.start >= 0),
      elders: eldersOf(ground.plan),
    };
  },
};
