import type { Main } from './good.js';

/** What is in everything of its kind says nothing of a good. */
const PLAIN =
  /^(?:(?:raw |pasteurised |thermised )?(?:cow|sheep|goat|buffalo)?.{0,3}(?:milk|whey)|salt|sea salt|water|sugar|dextrose|smoke|rennet|.*cultures?|.*rennet|.*casing|pork|pork fat|pork liver|beef|venison|wild boar|goose|chicken|turkey|trout|garlic|onion|sulphites|saltpetre|preservatives?|.*nitrite.*|.*nitrate.*|spices?|(?:black |white )?pepper|sunflower oil for the cloth)$/i;

/** Of its ingredients those that tell something: what no other of its kind has. */
export const tellingIngredients = ({ contents }: Main): string[] =>
  contents.ingredients.filter((name) => !PLAIN.test(name));
