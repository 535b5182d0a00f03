import { type Issue, lineIssue } from '#core/messages';
import { displayPitch, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { type Key, parseKey } from '#core/key';
import { badReading, type Reading } from '#core/result';
import { meterOf, type Rhythm } from '#core/rhythm';
import { parseFraction, ZERO } from '#core/fraction';
import { MOST_NOTES } from './limits.ts';
import { accentOf, type LineNoteDocument } from './line-note.ts';
import {
  type Line,
  type LineNote,
  lineOf,
  pickUpOf,
  plainNote,
  type UnplacedNote,
  writableLine,
  type Ornament,
  ornamentOn,
  inVariant,
} from '#core/material/line';
import { keyAt } from '#core/material/measures';
import { readSignatureChanges, type SignatureChange } from '#core/material/signature';

/** A line as it is given: its notes, the key it begins in, and the changes of key or meter. */
export interface LineDocument {
  /** The notes in order. */
  readonly notes: readonly LineNoteDocument[];
  /** The key: "Eb major". */
  readonly key: string;
  /** The changes in order; none where it is left out. */
  readonly changes?: readonly SignatureChange[] | undefined;
}

/**
 * Reads a line given note by note. Refuses an empty line, one that is too long, lengths that cannot be written, and changes of key or meter
 * out of order.
 */
export function readTypedLine({ notes, key: keyText, changes = [] }: LineDocument, rhythm: Rhythm): Reading<Line> {
  const wrong = notesIssue(notes);
  if (wrong) return badReading(wrong);
  const key = parseKey(keyText);
  if (!key.ok) return key;
  const meter = meterOf(rhythm);
  const pickUp = pickUpOf(rhythm, meter);
  const changed = readSignatureChanges({ key: key.value, meter }, changes, pickUp);
  if (!changed.ok) return changed;
  const plain = lineOf({ key: key.value, meter, changes: changed.value, pickUp }, inVariant(notes.map(readNote), rhythm));
  const line = { ...plain, notes: plain.notes.map((note, index) => withOrnament(note, notes[index], keyAt(plain, index))) };
  const far = farOrnament(line);
  return far ? badReading(far) : writableLine(line);
}

/** Reports what is wrong with the notes by themselves; null where nothing is. */
function notesIssue(notes: readonly LineNoteDocument[]): Issue | null {
  const where = { pointer: '/material/notes' };
  if (notes.length === 0) return lineIssue('empty', {}, where);
  if (notes.length > MOST_NOTES) return lineIssue('too-long', { count: notes.length, most: MOST_NOTES }, where);
  const alone = notes.findIndex((note, index) => isTypedGrace(note) && !leadsOn(notes[index + 1]));
  if (alone >= 0) return lineIssue('grace-alone', {}, { note: alone, pointer: `/material/notes/${alone}` });
  const plain = notes.findIndex((note) => !takesSign(note));
  if (plain >= 0) return lineIssue('ornament-on-one', {}, { note: plain, pointer: `/material/notes/${plain}` });
  return notes.every((note) => 'rest' in note) ? lineIssue('only-rests', { count: notes.length }, where) : null;
}

/** Finds the first ornament whose other note is further off than a sign can reach; null for none. */
function farOrnament({ notes }: Line): Issue | null {
  const wrong = notes.findIndex((note) => note.kind === 'note' && note.ornament !== null && !isNear(note.pitch, note.ornament));
  const far = notes[wrong];
  if (far?.kind !== 'note' || !far.ornament) return null;
  const names = { pitch: displayPitch(far.pitch), other: displayPitch(far.ornament.other) };
  return lineIssue('ornament-too-far', names, { note: wrong, pointer: `/material/notes/${wrong}` });
}

/** Reads an ornament, which takes its other note from the key in which its note stands. */
function withOrnament(note: LineNote, written: LineNoteDocument | undefined, key: Key): LineNote {
  if (note.kind === 'rest' || !written || 'rest' in written || !written.ornament) return note;
  return { ...note, ornament: ornamentOn(note.pitch, key, written.ornament) };
}

function isTypedGrace(note: LineNoteDocument): boolean {
  return !('rest' in note) && note.grace === true;
}

/** Tells whether a grace note leads to a note. */
function leadsOn(next: LineNoteDocument | undefined): boolean {
  return next !== undefined && !('rest' in next);
}

/** The largest distance of the other note of an ornament, above the note or (of a mordent) below it: an augmented second, semitones. */
const FURTHEST = 3;

function isNear(pitch: Pitch, { kind, other }: Ornament): boolean {
  const away = (semitonesOf(other) - semitonesOf(pitch)) * (kind === 'mordent' ? -1 : 1);
  return away >= 1 && away <= FURTHEST;
}

/**
 * Tells whether a note may have a sign: ornaments and stopped harmonics are for one finger and its neighbour on one string; a grace note
 * has none.
 */
function takesSign(note: LineNoteDocument): boolean {
  if ('rest' in note) return true;
  const signs = (note.ornament ? 1 : 0) + (note.harmonic === 'stopped' ? 1 : 0);
  if (signs === 0) return true;
  return signs === 1 && note.pitches.length === 1 && note.grace !== true && !(note.ornament && note.harmonic);
}

/**
 * Reads a note whose document has passed its schema.
 *
 * @throws for a note that has not
 */
function readNote(note: LineNoteDocument): UnplacedNote {
  const duration = parseFraction(note.duration) ?? ZERO;
  if ('rest' in note) return { kind: 'rest', duration };
  const [first, second, third] = note.pitches.map(readPitch).toSorted((one, other) => semitonesOf(one) - semitonesOf(other));
  if (!first) throw new RangeError(`A note without pitch passed the schema: ${JSON.stringify(note)}`);
  return {
    ...plainNote(first, duration, note.slur ?? false),
    upper: second ?? null,
    top: third ?? null,
    harmonic: note.harmonic === 'stopped' ? 'stopped' : note.harmonic === true ? 'natural' : null,
    accent: accentOf(note),
    articulation: note.articulation ?? null,
    grace: note.grace === true,
  };
}

/**
 * Reads a pitch; the schema has checked pitch and duration texts, so they always parse.
 *
 * @throws for a text that has not passed
 */
function readPitch(text: string): Pitch {
  const pitch = parsePitch(text);
  if (!pitch.ok) throw new RangeError(`A pitch passed the schema but does not parse: ${text}`);
  return pitch.value;
}
