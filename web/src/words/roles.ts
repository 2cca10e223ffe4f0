import type { Role } from '@rotula/core';
import { say } from '../language/say';

export const ROLE_LABELS: Record<Role, string> = {
  nibble: say`nibble before a meal`,
  drinks: say`drinks, no dinner after`,
  'light supper': say`light supper`,
  meal: say`the meal itself`,
  grazing: say`slow grazing, in two waves`,
  dessert: say`dessert course`,
  box: say`a box for one`,
};
