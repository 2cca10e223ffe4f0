import type { AllergenId, AllergenState } from '../lexicon/index.js';
import type { AllergenStatement } from './allergenStatement.js';

/** The list of a statement that holds each state. */
export const LIST_OF = {
  contains: 'contains',
  'may contain': 'mayContain',
  free: 'free',
  unknown: 'unknown',
} as const satisfies Record<AllergenState, keyof AllergenStatement>;

/**
 * A statement in which somebody says of these very allergens what they are, by name even where all the rest are the same; with who
 * said it and the day, where they gave a name. What its ingredients say still holds where that is stricter.
 * @param on ISO date
 */
export function allergensSaid(
  statement: AllergenStatement,
  ids: readonly AllergenId[],
  state: AllergenState,
  by: string,
  on: string,
): AllergenStatement {
  const others = <T extends AllergenId>(list: readonly T[]) => list.filter((id) => !ids.includes(id));
  const said = statement.said.filter(({ id }) => !ids.includes(id));
  const next: AllergenStatement = {
    ...statement,
    contains: others(statement.contains),
    mayContain: others(statement.mayContain),
    free: others(statement.free),
    unknown: others(statement.unknown),
    said: by.trim() === '' ? said : [...said, ...ids.map((id) => ({ id, by: by.trim(), on }))],
  };
  return { ...next, [LIST_OF[state]]: [...next[LIST_OF[state]], ...ids] };
}
