/** What the food is for. */
export const ROLES = ['nibble', 'drinks', 'light supper', 'meal', 'grazing', 'dessert', 'box'] as const;
export type Role = (typeof ROLES)[number];
