import {
  safeTimeAt,
  TIME_OUT,
  type CautionRule,
  type FitReason,
  type Ingredient,
  type NotKnown,
  type RiskRowId,
  type Safety,
} from '@rotula/core';
import { capital, type Format } from '../ui/format';
import { allergenLabel, limitLabel } from './labels';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

/** Said where somebody tries to serve an allergy by a mark, a distance, a bowl or a bell. */
export const NOT_BY_CARD = say`A card, a distance, a bowl or a bell on a shared board serves a dislike only; an allergy goes to an own plate.`;
const OWN_PLATE = say`Set their own plate, cut first, with its own knife, away from the board: shared boards and knives spread it.`;

/** What guests at risk are usually told to leave alone. */
export const RISK_WORDS: Record<RiskRowId, string> = {
  'mould-ripened': say`soft mould-ripened, washed-rind or blue cheese`,
  'raw milk': say`raw-milk cheese`,
  'treatment unknown': say`how the milk was treated is not known`,
  thermised: say`thermised milk is not pasteurised`,
  'soft-ripened rind': say`soft cheese with a mould or ash rind`,
  'smoked fish': say`smoked fish kept cold, hot-smoked or cold-smoked`,
  'cold meats': say`meat served cold: cured, smoked or cooked`,
  'pate and raw sausage': say`pâté and raw sausage`,
  starfruit: say`starfruit (carambola): it is poisonous to failing kidneys`,
  'tyramine in cheese': say`aged, blue or washed cheese`,
  'tyramine in meat': say`fermented or air-dried meat`,
  'tyramine in drink': say`beer`,
  alcohol: say`alcohol`,
  'alcohol in food': say`food with spirits in it`,
  'blue inside': say`dips and sauces with blue cheese in them`,
  'raw egg': say`what is made with raw egg`,
  'raw fish': say`raw or cold-smoked fish`,
  sprouts: say`sprouts`,
  'beer without alcohol': say`beer without alcohol, which is brewed all the same`,
  'fermented food': say`fermented cabbage, soy sauce, yeast extract`,
  'histamine in cheese': say`aged, blue, washed or mould-ripened cheese`,
  'histamine in meat': say`fermented or air-dried meat`,
  'histamine in fish': say`fish that is not fresh: salted, tinned, pickled`,
  'histamine in drink': say`wine, beer and other alcohol`,
  'not described': say`what it is has not been settled yet`,
};

const INSIDE: Record<Ingredient, string> = {
  pork: say`is pork`,
  meat: say`is meat`,
  milk: say`is milk`,
  'meat or fish inside': say`meat or fish inside`,
  'pork casing': say`pork casing`,
  'animal rennet': say`animal rennet`,
  'pork gelatine': say`pork gelatine`,
  'beef gelatine': say`beef gelatine`,
  'fish gelatine': say`fish gelatine`,
  honey: say`honey in it`,
  blood: say`blood in it`,
  alcohol: say`alcohol in it`,
  insect: say`colour or glaze of insects in it`,
};

const NOT_KNOWN: Record<NotKnown, string> = {
  animal: say`the animal is not known`,
  casing: say`the casing is not known`,
  gelatine: say`gelatine is not known`,
  rennet: say`the rennet is not known`,
  milk: say`the milk is not known`,
  honey: say`honey is not known`,
  alcohol: say`alcohol is not known`,
  'what it is': say`what it is has not been settled yet`,
  'whether it is boar': say`game may be wild boar`,
  'of which fat': say`of which fat is not known`,
  ingredients: say`its ingredients are not written down`,
};

/** What speaks against a good for a guest. */
export const fitWords: WordsOf<FitReason['rule']> = {
  contains: ({ allergen }) => say`contains ${allergenLabel(allergen)}`,
  'may-contain': ({ allergen }) => say`may contain ${allergenLabel(allergen)}`,
  'allergen-not-known': ({ allergen }) => say`${allergenLabel(allergen)} is not known`,
  'has-in-it': ({ what }) => INSIDE[what],
  'not-known': ({ what }) => NOT_KNOWN[what],
  'has-milk-of': ({ animal }) => say`has ${word(animal)}’s milk in it`,
  'alcohol-by-volume': ({ percent }) => say`${percent} % alcohol`,
  'no-certificate': ({ of }) => say`no ${word(of)} certificate`,
  'rennet-without-certificate': () => say`rennet without a halal certificate`,
  'keeps-lactose': ({ texture }) => say`${word(texture)} cheese keeps lactose`,
  'young-for-its-lactose': () => say`too young to be sure of the lactose`,
  'not-to-taste': ({ limit }) => limitLabel(limit),
  'told-to-leave': ({ row }) => RISK_WORDS[row],
};

/** How long the food of a table may stand out, short: by the row that its clock and its caution go by. */
export const timeOutWords = (safety: Safety, { minutes, celsius }: Format): string => {
  const { most, rule } = safeTimeAt(safety);
  return safety.air > TIME_OUT.above
    ? say`In this heat ${minutes(most)} out of the cold at the most.`
    : say`${capital(minutes(most))} out of the cold at the most, ${minutes(rule.mostInHeat)} above ${celsius(TIME_OUT.above)}.`;
};

/** Who it is about, short: "Ada: tree nuts · vegan", "2 guests: no blue cheese". */
export const guestWords = ({
  who,
  limits,
  guests,
}: {
  readonly who: string;
  readonly limits: readonly string[];
  readonly guests: number;
}): string =>
  `${who || (guests === 1 ? say`One guest` : say`${guests} guests`)}: ${limits.map(limitLabel).join(' · ')}`;

export const cautionWords: WordsOf<
  CautionRule | 'guests-limit' | 'guest-at-risk' | 'next-lot' | 'changed-on-the-counter'
> = {
  'guests-limit': ({ who: name, limits, guests, reach, plate, infant }) => {
    const who = `${guestWords({ who: name, limits, guests })}.`;
    if (infant) return say`${who} An infant: nothing of this food, and clean hands before they are touched.`;
    if (reach === 'card' && plate) return `${who} ${NOT_BY_CARD} ${OWN_PLATE}`;
    if (reach === 'not loose')
      return `${who} ${say`Nothing of it lies open at this table; what has it inside is marked.`}${plate ? ` ${OWN_PLATE}` : ''}`;
    return plate ? `${who} ${OWN_PLATE}` : say`${who} The cards say which; they choose for themselves.`;
  },
  'guest-at-risk': ({ what, row }) =>
    say`${capital(limitLabel(what))}: usually told to leave ${RISK_WORDS[row]} alone.`,
  'next-lot': ({ good, lot, because }, _format, tell) =>
    say`${good}: the lot that goes first does not reach, and the next (${lot}) is against a limit: ${limitLabel(because.limit.what)}${because.fit.why ? ` (${tell(because.fit.why)})` : ''}. Take less of it, or another good.`,
  'changed-on-the-counter': ({ fields }) =>
    say`The counter says otherwise since these were chosen (${fields.join(', ')}): the stricter word holds until the order is refreshed.`,
  'out-of-the-cold': ({ most, above, mostAbove }, { minutes, celsius }) =>
    say`${capital(minutes(most))} out of the cold at the most, ${minutes(mostAbove)} above ${celsius(above)}. Hold the rest back, cold, and refill with a fresh plate.`,
  'out-in-the-heat': ({ mostAbove }, { minutes }) =>
    say`In this heat ${minutes(mostAbove)} out of the cold at the most. Small plates, refilled fresh, in the shade and on ice.`,
  'honey-for-infants': () => say`No honey, not even inside something, for infants under 12 months.`,
  'honey-not-known-for-infants': () =>
    say`Whether there is honey in these is not known: not for infants under 12 months.`,
  'choking-under-5': () =>
    say`Under 5 years: none of these as it is. The cut sheet says the safe form of each, or what is offered instead. No picks for small children.`,
  'board-oil': () =>
    say`Somebody at this table avoids nuts: oil the wood with a mineral or another food-grade oil, never with one pressed from nuts.`,
  'oiled-with-nuts': () =>
    say`This board is oiled or finished with something that is an allergen: it counts as carried over to all that lies on it.`,
  'raw-milk': () =>
    say`Raw milk: say so on the card. Not for pregnant, frail, very old or very young guests, or weakened immunity.`,
  'not-eaten': () => say`Rind, wax, cloth, bark or leaf that is not eaten: take it off or say so.`,
  'unknown-allergens': () =>
    say`Allergens not all known: no card is printed until they are. Unknown is never safe.`,
  alcohol: () => say`Alcohol: a drink without it is always offered beside.`,
};
