/** The ways in which a note is separated from the next: a dot, a wedge, a line, or a line with a dot. Their names are those of MusicXML. */
export const ARTICULATIONS = ['staccato', 'staccatissimo', 'tenuto', 'detached-legato'] as const;

/** A dot, a wedge, a line, or a line with a dot. */
export type Articulation = (typeof ARTICULATIONS)[number];

/** The kinds of accent. */
export const ACCENT_KINDS = ['accent', 'marcato'] as const;

/** An accent, or the stronger one that stands like a roof. */
export type Accent = (typeof ACCENT_KINDS)[number];
