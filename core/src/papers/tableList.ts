import { ALLERGENS, goodsById, type AllergenId, type Good } from '../counter/index.js';
import { nameOnBoard } from './claims.js';
import type { Plan } from '../order/index.js';

/** One allergen of the table, and which goods bring it, by name. */
export interface TableRow {
  readonly id: AllergenId;
  readonly contains: readonly string[];
  readonly mayContain: readonly string[];
}

/**
 * The allergens of everything on the table, drinks and own plates too. An allergen that no row names is not declared free:
 * it is only "not an ingredient" of what stands here.
 * @param nameOf how a good is called: to guests without claims that a shared board does not keep
 */
export function tableList(
  { allergens, onTable }: Plan,
  nameOf: (good: Good) => string = nameOnBoard,
): TableRow[] {
  const goods = goodsById(onTable);
  const names = (ids: readonly string[] | undefined) => (ids ?? []).map((id) => nameOf(goods.get(id)!));
  return ALLERGENS.map(({ id }) => ({
    id,
    contains: names(allergens.contains.find((row) => row.id === id)?.goods),
    mayContain: names(allergens.mayContain.find((row) => row.id === id)?.goods),
  })).filter((row) => row.contains.length + row.mayContain.length > 0);
}
