import { countText, listText } from '#core/messages';
import type { NeededDrill } from '#core/drill/finder';
import { noteAtText, type TellNoteOfLine } from '../line/note-places.ts';

/** The number of notes that are named as the reason for a drill. */
const MOST_NAMED = 2;

/** Writes why a drill is needed: "For measure 3, beat 2 (B♭4), missed 5 times." */
export function neededText({ notes, missed }: NeededDrill, tell: TellNoteOfLine): string {
  const named = notes.slice(0, MOST_NAMED).map((note) => noteAtText(tell(note), note));
  const more = notes.length - named.length;
  const places = listText(more > 0 ? [...named, countText(more, 'other place', 'other places')] : named);
  return missed > 0 ? `For ${places}, missed ${countText(missed, 'time', 'times')}.` : `For ${places}: hard in this piece.`;
}

/** The words of the finder of drills. */
export const FINDER_WORDS = {
  needed: 'What this piece asks of this player',
  others: 'Other drills',
  keptAsPiece: 'kept as a piece',
  none: 'No drill answers all of that. Choose “any” somewhere.',
  unplayed: 'This hand does not play it in this key.',
} as const;
