import { type Key, keyOfTonic, parseKey, parsePitch, type Pitch, semitonesOf, stepsOf, pitchAt, formatPitch } from '#core/pitch';
import { badReading, goodReading, type Issue, type Reading } from '#core/reading';
import { durationNotWritable, keyTooFar, lineEmpty, lineOnlyRests, lineTooLong } from '#core/words';
import { arpeggioPitches } from './arpeggio.ts';
import { compareFractions, type Fraction, fraction, parseFraction, subtractFractions, addFractions, ZERO } from './fraction.ts';
import { MOST_NOTES } from './limits.ts';
import { type Line, lineOf, type Meter, type UnplacedNote } from './line.ts';
import { writtenLengths } from './note-value.ts';
import { scalePitches } from './scale.ts';
import type { LineNoteDocument, Material, Rhythm } from './schema.ts';

/** Turns material into the line it stands for. Refuses what cannot be spelled, an empty line, and one that is too long. */
export function readMaterial(material: Material, rhythm: Rhythm = {}): Reading<Line> {
  const meter = meterOf(rhythm);
  switch (material.kind) {
    case 'line':
      return readTypedLine(material.notes, material.key ?? 'C major', meter);
    case 'scale':
    case 'arpeggio':
      return readPattern(material, rhythm, meter);
  }
}

function readPattern(material: Exclude<Material, { kind: 'line' }>, rhythm: Rhythm, meter: Meter): Reading<Line> {
  const tonic = parsePitch(material.tonic);
  if (!tonic.ok) return tonic;
  const key = keyOfTonic(tonic.value, material.type === 'major' ? 'major' : 'minor');
  const pitches = key && pitchesOf(material, tonic.value);
  if (!key || !pitches) return badReading(tooFar(material.tonic, material.type, tonic.value));
  const value = parseFraction(rhythm.noteValue ?? '1/4') ?? fraction(1, 4);
  const perBow = rhythm.notesPerBow ?? 1;
  const last = pitches.length - 1;
  const notes = pitches.map((pitch, index): UnplacedNote => ({
    kind: 'note',
    pitch,
    duration: index === last ? filledToBar(value, last, meter) : value,
    slurredToNext: index < last && (index + 1) % perBow !== 0,
  }));
  return writtenOrRefused(lineOf(key, meter, notes));
}

function pitchesOf(material: Exclude<Material, { kind: 'line' }>, tonic: Pitch): readonly Pitch[] | null {
  const up = wayOf(material, tonic, 'up');
  const down = wayOf(material, tonic, 'down');
  if (!up || !down) return null;
  switch (material.direction) {
    case 'up':
      return up;
    case 'down':
      return down.toReversed();
    case 'up-down':
      return [...up, ...down.toReversed().slice(1)];
  }
}

function wayOf(material: Exclude<Material, { kind: 'line' }>, tonic: Pitch, way: 'up' | 'down'): readonly Pitch[] | null {
  return material.kind === 'scale'
    ? scalePitches(tonic, material.type, material.octaves, way)
    : arpeggioPitches(tonic, material.type, material.octaves);
}

/** The last note of a scale is held to the end of its measure, as scale books write it. */
function filledToBar(value: Fraction, notesBefore: number, meter: Meter): Fraction {
  const bar = fraction(meter.beats, meter.beatValue);
  const before = fraction(value.numerator * notesBefore, value.denominator);
  let end = bar;
  while (compareFractions(end, addFractions(before, value)) < 0) end = addFractions(end, bar);
  return subtractFractions(end, before);
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
  return writtenOrRefused(lineOf(key.value, meter, unplaced));
}

/** The schema has checked pitch and duration texts; what it lets through always parses. */
function readNote(note: LineNoteDocument): UnplacedNote {
  const duration = parseFraction(note.duration) ?? ZERO;
  if ('rest' in note) return { kind: 'rest', duration };
  const pitch = parsePitch(note.pitches[0] ?? '');
  if (!pitch.ok) throw new RangeError(`A pitch passed the schema but does not parse: ${String(note.pitches[0])}`);
  return { kind: 'note', pitch: pitch.value, duration, slurredToNext: note.slur ?? false };
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

/** Names the enharmonic tonic whose key is nearer, where there is one. */
function tooFar(tonicText: string, type: string, tonic: Pitch): Issue {
  const mode = type === 'major' ? 'major' : 'minor';
  const nearer = [1, -1].flatMap((step) => {
    const other = pitchAt(stepsOf(tonic) + step, semitonesOf(tonic));
    const key: Key | null = other && keyOfTonic(other, mode);
    return other && key ? [formatPitch(other)] : [];
  });
  return { code: 'pitch', where: { pointer: '/material/tonic' }, ...keyTooFar(tonicText, type, nearer[0] ?? null) };
}
