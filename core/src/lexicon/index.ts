export {
  type AllergenId,
  type AllergenState,
  ALLERGENS,
  allergensByState,
  allergenState,
  GLUTEN_CEREALS,
  TREE_NUTS,
  WHEATS,
} from './allergens.js';
export type { Fact } from './concepts.js';
export type { Brought } from './read.js';
