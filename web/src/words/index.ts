/** What core gives as data, said in words: sentences of reasons, labels of tables, in the person's units and form. */
export { sentence } from './sentence';
export * from './labels';
export * from './goods';
export * from './roles';
export * from './figures';
export { becauseWords } from './because';
export { guestWords, NOT_BY_CARD, RISK_WORDS, timeOutWords } from './care';
export { cutLabel, produceWhen, produceWords } from './cut';
export { wayOutWords, wishWords } from './wishes';
export { schoolWords, SCHOOLS, type School } from './schools';
export { DISPUTE_WORDS, FELT_WORDS, SAYING_WORDS, SHELF_WORDS } from './pair';
