/**
 * Temperature at which air of a relative humidity lets its water fall, degrees Celsius (Magnus formula with the constants of
 * Alduchov and Eskridge 1996, from memory; -40 to 50 degrees, within 0.4).
 * @param humidity share, 0 to 1
 */
export function dewPoint(celsius: number, humidity: number): number {
  const [a, b] = [17.625, 243.04];
  const wet = Math.log(humidity) + (a * celsius) / (b + celsius);
  return (b * wet) / (a - wet);
}

/** Of a room in which people eat, where nobody measured it. Common practice, no source. */
export const USUAL_HUMIDITY = 0.5;
