/** The sign of a music font for an accent below its note. */
export const ACCENT_SIGN = '\uE4A1';
