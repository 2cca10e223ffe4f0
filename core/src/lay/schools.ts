/** Schools of laying, where practitioners disagree. */

/** Neighbours differ in colour, or echo each other. */
export const COLOUR_SCHOOLS = ['contrast', 'echo'] as const;
export type ColourSchool = (typeof COLOUR_SCHOOLS)[number];

/** What serves many lies in two or three places or in one; as the table asks: scattered where it is walked round. */
export const PLACE_SCHOOLS = ['as the table asks', 'clustered', 'scattered'] as const;
export type PlaceSchool = (typeof PLACE_SCHOOLS)[number];

/** Where the meats lie: each beside what it goes with, all in one patch, mirrored, in three areas, or along a diagonal. */
export const MEAT_SCHOOLS = ['as they go', 'one patch', 'mirrored', 'three areas', 'diagonal'] as const;
export type MeatSchool = (typeof MEAT_SCHOOLS)[number];

/** Left and right answer each other, or things stand in odd groups and nothing is even. */
export const GROUP_SCHOOLS = ['free', 'symmetry', 'odd groups'] as const;
export type GroupSchool = (typeof GROUP_SCHOOLS)[number];

export interface LaySchools {
  readonly colours: ColourSchool;
  readonly places: PlaceSchool;
  readonly meats: MeatSchool;
  readonly groups: GroupSchool;
}
export const USUAL_SCHOOLS: LaySchools = {
  colours: 'contrast',
  places: 'as the table asks',
  meats: 'as they go',
  groups: 'free',
};
