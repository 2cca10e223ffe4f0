/** Words of the portions, apart from their schema: screens need them without it. */

export const DRINKS_COME = ['suggested', 'with the order'] as const;
