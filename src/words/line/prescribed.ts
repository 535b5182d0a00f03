/** The examples of a row of fingers for one note, a double stop and a chord, by the number of notes that sound. */
export const FINGERING_PLACEHOLDERS = { 1: '0 1 2 3 | 1 2 3 4', 2: '1+3 0+2 | .', 3: '0+0+1 2+1+1 | .' } as const;

/** The words over and under the row of a typed fingering. */
export const FINGERING_ROW = {
  label: 'Type the fingering from here on',
  hint: 'T is the thumb, 1+3 a double stop, 2+1+1 a chord, a full stop leaves a note free.',
  what: 'as the fingering',
} as const;

/** The words over and under the row of a typed bowing. */
export const BOWING_ROW = {
  label: 'Type the bowing from here on',
  placeholder: '4 4 | d2 u1 u1',
  hint: 'The notes to each bow; d4 is a down bow, u4 an up bow.',
  what: 'as the bowing',
} as const;

/** The words of the button that restores the bowing of the sentence. */
export const UNLOCK_BOWING = 'Unlock the bowing';
