import type { Role } from '@rotula/core';

export const ROLE_LABELS: Record<Role, string> = {
  nibble: 'nibble before a meal',
  drinks: 'drinks, no dinner after',
  meal: 'the meal itself',
  dessert: 'dessert course',
};
