import type { Plan } from './plan.js';

/** The plan as plain JSON: goods by id, maps as records. What the API answers with. */
export function planOut(plan: Plan) {
  const {
    pairs,
    portions,
    walk,
    mains,
    barred,
    ownPlates,
    children,
    onTable,
    onBoard,
    cleanser,
    extras,
    beside,
    balance,
    lines,
    parts: _,
    ...rest
  } = plan;
  const portionOut = (portion: Plan['portions']['mains'][number]) => {
    const { good, ...figures } = portion;
    return { goodId: good.id, ...figures };
  };
  return {
    ...rest,
    balance: { ...balance, parts: Object.fromEntries(balance.parts) },
    extras: extras.map((good) => good.id),
    beside: beside.map((good) => good.id),
    lines: lines.map(({ good, ...line }) => ({ ...line, goodId: good.id })),
    mains: mains.map((main) => main.id),
    barred: barred.map(({ good, because }) => ({ goodId: good.id, because })),
    ownPlates: ownPlates.map((plate) => ({
      ...plate,
      lines: plate.lines.map(({ good, ...line }) => ({ goodId: good.id, ...line })),
      drink: plate.drink?.id ?? null,
    })),
    children: children.map(({ good, instead, ...line }) => ({
      goodId: good.id,
      ...line,
      instead: instead?.id ?? null,
    })),
    onTable: onTable.map((good) => good.id),
    onBoard: onBoard.map((good) => good.id),
    cleanser: cleanser?.id ?? null,
    portions: {
      ...portions,
      mains: portions.mains.map(portionOut),
      companions: portions.companions.map(portionOut),
    },
    walk: { ...walk, steps: walk.steps.map(({ main, ...step }) => ({ ...step, goodId: main.id })) },
    pairs: {
      set: pairs.set.map(({ slot, beside, serves }) => ({ slot, goodId: beside.id, serves })),
      byGood: Object.fromEntries(
        [...pairs.byGood].map(([id, slots]) => [
          id,
          slots.map(({ slot, match, why, byHand }) => ({
            slot,
            byHand,
            why,
            goodId: match?.beside.id ?? null,
            score: match?.score ?? null,
            reasons: match?.reasons ?? [],
          })),
        ]),
      ),
    },
  };
}
