import { positionWords } from '#core/messages';
import { keyLabel } from '#core/key';

/** The names of chords of the key that can be written into the line, as they are chosen in the sentence. */
export const CHORD_LINES = {
  rolled: 'line of three-note chords, rolled',
  held: 'line of three-note chords, held',
} as const;

/** Writes that they replaced the line. */
export function chordsText(key: string, position: string): string {
  return `The three-note chords of ${keyLabel(key)} take the place of the line, in ${positionWords({ label: position, alteration: null })}.`;
}
