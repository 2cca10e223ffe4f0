/** What the food is for. */
export const ROLES = ['nibble', 'drinks', 'meal', 'dessert'] as const;
export type Role = (typeof ROLES)[number];
