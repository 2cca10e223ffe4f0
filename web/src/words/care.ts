import {
  TIME_OUT,
  type CautionRule,
  type FitReason,
  type Ingredient,
  type NotKnown,
  type RiskRowId,
} from '@rotula/core';
import { capital, type Format } from '../ui/format';
import { allergenLabel, limitLabel } from './labels';
import type { WordsOf } from './words';

/** Said where somebody tries to serve an allergy by a mark, a distance, a bowl or a bell. */
export const NOT_BY_CARD =
  'A card, a distance, a bowl or a bell on a shared board serves a dislike only; an allergy goes to an own plate.';
const OWN_PLATE =
  'Set their own plate, cut first, with its own knife, away from the board: shared boards and knives spread it.';

/** What guests at risk are usually told to leave alone. */
export const RISK_WORDS: Record<RiskRowId, string> = {
  'mould-ripened': 'soft mould-ripened, washed-rind or blue cheese',
  'raw milk': 'raw-milk cheese',
  'treatment unknown': 'how the milk was treated is not known',
  thermised: 'thermised milk is not pasteurised',
  'soft-ripened rind': 'soft cheese with a mould or ash rind',
  'smoked fish': 'smoked fish kept cold, hot-smoked or cold-smoked',
  'cold meats': 'meat served cold: cured, smoked or cooked',
  'pate and raw sausage': 'pâté and raw sausage',
  starfruit: 'starfruit (carambola): it is poisonous to failing kidneys',
  'tyramine in cheese': 'aged, blue or washed cheese',
  'tyramine in meat': 'fermented or air-dried meat',
  'tyramine in drink': 'beer',
  alcohol: 'alcohol',
  'not described': 'what it is has not been settled yet',
};

const INSIDE: Record<Ingredient, string> = {
  pork: 'is pork',
  meat: 'is meat',
  milk: 'is milk',
  'meat or fish inside': 'meat or fish inside',
  'pork casing': 'pork casing',
  'animal rennet': 'animal rennet',
  'pork gelatine': 'pork gelatine',
  'beef gelatine': 'beef gelatine',
  'fish gelatine': 'fish gelatine',
  honey: 'honey in it',
  blood: 'blood in it',
  alcohol: 'alcohol in it',
};

const NOT_KNOWN: Record<NotKnown, string> = {
  animal: 'the animal is not known',
  casing: 'the casing is not known',
  gelatine: 'gelatine is not known',
  rennet: 'the rennet is not known',
  milk: 'the milk is not known',
  honey: 'honey is not known',
  alcohol: 'alcohol is not known',
  'what it is': 'what it is has not been settled yet',
  'whether it is boar': 'game may be wild boar',
};

/** What speaks against a good for a guest. */
export const fitWords: WordsOf<FitReason['rule']> = {
  contains: ({ allergen }) => `contains ${allergenLabel(allergen)}`,
  'may contain': ({ allergen }) => `may contain ${allergenLabel(allergen)}`,
  'allergen not known': ({ allergen }) => `${allergenLabel(allergen)} is not known`,
  'has in it': ({ what }) => INSIDE[what],
  'not known': ({ what }) => NOT_KNOWN[what],
  'has milk of': ({ animal }) => `has ${animal}’s milk in it`,
  'alcohol by volume': ({ percent }) => `${percent} % alcohol`,
  'no certificate': ({ of }) => `no ${of} certificate`,
  'rennet without certificate': () => 'rennet without a halal certificate',
  'keeps lactose': ({ texture }) => `${texture} cheese keeps lactose`,
  'young for its lactose': () => 'too young to be sure of the lactose',
  'not to taste': ({ limit }) => limitLabel(limit),
  'told to leave': ({ row }) => RISK_WORDS[row],
};

/** How long food may stand out, short. */
export const timeOutWords = ({ minutes, celsius }: Format): string =>
  `${capital(minutes(TIME_OUT.most))} out of the cold at the most, ${minutes(TIME_OUT.mostAbove)} above ${celsius(TIME_OUT.above)}.`;

export const cautionWords: WordsOf<
  CautionRule | 'guest’s limit' | 'guest at risk' | 'next lot' | 'changed on the counter'
> = {
  'guest’s limit': ({ what, guests, reach, asked }) => {
    const who = `${capital(limitLabel(what))}, ${guests === 1 ? 'one guest' : `${guests} guests`}.`;
    if (reach === 'card') return `${who} The cards say which; they choose for themselves.`;
    return asked === 'card' ? `${who} ${NOT_BY_CARD} ${OWN_PLATE}` : `${who} ${OWN_PLATE}`;
  },
  'guest at risk': ({ what, row }) =>
    `${capital(limitLabel(what))}: usually told to leave ${RISK_WORDS[row]} alone.`,
  'next lot': ({ good, lot, because }, _format, say) =>
    `${good}: the lot that goes first does not reach, and the next (${lot}) is against a limit: ${limitLabel(because.limit.what)}${because.fit.why ? ` (${say(because.fit.why)})` : ''}. Take less of it, or another good.`,
  'changed on the counter': ({ fields }) =>
    `The counter says otherwise since these were chosen (${fields.join(', ')}): the stricter word holds until the order is refreshed.`,
  'out of the cold': ({ most, above, mostAbove }, { minutes, celsius }) =>
    `${capital(minutes(most))} out of the cold at the most, ${minutes(mostAbove)} above ${celsius(above)}. Hold the rest back, cold, and refill with a fresh plate.`,
  'out in the heat': ({ mostAbove }, { minutes }) =>
    `In this heat ${minutes(mostAbove)} out of the cold at the most. Small plates, refilled fresh, in the shade and on ice.`,
  'honey for infants': () => 'No honey, not even inside something, for infants under 12 months.',
  'honey not known, for infants': () =>
    'Whether there is honey in these is not known: not for infants under 12 months.',
  'choking under 5': () =>
    'Under 5 years: none of these as it is. The cut sheet says the safe form of each, or what is offered instead. No picks for small children.',
  'board oil': () =>
    'Somebody at this table avoids nuts: oil the wood with a mineral or another food-grade oil, never with one pressed from nuts.',
  'oiled with nuts': () =>
    'This board is oiled or finished with something that is an allergen: it counts as carried over to all that lies on it.',
  'raw milk': () =>
    'Raw milk: say so on the card. Not for pregnant, frail, very old or very young guests, or weakened immunity.',
  'not eaten': () => 'Rind, wax, cloth, bark or leaf that is not eaten: take it off or say so.',
  'unknown allergens': () =>
    'Allergens not all known: no card is printed until they are. Unknown is never safe.',
  alcohol: () => 'Alcohol: a drink without it is always offered beside.',
};
