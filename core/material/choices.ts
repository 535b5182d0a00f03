/** Up, down, or up and down with the top note once. */
export const DIRECTIONS = ['up', 'down', 'up-down'] as const;

/** Which way a scale or arpeggio goes. */
export type Direction = (typeof DIRECTIONS)[number];
