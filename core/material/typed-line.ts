import { lineIssue } from '#core/messages';
import { displayPitch, type Key, parseKey, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { badReading, type Reading } from '#core/result';
import { meterOf, parseFraction, type Rhythm, ZERO } from '#core/rhythm';
import { MOST_NOTES } from './limits.ts';
import type { LineNoteDocument } from './line-note.ts';
import { type Line, lineOf, pickUpOf, plainNote, type UnplacedNote, writableLine } from './line.ts';
import { type Ornament, ornamentOn } from './ornament.ts';
import { inVariant } from './variant.ts';

/** Reads a line given note by note. Refuses an empty line, one that is too long, and lengths that cannot be written. */
export function readTypedLine(notes: readonly LineNoteDocument[], keyText: string, rhythm: Rhythm): Reading<Line> {
  const key = parseKey(keyText);
  if (!key.ok) return key;
  const where = { pointer: '/material/notes' };
  if (notes.length === 0) return badReading(lineIssue('empty', {}, where));
  if (notes.length > MOST_NOTES) return badReading(lineIssue('too-long', { count: notes.length, most: MOST_NOTES }, where));
  const alone = notes.findIndex((note, index) => isTypedGrace(note) && !leadsOn(notes[index + 1]));
  if (alone >= 0) return badReading(lineIssue('grace-alone', {}, { note: alone, pointer: `/material/notes/${alone}` }));
  const plain = notes.findIndex((note) => !takesSign(note));
  if (plain >= 0) return badReading(lineIssue('ornament-on-one', {}, { note: plain, pointer: `/material/notes/${plain}` }));
  const unplaced = notes.map((note) => readNote(note, key.value));
  const wrong = unplaced.findIndex((note) => note.kind === 'note' && note.ornament !== null && !isNear(note.pitch, note.ornament));
  const far = unplaced[wrong];
  if (far?.kind === 'note' && far.ornament) {
    const names = { pitch: displayPitch(far.pitch), other: displayPitch(far.ornament.other) };
    return badReading(lineIssue('ornament-too-far', names, { note: wrong, pointer: `/material/notes/${wrong}` }));
  }
  if (unplaced.every((note) => note.kind === 'rest')) return badReading(lineIssue('only-rests', { count: notes.length }, where));
  const meter = meterOf(rhythm);
  return writableLine(lineOf(key.value, meter, inVariant(unplaced, rhythm), pickUpOf(rhythm, meter)));
}

function isTypedGrace(note: LineNoteDocument): boolean {
  return !('rest' in note) && note.grace === true;
}

/** A small note leads to a note. */
function leadsOn(next: LineNoteDocument | undefined): boolean {
  return next !== undefined && !('rest' in next);
}

/** The other note of an ornament lies above the note, of a mordent below it, and no further than an augmented second, semitones. */
const FURTHEST = 3;

function isNear(pitch: Pitch, { kind, other }: Ornament): boolean {
  const away = (semitonesOf(other) - semitonesOf(pitch)) * (kind === 'mordent' ? -1 : 1);
  return away >= 1 && away <= FURTHEST;
}

/** Ornaments and stopped harmonics are for one finger and its neighbour on one string; a small note carries none. */
function takesSign(note: LineNoteDocument): boolean {
  if ('rest' in note) return true;
  const signs = (note.ornament ? 1 : 0) + (note.harmonic === 'stopped' ? 1 : 0);
  if (signs === 0) return true;
  return signs === 1 && note.pitches.length === 1 && note.grace !== true && !(note.ornament && note.harmonic);
}

function readNote(note: LineNoteDocument, key: Key): UnplacedNote {
  const duration = parseFraction(note.duration) ?? ZERO;
  if ('rest' in note) return { kind: 'rest', duration };
  const [first, second] = note.pitches.map(readPitch).toSorted((one, other) => semitonesOf(one) - semitonesOf(other));
  if (!first) throw new RangeError(`A note without pitch passed the schema: ${JSON.stringify(note)}`);
  return {
    ...plainNote(first, duration, note.slur ?? false),
    upper: second ?? null,
    harmonic: note.harmonic === 'stopped' ? 'stopped' : note.harmonic === true ? 'natural' : null,
    ornament: note.ornament ? ornamentOn(first, key, note.ornament) : null,
    accent: note.accent === true,
    grace: note.grace === true,
  };
}

/** The schema has checked pitch and duration texts; what it lets through always parses. */
function readPitch(text: string): Pitch {
  const pitch = parsePitch(text);
  if (!pitch.ok) throw new RangeError(`A pitch passed the schema but does not parse: ${text}`);
  return pitch.value;
}
