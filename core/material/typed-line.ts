import { lineIssue } from '#core/messages';
import { parseKey, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { badReading, type Reading } from '#core/result';
import { meterOf, parseFraction, type Rhythm, ZERO } from '#core/rhythm';
import { MOST_NOTES } from './limits.ts';
import type { LineNoteDocument } from './line-note.ts';
import { type Line, lineOf, plainNote, type UnplacedNote, writableLine } from './line.ts';

/** Reads a line given note by note. Refuses an empty line, one that is too long, and lengths that cannot be written. */
export function readTypedLine(notes: readonly LineNoteDocument[], keyText: string, rhythm: Rhythm): Reading<Line> {
  const key = parseKey(keyText);
  if (!key.ok) return key;
  const where = { pointer: '/material/notes' };
  if (notes.length === 0) return badReading(lineIssue('empty', {}, where));
  if (notes.length > MOST_NOTES) return badReading(lineIssue('too-long', { count: notes.length, most: MOST_NOTES }, where));
  const unplaced = notes.map(readNote);
  if (unplaced.every((note) => note.kind === 'rest')) return badReading(lineIssue('only-rests', { count: notes.length }, where));
  return writableLine(lineOf(key.value, meterOf(rhythm), unplaced));
}

function readNote(note: LineNoteDocument): UnplacedNote {
  const duration = parseFraction(note.duration) ?? ZERO;
  if ('rest' in note) return { kind: 'rest', duration };
  const [first, second] = note.pitches.map(readPitch).toSorted((one, other) => semitonesOf(one) - semitonesOf(other));
  if (!first) throw new RangeError(`A note without pitch passed the schema: ${JSON.stringify(note)}`);
  return { ...plainNote(first, duration, note.slur ?? false), upper: second ?? null, harmonic: note.harmonic ?? false };
}

/** The schema has checked pitch and duration texts; what it lets through always parses. */
function readPitch(text: string): Pitch {
  const pitch = parsePitch(text);
  if (!pitch.ok) throw new RangeError(`A pitch passed the schema but does not parse: ${text}`);
  return pitch.value;
}
