import type { Role } from '@rotula/core';
import { say } from '../language/say';

export const ROLE_LABELS: Record<Role, string> = {
  nibble: say`nibble before a meal`,
  drinks: say`drinks, no dinner after`,
  meal: say`the meal itself`,
  dessert: say`dessert course`,
};
