export { AxisJson, ReasonJson } from './answers.js';
export { NoQuestion, type Shop } from './search.js';
export {
  LayRequest,
  WaysRequest,
  type AnswerOf,
  type PickQuestion,
  type ProgressOf,
  type QuestionOf,
  type Searched,
  type SearchId,
  type WaysQuestion,
} from './questions.js';
export { isSearch, runSearch, SEARCHES, SEARCH_IDS, searchFingerprint } from './table.js';
