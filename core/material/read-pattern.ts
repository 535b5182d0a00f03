import { formatPitch, type Key, parsePitch, type Pitch, pitchAt, semitonesOf, stepsOf } from '#core/pitch';
import { badReading, goodReading, type Issue, type Reading } from '#core/reading';
import { keyTooFar } from '#core/words';
import { arpeggioPitches, keyOfArpeggio } from './arpeggio.ts';
import { brokenScale } from './broken.ts';
import { doubleStops, type NotePair } from './double-stops.ts';
import { addFractions, compareFractions, type Fraction, fraction, parseFraction, subtractFractions } from './fraction.ts';
import { type Line, lineOf, type Meter, plainNote, type UnplacedNote } from './line.ts';
import { keyOfScale, scalePitches, type ScaleType } from './scale.ts';
import type { Material, Rhythm } from './schema.ts';

/** Material that is made by rule from a tonic. */
export type Pattern = Exclude<Material, { kind: 'line' }>;

/** What sounds at one place of a pattern. */
type Sound = Pitch | NotePair;

/** Writes a pattern out as a line: in equal values, the last note held to the end of its measure. */
export function readPattern(pattern: Pattern, rhythm: Rhythm, meter: Meter): Reading<Line> {
  const tonic = parsePitch(pattern.tonic);
  if (!tonic.ok) return tonic;
  const key = keyOf(pattern, tonic.value);
  const sounds = key && soundsOf(pattern, tonic.value);
  if (!key || !sounds) return badReading(tooFar(pattern, tonic.value));
  const value = parseFraction(rhythm.noteValue ?? '1/4') ?? fraction(1, 4);
  const perBow = rhythm.notesPerBow ?? 1;
  const last = sounds.length - 1;
  const notes = sounds.map((sound, index): UnplacedNote => {
    const duration = index === last ? filledToBar(value, last, meter) : value;
    const slurred = index < last && (index + 1) % perBow !== 0;
    return 'lower' in sound
      ? { ...plainNote(sound.lower, duration, slurred), upper: sound.upper, fingerPairs: sound.fingerPairs }
      : plainNote(sound, duration, slurred);
  });
  return goodReading(lineOf(key, meter, notes));
}

function keyOf(pattern: Pattern, tonic: Pitch): Key | null {
  return pattern.kind === 'arpeggio' ? keyOfArpeggio(tonic, pattern.type) : keyOfScale(tonic, pattern.type);
}

function soundsOf(pattern: Pattern, tonic: Pitch): readonly Sound[] | null {
  const up = wayOf(pattern, tonic, 'up');
  const down = wayOf(pattern, tonic, 'down');
  if (!up || !down) return null;
  switch (pattern.direction) {
    case 'up':
      return up;
    case 'down':
      return down;
    case 'up-down':
      return [...up, ...down.slice(1)];
  }
}

/** One way in playing order. */
function wayOf(pattern: Pattern, tonic: Pitch, way: 'up' | 'down'): readonly Sound[] | null {
  switch (pattern.kind) {
    case 'arpeggio':
      return inOrder(arpeggioPitches(tonic, pattern.type, pattern.octaves), way);
    case 'scale':
      return inOrder(scalePitches(tonic, pattern.type, pattern.octaves, way), way);
    case 'broken': {
      const scale = scalePitches(tonic, pattern.type, pattern.octaves, way);
      return scale && brokenScale(scale, pattern.figure, way);
    }
    case 'double-stops':
      return inOrder(pairsOf(tonic, pattern.type, pattern.octaves, pattern.interval, way), way);
  }
}

function inOrder<Each>(rising: readonly Each[] | null, way: 'up' | 'down'): readonly Each[] | null {
  return way === 'up' ? rising : (rising?.toReversed() ?? null);
}

/** The widest double stop lies a tenth above: two octaves more of the scale are enough. */
const FURTHER_OCTAVES = 2;

function pairsOf(
  tonic: Pitch,
  type: ScaleType,
  octaves: number,
  interval: Extract<Pattern, { kind: 'double-stops' }>['interval'],
  way: 'up' | 'down',
): readonly NotePair[] | null {
  const scale = scalePitches(tonic, type, octaves, way);
  const further = scalePitches(tonic, type, octaves + FURTHER_OCTAVES, way);
  return scale && further && doubleStops(scale.length, further, interval);
}

/** The last note of a scale is held to the end of its measure, as scale books write it. */
function filledToBar(value: Fraction, notesBefore: number, meter: Meter): Fraction {
  const bar = fraction(meter.beats, meter.beatValue);
  const before = fraction(value.numerator * notesBefore, value.denominator);
  let end = bar;
  while (compareFractions(end, addFractions(before, value)) < 0) end = addFractions(end, bar);
  return subtractFractions(end, before);
}

/** Names the enharmonic tonic whose key is nearer, where there is one. */
function tooFar(pattern: Pattern, tonic: Pitch): Issue {
  const nearer = [1, -1].flatMap((step) => {
    const other = pitchAt(stepsOf(tonic) + step, semitonesOf(tonic));
    return other && keyOf(pattern, other) ? [formatPitch(other)] : [];
  });
  return { code: 'pitch', where: { pointer: '/material/tonic' }, ...keyTooFar(pattern.tonic, pattern.type, nearer[0] ?? null) };
}
