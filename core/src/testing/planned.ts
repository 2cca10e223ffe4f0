/** The whole order and what comes of it, for tests of a room that ask what its stage gives at the end. */
export { setPortion } from '../portion/index.js';
export {
  clockWays,
  leaveOut,
  plan,
  takeProposal,
  usesGood,
  type OrderBody,
  type Plan,
} from '../order/index.js';
