/** The ways in which a player says that a try missed. */
export const MISSES_SAID = ['flat', 'sharp', 'late', 'wrong-finger', 'noise'] as const;

/** The ways in which a try may miss: those that are said, and a miss of which nothing more was said. */
export const MISSES = [...MISSES_SAID, 'unsaid'] as const;

/** A way in which a try missed: too low, too high, late, with the wrong finger, with a noise, or in a way that was not said. */
export type Miss = (typeof MISSES)[number];

/** The voices of a double stop, the lower first. */
export const VOICES = ['lower', 'upper'] as const;

/** A voice of a double stop. */
export type Voice = (typeof VOICES)[number];
