import { say } from '../language/say';

/** Several cheeses or meats. */
export const KIND_PLURALS = { cheese: say`cheeses`, meat: say`meats` } as const;
