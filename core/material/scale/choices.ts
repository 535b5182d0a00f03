/** The directions: up, down, or up and down. */
export const DIRECTIONS = ['up', 'down', 'up-down'] as const;

/** The numbers of times that the top note of material that goes up and down may be played. */
export const TOP_NOTES = ['once', 'twice'] as const;

/** The number of times that the top note is played. */
export type TopNote = (typeof TOP_NOTES)[number];

/** The direction of a scale or arpeggio. */
export type Direction = (typeof DIRECTIONS)[number];
