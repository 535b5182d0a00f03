/** The names of note values of a pattern, in the sentence. */
export const NOTE_VALUE_LABELS: Readonly<Record<string, string>> = {
  '1/1': 'whole notes',
  '1/2': 'half notes',
  '1/4': 'quarters',
  '1/8': 'eighths',
  '1/16': 'sixteenths',
};

/** The names of lengths of single notes, as fractions of a whole note. */
export const NOTE_LENGTH_LABELS: Readonly<Record<string, string>> = {
  '1/1': 'whole note',
  '3/4': 'dotted half',
  '1/2': 'half note',
  '3/8': 'dotted quarter',
  '1/4': 'quarter',
  '3/16': 'dotted eighth',
  '1/8': 'eighth',
  '1/16': 'sixteenth',
};
