const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

/** Writes a number as a word: "three"; a larger one as digits. */
export function numberWord(count: number): string {
  return NUMBERS[count] || String(count);
}

/** Writes a bowing: "two to a bow"; "a bow to each note" for one. */
export function bowLabel(notesPerBow: number): string {
  return notesPerBow === 1 ? 'a bow to each note' : `${numberWord(notesPerBow)} to a bow`;
}
