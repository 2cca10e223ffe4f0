/** Steps of a dessert that one order may have. */
export const MOST_DESSERTS = 3;
