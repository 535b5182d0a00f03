import type { Brief } from '#core/brief';
import type { Material } from '#core/brief/parts/materials';
import { type Instrument, stringOf } from '#core/instrument';
import { isInKey, type Key, nextInKey, pitchInKey } from '#core/key';
import { type Pitch, semitonesOf } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { bestOf, type DrillFor, type DrillNote, type Written, stringNamed } from '#core/drill';

/** The number of notes of a scale, the octave counted. */
export const AN_OCTAVE = 8;

/** Plans the best fingering of a material within limits; null where there is none. */
export function bestOn(player: DrillFor, material: Material, limits: NonNullable<Brief['limits']>): Plan | null {
  return bestOf({ ...player, material, limits });
}

/** Lists the notes of a plan without its rests. */
export function soundsOf(plan: Plan | null): readonly PlannedSound[] {
  return plan?.notes.flatMap((note) => (note.kind === 'note' ? [note] : [])) ?? [];
}

/** Gives the open note of a string; the first string's where there is no such string. */
export function openPitch(instrument: Instrument, open: string): Pitch {
  return stringOf(instrument, Math.max(0, stringNamed(instrument, open))).open;
}

/** Finds the note of a key at an open string or next above it. */
export function lowestInKey(key: Key, open: Pitch): Pitch {
  const semitones = semitonesOf(open);
  return isInKey(semitones, key) ? pitchInKey(semitones, key) : nextInKey(open, key, true);
}

/** Lists a number of notes of the key, upward from one of them. */
export function upward(key: Key, from: Pitch, count: number): readonly Pitch[] {
  const pitches = [from];
  for (let last = from; pitches.length < count; pitches.push(last)) last = nextInKey(last, key, true);
  return pitches;
}

/** Groups notes four to the measure. */
export function inFours(notes: readonly DrillNote[]): Written['measures'] {
  return Array.from({ length: Math.ceil(notes.length / 4) }, (_, order) => notes.slice(4 * order, 4 * order + 4));
}
