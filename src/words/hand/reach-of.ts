import { countText, listText } from '#core/messages';
import type { Plan } from '#core/plan/describe';
import { momentAtText, type TellNoteOfLine } from '../line/note-places.ts';
import { mmText } from '../plan-words.ts';

/** The number of places that a sentence names. */
const MOST_TOLD = 4;

/** Writes what a fingering asks of the hand of its player: the widest reach, and where it is beyond comfort; null where nothing is stopped. */
export function reachOfText({ notes }: Plan, tell: TellNoteOfLine): string | null {
  const reaches = notes.flatMap((note, index) => (note.kind === 'note' && note.reach ? [{ ...note.reach, index }] : []));
  if (reaches.length === 0) return null;
  const widest = Math.max(...reaches.map(({ needMm }) => needMm));
  const wide = `The widest reach is ${mmText(widest)}.`;
  if (reaches.some(({ judged }) => judged === null)) return wide;
  const beyond = reaches.filter(({ judged }) => judged?.verdict !== 'comfort');
  if (beyond.length === 0) return `${wide} All of it is comfortable for this hand.`;
  const told = beyond.slice(0, MOST_TOLD).map(({ index }) => momentAtText(tell(index), index));
  const more = beyond.length - told.length;
  const where = listText([...told, ...(more > 0 ? [countText(more, 'more place', 'more places')] : [])]);
  return `${wide} Beyond comfort for this hand: ${where}.`;
}
