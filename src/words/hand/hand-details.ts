/** The name of the section of the bench with the finger patterns of a piece, its landmarks, and the fingers that are set down together. */
export const HAND_DETAILS_TITLE = 'Finger patterns, landmarks, fingers set down together';
