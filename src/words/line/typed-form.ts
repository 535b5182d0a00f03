/** The explanation of how a line is typed, on one screen: what is written, and its meaning. */
export const TYPED_FORM: readonly (readonly [written: string, means: string])[] = [
  ['Eb4 F#5 C4', 'pitches: letter, accidental (b, #, bb, ##), octave; C4 is middle C'],
  ['G4:1/8', 'a value after a colon, as a fraction of a whole note; it holds until the next one'],
  ['G4:1/4.', 'a dot adds a half'],
  ['G4:1/8t', 'one of a triplet; 1/20 is one of a quintuplet, 1/28 of a septuplet'],
  ['r r:1/2', 'rests'],
  ['(A4 B4 C5)', 'one bow'],
  ['A4~ A4', 'a tie: one note of both lengths'],
  ['A3+F4', 'a double stop'],
  ['G3+D4+B4', 'a chord, played two and two'],
  ['A4> A4^', 'an accent, a strong one (marcato)'],
  ['A4st A4ten A4tenst', 'a staccato dot, a tenuto line, a line with a dot'],
  ['A4stm', 'a wedge (staccatissimo)'],
  ['{D5} C5', 'a grace note before a note'],
  ['A4tr A4trb A4tr#', 'a trill, with a flat or a sharp at it'],
  ['A4mord A4upmord', 'mordents: with the note below, with the note above'],
  ['A4*', 'a natural harmonic'],
  ['A6**', 'a stopped harmonic, at the pitch that sounds'],
  ['|', 'bar lines are for the eye: measures follow from the meter'],
  ['<?xml …', 'a MusicXML score that is pasted here takes the place of the line'],
];

/** The title of that screen, and the button that opens it. */
export const TYPED_FORM_TITLE = 'How notes are typed';

/** The sentence for the double bass. */
export const TYPED_FOR_BASS = 'Notes are as the double bass reads them, an octave above what sounds.';

/** The example before a line is typed. */
export const TYPED_EXAMPLE = 'Notes, for example Eb4 F4 (G4:1/8 Ab4) r:1/4';

/** Writes the button that puts a suggestion in place of a word. */
export function insteadText(suggestion: string): string {
  return `Write ${suggestion} instead`;
}
