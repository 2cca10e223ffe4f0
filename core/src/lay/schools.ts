/** Schools of laying, where practitioners disagree (trade, section 7). */

/** Neighbours differ in colour, or echo each other. */
export const COLOUR_SCHOOLS = ['contrast', 'echo'] as const;
export type ColourSchool = (typeof COLOUR_SCHOOLS)[number];

/** What serves many lies in two or three places or in one; as the table asks: scattered where it is walked round. */
export const PLACE_SCHOOLS = ['as the table asks', 'clustered', 'scattered'] as const;
export type PlaceSchool = (typeof PLACE_SCHOOLS)[number];

export interface LaySchools {
  readonly colours: ColourSchool;
  readonly places: PlaceSchool;
}
export const USUAL_SCHOOLS: LaySchools = { colours: 'contrast', places: 'as the table asks' };
