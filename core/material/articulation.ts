/** How a note is separated from the next: a staccato dot, or a tenuto line. */
export const ARTICULATIONS = ['staccato', 'tenuto'] as const;

/** A staccato dot or a tenuto line. */
export type Articulation = (typeof ARTICULATIONS)[number];
