export { ByGood } from './byGood.js';
export {
  ALLERGENS,
  type AllergenId,
  type AllergenState,
  GLUTEN_CEREALS,
  TREE_NUTS,
  WHEATS,
  allergenState,
} from '../lexicon/index.js';
export { AllergenStatement } from './allergenStatement.js';
export { nothingSaid } from './nothingSaid.js';
export {
  ARRIVAL_CHECKS,
  type ArrivalCheck,
  BUILDS,
  CALIBRES,
  CASINGS,
  CERTIFICATES,
  EYES,
  FLAVOURS,
  AROMAS,
  type Aroma,
  GELATINES,
  GOOD_KINDS,
  type GoodKind,
  KNOWN,
  MEAT_ANIMALS,
  MILKS,
  type MeatAnimal,
  type Milk,
  PACK_FORMS,
  PASTES,
  PRESENCES,
  PRICED_PER,
  PROCESSES,
  RENNETS,
  RINDS,
  RIND_VERDICTS,
  SENSES,
  SHAPES,
  type Shape,
  TEXTURES,
  TREATMENTS,
  TRIAL_DECISIONS,
  type Texture,
  VERDICTS,
  type Verdict,
  WARE_MATERIALS,
  WARE_USES,
} from './words.js';
export {
  BASIS_FIELDS,
  type Basis,
  type BasisField,
  basisFieldOf,
  isDescribed,
  isReady,
  isSaid,
  lacksOf,
  saidOf,
} from './basis.js';
export { IsoDate } from './fields.js';
export { Arrival, Lot, UNCHECKED } from './lot.js';
export {
  COMPANION_ROLES,
  Cheese,
  Companion,
  type CompanionRole,
  Contents,
  Counter,
  DRINK_TYPES,
  Drink,
  Good,
  GoodId,
  MOST_GOODS,
  type Main,
  Meat,
  Sense,
  type Ware,
} from './good.js';
export {
  goodsById,
  type Counted,
  type Served,
  isCheese,
  isCompanion,
  isCompanionOf,
  isDrink,
  isMain,
  isMeat,
  isWare,
} from './kinds.js';
export { allergensSaid, LIST_OF } from './saying.js';
export { GOOD_FORMAT, LOT_FORMAT, upgradedGoods } from './format.js';
export { familyCheck, isAlcoholic, sweetnessWords } from './classes.js';
export { type Age, ageIn } from './age.js';
export {
  ageOn,
  gramsOnHand,
  isIn,
  lotOn,
  lotsInOrder,
  priceOn,
  verdictOf,
  verdictOn,
  willBeBoughtIn,
} from './lots.js';
export { animalsIn, densityOf, mainMilk, packGrams } from './shapeOf.js';
export { servedGood, servedOn, withLots } from './served.js';
export { takenOf, withTaken, type Taking } from './taken.js';
export {
  type FlightOffer,
  baseId,
  faceOffsOn,
  isOfLine,
  isOfStyle,
  lineOf,
  meantLine,
  sellingDays,
  verticalsOn,
  withAges,
} from './lines.js';
export { companionsOn, drinksOn, mainsOn, waresOn } from './shelves.js';
export { mustMove, pricePerKg } from './selling.js';
export {
  allergenOf,
  allergensOf,
  contentsOf,
  contradictions,
  type Difference,
  differencesOf,
  factState,
  type FactState,
  insideOf,
} from './ingredients.js';
export { tellingIngredients } from './telling.js';
export { asStored, readAs, readAsBoth, type Reading, readingOf } from './reading.js';
export { withReadGoods, withReading, withReadings } from './readGoods.js';
export { COLUMNS, PLAIN_PRICE, PLAIN_WORDS, SCHEMAS, type Column } from './table/columns.js';
export { escapeCell, unescapeCell } from './table/escape.js';
export { tableOf, HEADINGS } from './table/rows.js';
export type { Decimal } from './table/numbers.js';
export { garnishStem, type GarnishStem, garnishTrouble } from './garnishes.js';
export { CounterChange, CounterLine, doubledIn, doubledWords, lineSchema } from './change.js';
export { changeTo, changed, goodMark, inverseOf, linesOf, removalOf, staleGoods } from './changing.js';
export { guessColumns, headingRow, headingsKey, unknownHeadings } from './table/headings.js';
export {
  type Doubt,
  type FieldChange,
  type Intake,
  type IntakeRow,
  changesOf,
  decimalOf,
  intakeOfGoods,
  intakeOfTable,
  totalAfter,
} from './table/intake.js';
export { idFrom } from './table/newGood.js';
export { byId, isGood, type ById } from './byId.js';
export { blankGood, freeId, moneyAtRisk } from './blank.js';
export { goodFromName } from './fromName.js';
export { named } from './named.js';
export { compositionOf, type KnownComposition } from './compositionOf.js';
export { densityOfMade, pasteDensity } from './density.js';
export { facesOf, type Face } from './faces.js';
export { trimOf } from './rind.js';
export { estimatedSense, reestimated, tastedScale } from './estimate.js';
export { counterFile, CounterFile, CounterHead } from './counterFile.js';
