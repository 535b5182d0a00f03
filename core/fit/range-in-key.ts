import { type Brief, readBrief } from '#core/brief';
import { type Material, materialPart, MOST_FURTHER, OCTAVE_COUNTS, readMaterial } from '#core/brief/parts/materials';
import { readInstrument } from '#core/instrument';
import { notesOfOctave } from '#core/material/scale';
import { formatKey, isInKey, type Key, pitchInKey } from '#core/key';
import { formatPitch, type Pitch, semitonesOf, stepsOf } from '#core/pitch';
import { noteSteps } from '#core/solve';

/** The extent of the scale of a key within the limits of a brief, sounding pitches in documents' form. */
export interface RangeInKey {
  /** The tonic of the key. */
  readonly key: string;
  /** The lowest tonic that can be played, and the highest above it without a gap; null where there is none. */
  readonly tonics: { readonly lowest: string; readonly highest: string; readonly octaves: number } | null;
  /** The lowest and the highest note of the scale that can be played without a gap. */
  readonly lowest: string;
  /** The highest note. */
  readonly highest: string;
  /** The number of notes of the scale above the highest tonic that can still be played. */
  readonly above: number;
  /** The number of notes of the scale below the lowest tonic. */
  readonly below: number;
  /** The brief with its scale from the lowest tonic to the last note; null where that is no scale, or is as it is now. */
  readonly toTheEnd: Brief | null;
}

/**
 * Finds the notes of a brief's key that its limits, its hand and its instrument allow, as many in a row as there are: the tonics, the whole
 * octaves, and what is left over. Null for a brief that does not read, or where no note can be played.
 */
export function rangeInKey(brief: Brief): RangeInKey | null {
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return null;
  const { key } = line.value;
  const pitches = playableIn(brief, key);
  const [first, last] = [pitches[0], pitches.at(-1)];
  if (!first || !last) return null;
  const isTonic = (pitch: Pitch): boolean => semitonesOf(pitch) % 12 === semitonesOf(key.tonic) % 12;
  const places = pitches.flatMap((pitch, index) => (isTonic(pitch) ? [index] : []));
  const [lowest, highest] = [places[0], places.at(-1)];
  const [low, high] = [pitches[lowest ?? -1], pitches[highest ?? -1]];
  const tonics =
    low && high ? { lowest: formatPitch(low), highest: formatPitch(high), octaves: (semitonesOf(high) - semitonesOf(low)) / 12 } : null;
  const above = pitches.length - 1 - (highest ?? -1);
  return {
    key: formatKey(key),
    lowest: formatPitch(first),
    highest: formatPitch(last),
    tonics,
    above,
    below: lowest ?? pitches.length,
    toTheEnd: scaleToTheEnd(brief, tonics, above),
  };
}

/** Extends a scale to its last note; null for other material, for a scale that has not seven notes, and where there is no whole octave. */
function scaleToTheEnd(brief: Brief, tonics: RangeInKey['tonics'], above: number): Brief | null {
  const { material } = brief;
  const octaves = OCTAVE_COUNTS.findLast((count) => tonics !== null && count <= tonics.octaves);
  if (material.kind !== 'scale' || notesOfOctave(material.type) !== 7 || !tonics || octaves === undefined) return null;
  const further = octaves < tonics.octaves ? MOST_FURTHER : Math.min(MOST_FURTHER, above);
  const { from: _, turn: __, further: ___, ...plain } = material;
  const there = { ...plain, tonic: tonics.lowest, octaves, ...(further > 0 ? { further } : {}) };
  return describeMaterial(there) === describeMaterial(material) ? null : { ...brief, material: there };
}

function describeMaterial(material: Material): string {
  return materialPart(material.kind).describe(material);
}

/** Lists the notes of a key that the limits of a brief allow, the longest row of them. */
function playableIn(brief: Brief, key: Key): readonly Pitch[] {
  const instrument = readInstrument(brief.instrument);
  if (!instrument.ok) return [];
  const { strings, highestSemitone } = instrument.value;
  const lowest = Math.min(...strings.map(({ semitones }) => semitones));
  const highest = Math.max(...strings.map(({ semitones }) => semitones)) + highestSemitone;
  const all = Array.from({ length: highest - lowest + 1 }, (_, above) => lowest + above)
    .filter((semitones) => isInKey(semitones, key))
    .map((semitones) => pitchInKey(semitones, key))
    .toSorted((one, other) => stepsOf(one) - stepsOf(other));
  const task = readBrief({
    instrument: brief.instrument,
    ...(brief.player ? { player: brief.player } : {}),
    ...(brief.school ? { school: brief.school } : {}),
    ...(brief.ways ? { ways: brief.ways } : {}),
    ...(brief.limits ? { limits: withoutCount(brief.limits) } : {}),
    material: { kind: 'line', key: formatKey(key), notes: all.map((pitch) => ({ pitches: [formatPitch(pitch)], duration: '1/4' })) },
  });
  if (!task.ok) return [];
  // Tells which notes can be played. A fourth finger that reaches out leaves the hand where it is, and its position's last note is the one
  // before.
  const playable = noteSteps(task.value).map(({ candidates }) => candidates.some(({ shape }) => shape !== 'reached-out'));
  return longestRun(all, playable);
}

/** Finds the longest row of notes that can be played; of equally long rows the lowest. */
function longestRun(all: readonly Pitch[], playable: readonly boolean[]): readonly Pitch[] {
  let [best, run]: [readonly Pitch[], Pitch[]] = [[], []];
  for (const [index, pitch] of all.entries()) {
    if (playable[index] === true) run.push(pitch);
    else run = [];
    if (run.length > best.length) best = [...run];
  }
  return best;
}

/** Keeps the limits that test each note by itself. */
function withoutCount({ shifts: _, ...limits }: NonNullable<Brief['limits']>): NonNullable<Brief['limits']> {
  return limits;
}
