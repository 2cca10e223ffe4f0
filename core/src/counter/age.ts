/** An age in the unit that a monger would count it in. */
export interface Age {
  readonly n: number;
  readonly unit: 'day' | 'week' | 'month' | 'year';
}

/** Days as a monger counts them: 9 days, 6 weeks, 7 months, 3 years. */
export function ageIn(days: number): Age {
  if (days < 21) return { n: days, unit: 'day' };
  if (days < 84) return { n: Math.round(days / 7), unit: 'week' };
  if (days < 700) return { n: Math.round(days / 30.44), unit: 'month' };
  return { n: Math.round(days / 365.25), unit: 'year' };
}
