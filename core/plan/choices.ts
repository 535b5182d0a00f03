/** The most shifts that can be asked for exactly. */
export const MOST_SHIFTS = 60;

/** Down as its own line, or by the same fingers and strings as up. */
export const WAYS_DOWN = ['own', 'as-up'] as const;
