/**
 * Alcohol as health advice counts it. Ethanol weighs 0.789 g/ml; a US standard drink holds 14 g of it (National Institute on Alcohol Abuse and
 * Alcoholism), a UK unit 10 ml (Department of Health).
 */
const ETHANOL_G_PER_ML = 0.789;
const US_DRINK_G = 14;
const UK_UNIT_ML = 10;

/** ml of ethanol in ml of a drink, by its alcohol by volume, %. */
const ethanol = (ml: number, abv: number): number => (ml * abv) / 100;

/** US standard drinks in ml of a drink, by its alcohol by volume, %. */
export const usStandardDrinks = (ml: number, abv: number): number =>
  (ethanol(ml, abv) * ETHANOL_G_PER_ML) / US_DRINK_G;

/** UK units in ml of a drink, by its alcohol by volume, %. */
export const ukUnits = (ml: number, abv: number): number => ethanol(ml, abv) / UK_UNIT_ML;
