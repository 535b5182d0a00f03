/**
 * What a brief may ask of open strings: `prefer` takes them wherever the pitch is an open string; `allow` leaves them to
 * the costs; `avoid` takes them only where nothing else exists, or for the first note; `none` never.
 */
export const OPEN_STRING_POLICIES = ['prefer', 'allow', 'avoid', 'none'] as const;
