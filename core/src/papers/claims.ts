import type { Good } from '../counter/index.js';

/**
 * Claims that no good makes on a shared board: that it is free of something, or low in it. The good may be; its board is not, and only
 * the card of an own plate says that it is free of anything.
 */
const CLAIMS = new RegExp(
  [
    String.raw`(?<!\p{L})free (?:from|of) \p{L}+`,
    String.raw`\p{L}+-free(?!\p{L})`,
    String.raw`(?:gluten|milk|dairy|lactose|nut|wheat|egg|soy|alcohol|sugar) free(?!\p{L})`,
    String.raw`(?<!\p{L})(?:low|no|zero|reduced)[- ](?:carb(?:ohydrate)?s?|sugar|salt|fat|gluten|lactose)(?!\p{L})`,
    String.raw`(?<!\p{L})keto(?:genic)?(?!\p{L})`,
  ].join('|'),
  'giu',
);

/** A text without such claims; empty where there was nothing else. */
export const withoutClaims = (text: string): string =>
  text
    .replace(CLAIMS, '')
    .replace(/\s+/g, ' ')
    .replace(/\s+([,;])/g, '$1')
    .replace(/^[\s,;]+|[\s,;]+$/g, '');

/** A style as it may stand on a paper of a shared board. */
export const styleOnBoard = ({ style }: Good): string => withoutClaims(style);

/** A name as it may stand there, with its capital; where it is nothing but a claim, the style. */
export function nameOnBoard(good: Good): string {
  const name = withoutClaims(good.name) || styleOnBoard(good) || good.kind;
  return name === good.name ? name : name.charAt(0).toLocaleUpperCase() + name.slice(1);
}
