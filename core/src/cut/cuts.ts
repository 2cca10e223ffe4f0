import { isCheese, type Cheese, type Main, type Meat } from '../counter/index.js';
import { reason, subjectOf, type Reason } from '../units/index.js';
import { assignLooks, type Option } from './assign.js';
import { cheeseCut } from './cheeseCut.js';
import type { CutRequest, Cut } from './cut.js';
import { FOLDS, type FoldId } from './folds.js';
import { meatCut } from './meatCut.js';
import type { CutStyleId } from './style.js';
import { CUT_STYLES } from './styles.js';
import { tableReasons, type Table } from './suit.js';

declare module '../units/reason.js' {
  interface Rules {
    'suits-the-cheese': { style: CutStyleId };
    'suits-the-meat': { fold: FoldId };
    'looks-alike': { others: readonly string[] };
    'not-its-usual-cut': { usual: CutStyleId | FoldId };
  }
}

/** Cut style or fold that a person chose, by good id. */
export type CutChoices = Readonly<Record<string, string>>;

/** What suits a cheese; of what comes from the oven only that. */
const stylesFor = (cheese: Cheese, wanted: string | undefined) => {
  const hot = CUT_STYLES.filter((style) => style.forHeat && style.id === wanted);
  return hot.length > 0 ? hot : CUT_STYLES.filter((style) => style.suits(cheese) > 0);
};
const foldsFor = (meat: Meat) => FOLDS.filter((fold) => fold.suits(meat) > 0);

interface Treatment {
  readonly option: Option;
  readonly reasons: readonly Reason[];
}

/** Every treatment of a good, with how well it suits the good, the table and the house; the best first. */
function treatmentsOf(main: Main, table: Table, wanted: string | undefined): Treatment[] {
  const subject = main.id;
  const all = isCheese(main)
    ? stylesFor(main, wanted).map((style): Treatment => {
        const own = reason('suits-the-cheese', { style: style.id }, { subject, effect: style.suits(main) });
        return {
          option: { id: style.id, look: style.look, suits: 0 },
          reasons: [own, ...tableReasons(style, table, subject)],
        };
      })
    : foldsFor(main).map((fold): Treatment => {
        const own = reason('suits-the-meat', { fold: fold.id }, { subject, effect: fold.suits(main) });
        return { option: { id: fold.id, look: fold.id, suits: 0 }, reasons: [own] };
      });
  return all
    .map(({ option, reasons }) => {
      const suits = reasons.reduce((sum, { effect }) => sum + effect, 0);
      return { option: { ...option, suits }, reasons };
    })
    .sort((a, b) => b.option.suits - a.option.suits);
}

/**
 * The cut of every cheese and the fold of every meat: what suits each and the table, as few alike as may be, with pieces,
 * weights and measures.
 * @param requests grams to be eaten and heads that eat of it, by good id
 */
export function cutsFor(
  mains: readonly Main[],
  requests: ReadonlyMap<string, CutRequest>,
  choices: CutChoices,
  table: Table,
  date: string,
): Cut[] {
  const treatments = mains.map((main) => treatmentsOf(main, table, choices[main.id]));
  const open = treatments.map((all, i) => {
    const chosen = all.filter(({ option }) => option.id === choices[mains[i]!.id]);
    return (chosen.length > 0 ? chosen : all).map(({ option }) => option);
  });
  const chosen = assignLooks(open);
  return mains.map((main, i) => {
    const option = chosen[i]!;
    const all = treatments[i]!;
    // What is the only one was no choice.
    const byHand = all.length > 1 && choices[main.id] === option.id;
    const alike = mains.filter((_, j) => j !== i && chosen[j]!.look === option.look);
    const reasons = [...all.find((t) => t.option.id === option.id)!.reasons];
    if (alike.length > 0)
      reasons.push(
        reason(
          'looks-alike',
          { others: alike.map((m) => m.name) },
          { subject: subjectOf([main.id, ...alike.map((m) => m.id)]), effect: -alike.length },
        ),
      );
    const ids = all.map((t) => t.option.id as CutStyleId | FoldId);
    if (ids[0] !== option.id && !byHand)
      reasons.push(reason('not-its-usual-cut', { usual: ids[0]! }, { subject: main.id, effect: -1 }));
    const frame = { byHand, reasons, others: ids.filter((id) => id !== option.id) };
    const share = requests.get(main.id)!;
    return isCheese(main)
      ? cheeseCut(
          main,
          share,
          CUT_STYLES.find(({ id }) => id === option.id)!,
          frame,
          date,
        )
      : meatCut(
          main,
          share,
          FOLDS.find(({ id }) => id === option.id)!,
          frame,
        );
  });
}
