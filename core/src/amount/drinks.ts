import { drinkersOf, heads, mid, USUAL_PRACTICE, type Brief } from '../brief/index.js';
import { grams, money, wholesFor, type Money } from '../units/index.js';
import { isAlcoholic, packGrams, type Drink } from '../counter/index.js';

/** What is drunk of one drink, and the bottles that it takes. */
export interface DrinkPortion {
  readonly good: Drink;
  readonly pours: number;
  /** Of one pour, ml. */
  readonly pour: number;
  readonly ml: number;
  readonly bottles: number;
  readonly price: Money;
  /** Guests who may take of it: of a drink with alcohol those who drink, else everybody but infants. */
  readonly guests: number;
}

/** At these roles a glass or two stands beside, however long the evening; hours that are poured for at the most. */
const MOST_HOURS: Partial<Record<Brief['role'], number>> = { nibble: 1, dessert: 1, box: 1 };
/** Whoever drinks alcohol takes some of what has none. House's own figure. */
const BESIDE_ALCOHOL = 0.5;
/** A bottle of unknown content. */
const USUAL_BOTTLE = 750;

/** Pours of one guest: the first hour more, each later hour less (practice.csv). */
export function poursPerHead({ role, hours, practice }: Brief): number {
  const { pours } = practice ?? USUAL_PRACTICE;
  const poured = Math.min(hours, MOST_HOURS[role] ?? hours);
  return mid(pours.firstHour) * Math.min(1, poured) + mid(pours.laterHour) * Math.max(0, poured - 1);
}

/**
 * Pours and bottles of the drinks of an order. Those with alcohol share the pours of who drinks it; those without share
 * those of all others, children too, and some of the drinkers'.
 */
export function drinkPortions(drinks: readonly Drink[], brief: Brief): DrinkPortion[] {
  const { pourMl } = brief.practice ?? USUAL_PRACTICE;
  const each = poursPerHead(brief);
  const drinkers = drinkersOf(brief);
  const others = Math.max(0, heads(brief) - brief.guests.infants - drinkers);
  const strong = drinks.filter(isAlcoholic).length;
  return drinks.map((good) => {
    const alcoholic = isAlcoholic(good);
    const poured = alcoholic ? drinkers : others + BESIDE_ALCOHOL * drinkers;
    const sharing = alcoholic ? strong : drinks.length - strong;
    const pours = wholesFor((each * poured) / Math.max(1, sharing));
    const pour = pourMl[good.type];
    const ml = pours * pour;
    const bottle = packGrams(good) ?? grams(USUAL_BOTTLE);
    const bottles = wholesFor(ml / Math.max(1, bottle));
    return {
      good,
      pours,
      pour,
      ml,
      bottles,
      price: money(bottles * good.price.amount),
      guests: alcoholic ? drinkers : others + drinkers,
    };
  });
}
