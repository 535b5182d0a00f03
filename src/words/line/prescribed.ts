/** A row of fingers as it is typed for one note, a double stop and a chord, by how many notes sound. */
export const FINGERING_PLACEHOLDERS = { 1: '0 1 2 3 | 1 2 3 4', 2: '1+3 0+2 | .', 3: '0+0+1 2+1+1 | .' } as const;

/** Over and under the row of a fingering that is typed. */
export const FINGERING_ROW = {
  label: 'Type the fingering from here on',
  hint: 'T is the thumb, 1+3 a double stop, 2+1+1 a chord, a full stop leaves a note free.',
  what: 'as the fingering',
} as const;

/** The same for a bowing. */
export const BOWING_ROW = {
  label: 'Type the bowing from here on',
  placeholder: '4 4 | d2 u1 u1',
  hint: 'The notes to each bow; d4 is a down bow, u4 an up bow.',
  what: 'as the bowing',
} as const;

/** Lets the bowing of the sentence hold again. */
export const UNLOCK_BOWING = 'Unlock the bowing';
