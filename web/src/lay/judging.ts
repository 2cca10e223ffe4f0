import { holding } from '@rotula/core';
import { sentence } from '../words';
import '../words/lay';

/** What weighs a thing in the hand, and says what its rules would say. */
export const JUDGING = { holding, sentence };
