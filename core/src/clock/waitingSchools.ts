/** How long a good waits out of the cold, minutes, as four schools teach it. Each is right for a size. */
const WAITING_SCHOOLS = [
  { id: 'slices', needsBelow: 22, shortest: 15, longest: 15, grams: 0 },
  { id: 'small pieces', needsBelow: 50, shortest: 30, longest: 60, grams: 0 },
  { id: 'a wedge', needsBelow: 75, shortest: 60, longest: 60, grams: 250 },
  { id: 'large pieces', needsBelow: Infinity, shortest: 60, longest: 180, grams: 500 },
] as const;
export type WaitingSchool = (typeof WAITING_SCHOOLS)[number];

/** @returns the school that is right for a good whose heart needs these minutes to warm */
export const waitingSchool = (needs: number): WaitingSchool =>
  WAITING_SCHOOLS.find(({ needsBelow }) => needs < needsBelow) ?? WAITING_SCHOOLS[3];
