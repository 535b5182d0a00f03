import { DIATONIC_SEMITONES, type Interval, type Pitch, pitchAt, semitonesOf, transpose } from '#core/pitch';
import { type Key, keyOfTonic, keyWithSignature } from '#core/key';

/** The scales offered, by their names in documents. */
export const SCALE_TYPES = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'melodic-minor-both-ways',
  'chromatic',
  'dorian',
  'phrygian',
  'lydian',
  'mixolydian',
  'locrian',
  'major-pentatonic',
  'minor-pentatonic',
  'whole-tone',
  'octatonic',
] as const;

/**
 * A kind of scale. The melodic minor comes down as the natural minor, unless it is the same both ways; the chromatic goes up in sharps and
 * down in flats.
 */
export type ScaleType = (typeof SCALE_TYPES)[number];

const SEVEN = [0, 1, 2, 3, 4, 5, 6] as const;

function degrees(steps: readonly number[], semitones: readonly number[]): readonly Interval[] {
  return steps.map((step, index) => ({ steps: step, semitones: semitones[index] ?? 0 }));
}

/** The degrees above the tonic going up, in letter steps and semitones; the octatonic is the one that begins with a tone. */
const UPWARD: Readonly<Record<Exclude<ScaleType, 'chromatic'>, readonly Interval[]>> = {
  major: degrees(SEVEN, [0, 2, 4, 5, 7, 9, 11]),
  'natural-minor': degrees(SEVEN, [0, 2, 3, 5, 7, 8, 10]),
  'harmonic-minor': degrees(SEVEN, [0, 2, 3, 5, 7, 8, 11]),
  'melodic-minor': degrees(SEVEN, [0, 2, 3, 5, 7, 9, 11]),
  'melodic-minor-both-ways': degrees(SEVEN, [0, 2, 3, 5, 7, 9, 11]),
  dorian: degrees(SEVEN, [0, 2, 3, 5, 7, 9, 10]),
  phrygian: degrees(SEVEN, [0, 1, 3, 5, 7, 8, 10]),
  lydian: degrees(SEVEN, [0, 2, 4, 6, 7, 9, 11]),
  mixolydian: degrees(SEVEN, [0, 2, 4, 5, 7, 9, 10]),
  locrian: degrees(SEVEN, [0, 1, 3, 5, 6, 8, 10]),
  'major-pentatonic': degrees([0, 1, 2, 4, 5], [0, 2, 4, 7, 9]),
  'minor-pentatonic': degrees([0, 2, 3, 4, 6], [0, 3, 5, 7, 10]),
  'whole-tone': degrees([0, 1, 2, 3, 4, 5], [0, 2, 4, 6, 8, 10]),
  octatonic: degrees([0, 1, 2, 3, 4, 5, 5, 6], [0, 2, 3, 5, 6, 8, 9, 11]),
};

/** The sharps of the signature of the modes, counted from that of the major scale on the same tonic. */
const SIGNATURE_FROM_MAJOR: Readonly<Record<ScaleType, number>> = {
  major: 0,
  'natural-minor': -3,
  'harmonic-minor': -3,
  'melodic-minor': -3,
  'melodic-minor-both-ways': -3,
  chromatic: 0,
  dorian: -2,
  phrygian: -4,
  lydian: 1,
  mixolydian: -1,
  locrian: -5,
  'major-pentatonic': 0,
  'minor-pentatonic': -3,
  'whole-tone': 0,
  octatonic: 0,
};

/** Gives the key a scale is written in; null when its signature would need more than seven sharps or flats. */
export function keyOfScale(tonic: Pitch, type: ScaleType): Key | null {
  const third = type === 'chromatic' ? 4 : (UPWARD[type].find((degree) => degree.steps === 2)?.semitones ?? 4);
  const mode = third === 3 ? 'minor' : 'major';
  const fromMajor = SIGNATURE_FROM_MAJOR[type];
  if (fromMajor === 0 || fromMajor === -3) return keyOfTonic(tonic, fromMajor === 0 ? 'major' : 'minor');
  return keyWithSignature(tonic, mode, fromMajor);
}

/** One way of a scale. */
export interface ScaleRun {
  /** The tonic, which is the lowest note unless the scale begins on another degree. */
  readonly tonic: Pitch;
  /** The kind of scale. */
  readonly type: ScaleType;
  /** The number of octaves from its first degree to the same degree above. */
  readonly octaves: number;
  /** The degree on which it begins and ends: 1 the tonic, 3 the third above it; the tonic where nothing is said. */
  readonly from?: number | undefined;
  /** The number of notes above its last octave; none where nothing is said. */
  readonly further?: number | undefined;
  /** The direction: some scales come down differently from how they go up. */
  readonly way: 'up' | 'down';
}

/**
 * Lists one way of the scale from tonic to tonic, or as far as it goes, rising, both ends included; null where a degree cannot be spelled.
 */
export function scalePitches({ tonic, type, octaves, from = 1, further = 0, way }: ScaleRun): readonly Pitch[] | null {
  if (from > 1 || further > 0) return cutFrom({ tonic, type, octaves, from, further, way });
  if (type === 'chromatic') return chromaticPitches(tonic, octaves, way);
  return pitchesAbove(tonic, UPWARD[type === 'melodic-minor' && way === 'down' ? 'natural-minor' : type], octaves);
}

/** Cuts a scale that goes further to the notes between a degree and the same degree a number of octaves above it, or some notes on. */
function cutFrom({ from = 1, further = 0, octaves, ...run }: ScaleRun): readonly Pitch[] | null {
  const anOctave = notesOfOctave(run.type);
  const first = Math.min(from, anOctave) - 1;
  const last = first + anOctave * octaves + further;
  return scalePitches({ ...run, octaves: Math.ceil(last / anOctave) })?.slice(first, last + 1) ?? null;
}

/** Counts the notes of a scale in an octave. */
export function notesOfOctave(type: ScaleType): number {
  return type === 'chromatic' ? 12 : UPWARD[type].length;
}

/** Gives the height of the highest note of a scale above its last octave, semitones, where it goes a number of notes further. */
export function semitonesFurther({ type, from = 1, further = 0 }: Pick<ScaleRun, 'type' | 'from' | 'further'>): number {
  const anOctave = notesOfOctave(type);
  const above = (degree: number): number => 12 * Math.floor(degree / anOctave) + semitonesOfDegree(type, (degree % anOctave) + 1);
  const first = Math.min(from, anOctave) - 1;
  return above(first + further) - above(first);
}

/** Gives the height of a degree of a scale above the tonic going up, semitones; of the last degree where there are fewer. */
export function semitonesOfDegree(type: ScaleType, degree: number): number {
  const first = Math.max(0, degree - 1);
  return type === 'chromatic' ? first : (UPWARD[type][Math.min(first, UPWARD[type].length - 1)]?.semitones ?? 0);
}

/** Writes the turn at the bottom of a scale that has come down to its tonic: the degree below it, as it leads up, and the tonic again. */
export function turnBelow(tonic: Pitch, type: ScaleType): readonly Pitch[] | null {
  const below = transpose(tonic, { steps: -7, semitones: -12 });
  const leading = below && scalePitches({ tonic: below, type, octaves: 1, way: 'up' })?.at(-2);
  return leading ? [leading, tonic] : null;
}

/** Repeats a pattern of intervals in each octave above the tonic, closed by the tonic on top; null where it cannot be spelled. */
export function pitchesAbove(tonic: Pitch, pattern: readonly Interval[], octaves: number): readonly Pitch[] | null {
  const intervals = Array.from({ length: octaves }, (_, octave) => pattern.map((interval) => octavesUp(interval, octave))).flat();
  const pitches = [...intervals, { steps: 7 * octaves, semitones: 12 * octaves }].map((interval) => transpose(tonic, interval));
  return pitches.every((pitch) => pitch !== null) ? pitches : null;
}

/** Spells a chromatic scale: naturals where there are any, else sharps going up and flats coming down; the tonic keeps its own name. */
function chromaticPitches(tonic: Pitch, octaves: number, way: 'up' | 'down'): readonly Pitch[] | null {
  const pitches = Array.from({ length: 12 * octaves + 1 }, (_, above) =>
    above % 12 === 0
      ? transpose(tonic, octavesUp({ steps: 0, semitones: 0 }, above / 12))
      : plainlySpelled(semitonesOf(tonic) + above, way),
  );
  return pitches.every((pitch) => pitch !== null) ? pitches : null;
}

function plainlySpelled(semitones: number, way: 'up' | 'down'): Pitch | null {
  const alteration = DIATONIC_SEMITONES.some((natural) => natural === semitones % 12) ? 0 : way === 'up' ? 1 : -1;
  const natural = semitones - alteration;
  const letter = DIATONIC_SEMITONES.findIndex((above) => above === natural % 12);
  return pitchAt(7 * Math.floor(natural / 12) + letter, semitones);
}

function octavesUp(interval: Interval, octaves: number): Interval {
  return { steps: interval.steps + 7 * octaves, semitones: interval.semitones + 12 * octaves };
}
