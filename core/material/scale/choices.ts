/** Up, down, or up and down. */
export const DIRECTIONS = ['up', 'down', 'up-down'] as const;

/** How often the top note is played of what goes up and down. */
export const TOP_NOTES = ['once', 'twice'] as const;

/** How often the top note is played. */
export type TopNote = (typeof TOP_NOTES)[number];

/** Which way a scale or arpeggio goes. */
export type Direction = (typeof DIRECTIONS)[number];
