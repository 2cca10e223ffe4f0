export { Celsius, Days, Grams, Millimetres, Minutes, Money } from './units.js';
export { celsius, days, grams, millimetres, minutes, money } from './marks.js';
export {
  G_PER_LB,
  G_PER_OZ,
  MM_PER_INCH,
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  gramsFromOunces,
  gramsFromPounds,
  inchesFromMillimetres,
  millimetresFromInches,
  ouncesFromGrams,
  poundsFromGrams,
} from './convert.js';
export { shareOut, wholesFor } from './share.js';
export {
  NONE,
  PRACTICE,
  type Reason,
  type Rule,
  type Rules,
  reason,
  reasonKey,
  subjectOf,
} from './reason.js';
export { interpolate } from './interpolate.js';
export { canonicalText, hashOf, sameValue } from './canonical.js';
export { fileHead, liftedFile } from './file.js';
export { type Format, type FormatVersion, stepFrom, type Upgraded, upgraded, versionOf } from './upgrade.js';
export { checkedDocument, type Fault, faultWords, type Read, readDocument } from './read.js';
export { addDays, dateFrom, dateOrderOf, isRealTime, timeFrom } from './civil.js';
export { memoisedLast, lruMemoised, memoised, memoisedBy, memoisedByBoth } from './memoise.js';
export { chance } from './chance.js';
export { linearAt, slopeAt } from './piecewise.js';
export { illText, oneLine } from './text.js';
export { refuseInWords } from './refusals.js';
export { lineText, recordOf } from './bounds.js';
