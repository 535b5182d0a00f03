import { parseKey, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { badReading, goodReading, type Reading } from '#core/reading';
import { durationNotWritable, lineEmpty, lineOnlyRests, lineTooLong } from '#core/words';
import { parseFraction, ZERO } from './fraction.ts';
import { MOST_NOTES } from './limits.ts';
import { type Line, lineOf, type Meter, plainNote, type UnplacedNote } from './line.ts';
import { writtenLengths } from './note-value.ts';
import { readPattern } from './read-pattern.ts';
import type { LineNoteDocument, Material, Rhythm } from './schema.ts';

/** Turns material into the line it stands for. Refuses what cannot be spelled, an empty line, and one that is too long. */
export function readMaterial(material: Material, rhythm: Rhythm = {}): Reading<Line> {
  const meter = meterOf(rhythm);
  const line =
    material.kind === 'line' ? readTypedLine(material.notes, material.key ?? 'C major', meter) : readPattern(material, rhythm, meter);
  return line.ok ? writtenOrRefused(line.value) : line;
}

function readTypedLine(notes: readonly LineNoteDocument[], keyText: string, meter: Meter): Reading<Line> {
  const key = parseKey(keyText);
  if (!key.ok) return key;
  if (notes.length === 0) return badReading({ code: 'empty', where: { pointer: '/material/notes' }, ...lineEmpty() });
  if (notes.length > MOST_NOTES) {
    return badReading({ code: 'too-long', where: { pointer: '/material/notes' }, ...lineTooLong(notes.length, MOST_NOTES) });
  }
  const unplaced = notes.map((note) => readNote(note));
  if (unplaced.every((note) => note.kind === 'rest')) {
    return badReading({ code: 'empty', where: { pointer: '/material/notes' }, ...lineOnlyRests(notes.length) });
  }
  return goodReading(lineOf(key.value, meter, unplaced));
}

function readNote(note: LineNoteDocument): UnplacedNote {
  const duration = parseFraction(note.duration) ?? ZERO;
  if ('rest' in note) return { kind: 'rest', duration };
  const [first, second] = note.pitches.map(readPitch).toSorted((one, other) => semitonesOf(one) - semitonesOf(other));
  if (!first) throw new RangeError('A note without pitch passed the schema');
  return { ...plainNote(first, duration, note.slur ?? false), upper: second ?? null, harmonic: note.harmonic ?? false };
}

/** The schema has checked pitch and duration texts; what it lets through always parses. */
function readPitch(text: string): Pitch {
  const pitch = parsePitch(text);
  if (!pitch.ok) throw new RangeError(`A pitch passed the schema but does not parse: ${text}`);
  return pitch.value;
}

function writtenOrRefused(line: Line): Reading<Line> {
  const wrong = line.notes.findIndex((note) => writtenLengths(note.duration) === null);
  const duration = line.notes[wrong]?.duration;
  if (!duration) return goodReading(line);
  const words = durationNotWritable(`${duration.numerator}/${duration.denominator}`);
  return badReading({ code: 'syntax', where: { note: wrong, pointer: `/material/notes/${wrong}/duration` }, ...words });
}

function meterOf(rhythm: Rhythm): Meter {
  const [beats, beatValue] = (rhythm.meter ?? '4/4').split('/').map(Number);
  return { beats: beats ?? 4, beatValue: beatValue ?? 4 };
}
