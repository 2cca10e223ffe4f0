/** States of an order, apart from its schema: screens need them without it. */
export const ORDER_STATES = ['new', 'in work', 'finished'] as const;
