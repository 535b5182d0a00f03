/** The words that explain how the rows under the staff are read. */
export const UNDER_STAFF_WORDS = {
  fingers:
    'Fingers, a lane for each: dark where it plays, light where it stays down, dashed where it hovers over the next string; as heavy as the string.',
  steps: 'Steps: an angle for a semitone, a bracket for a tone, a line under each tetrachord.',
  bow: 'Bow: each bow has its sign over the staff; the line below shows where the bow is, from the frog (bottom) to the tip (top); dots are shifts, rings are string crossings.',
} as const;
