/** The words for entering notes into a line. */
export const ENTERING = {
  title: 'Enter notes',
  close: 'Done',
  value: 'Note value',
  clicking: 'Click on the staff to write a note',
  startOver: 'Begin a new line with the next note',
  rest: 'Rest',
  octaveDown: 'Keys an octave lower',
  octaveUp: 'Keys an octave higher',
  keyboard: 'Keys',
  connect: 'Use a MIDI keyboard',
  none: 'No MIDI keyboard is connected. Plug one in and play.',
  noMidi: 'This browser has no MIDI, or it was not allowed. The keys below do the same.',
  how: 'Notes come after the selected note, else at the end. Two keys at once are a double stop.',
} as const;

/** Writes the keyboards that are heard: "Listening to Desk keyboard". */
export function listeningText(names: readonly string[]): string {
  return names.length === 0 ? ENTERING.none : `Listening to ${names.join(', ')}.`;
}
