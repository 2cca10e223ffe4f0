import { isDrink, type Good } from '../counter/index.js';
import { amountsOf, LEARNT_RULES, predicted, PRIOR } from '../ledger/evidence.js';
import { probesFor } from '../ledger/probes.js';
import { SessionBody, type Session } from '../ledger/session.js';

/** Simulated tasters: their weights differ from the prior, their notes have noise. For tests and the bench; nobody real tasted anything. */

/** A seeded number from 0 to 1. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}
const bell = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** A normal number that follows from a seed and a name alone: a rule or a good that is added changes nobody else's. */
const bellOf = (seed: number, name: string): number => {
  const random = seeded(
    [...name].reduce((sum, letter) => Math.imul(sum ^ letter.charCodeAt(0), 16777619), seed),
  );
  random();
  return bell(random);
};

/** Weights of a palate that differs from the prior by about this factor of each weight. */
export const palate = (seed: number, spread: number): Float64Array =>
  PRIOR.map((weight, k) => Math.max(0, weight * (1 + spread * bellOf(seed, LEARNT_RULES[k]!.id))));

/** Sessions of two tasters with this palate, one drink a session out of the counter in a seeded order. */
export function simulatedSessions(
  counter: readonly Good[],
  weights: Float64Array,
  many: number,
  { seed = 1, noise = 0.5 }: { seed?: number; noise?: number } = {},
): Session[] {
  const random = seeded(seed);
  const drinks = counter.filter(isDrink);
  const shelf = counter.map((good) => ({ ...good, lots: [] }));
  return Array.from({ length: many }, (_, i) => {
    const drink = drinks[Math.floor(random() * drinks.length)]!;
    // Each session has its own part of the counter, so that the probes are not always the same.
    const part = shelf.filter(() => random() < 0.5);
    const probes = probesFor(drink, part.length > 0 ? part : shelf);
    const at = `2026-0${1 + (i % 9)}-1${i % 10}T18:00`;
    const tasters = ['Ada', 'Bo'];
    const notes = probes.flatMap(({ good }) =>
      tasters.map((taster) => {
        const felt =
          predicted(amountsOf(good, drink), weights) +
          (taster === 'Bo' ? 0.4 : 0) +
          noise * bellOf(seed, `${i} ${good.id} ${taster}`);
        const sits = Math.max(-2, Math.min(2, Math.round(felt)));
        return { taster, probe: good.id, expected: 0, sits, at: `${at}:00.000Z` };
      }),
    );
    const felt = { acid: 2, sweet: 1, tannin: 1, heat: 1, body: 2 };
    const body = SessionBody.parse({
      drink: drink.id,
      startedAt: at,
      tasters,
      probes: probes.map(({ role, good }) => ({ role, goodId: good.id })),
      alone: tasters.map((taster) => ({ taster, felt, at })),
      notes,
      goods: [
        ...new Map(
          [{ ...drink, lots: [] }, ...probes.map(({ good }) => good)].map((good) => [good.id, good]),
        ).values(),
      ],
    });
    return { ...body, id: `s${i}`, version: 1, updatedAt: at };
  });
}
