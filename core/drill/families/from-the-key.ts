import type { Brief } from '#core/brief';
import type { Material } from '#core/brief/parts/materials';
import type { Instrument } from '#core/instrument';
import { isInKey, type Key, nextInKey, type Pitch, pitchInKey, semitonesOf } from '#core/pitch';
import { plan } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { solveBrief } from '#core/solve';
import type { DrillFor } from '../drill.ts';
import { stringNamed } from '../standings.ts';

/** Notes of a scale, the octave counted. */
export const AN_OCTAVE = 8;

/** The best fingering of a material within limits; null where there is none, without asking why. */
export function bestOn(player: DrillFor, material: Material, limits: NonNullable<Brief['limits']>): Plan | null {
  const brief = { ...player, material, limits };
  if (!solveBrief(brief).ok) return null;
  const outcome = plan(brief);
  return outcome.ok ? outcome.value.best : null;
}

/** The notes of a plan without its rests. */
export function soundsOf(plan: Plan | null): readonly PlannedSound[] {
  return plan?.notes.flatMap((note) => (note.kind === 'note' ? [note] : [])) ?? [];
}

/** What a string sounds open; the first string's where there is no such string. */
export function openPitch(instrument: Instrument, open: string): Pitch {
  const string = instrument.strings[stringNamed(instrument, open)] ?? instrument.strings[0];
  if (!string) throw new RangeError('An instrument has strings');
  return string.open;
}

/** The note of a key at an open string or next above it. */
export function lowestInKey(key: Key, open: Pitch): Pitch {
  const semitones = semitonesOf(open);
  return isInKey(semitones, key) ? pitchInKey(semitones, key) : nextInKey(open, key, true);
}

/** So many notes of the key, upward from one of them. */
export function upward(key: Key, from: Pitch, count: number): readonly Pitch[] {
  const pitches = [from];
  for (let last = from; pitches.length < count; pitches.push(last)) last = nextInKey(last, key, true);
  return pitches;
}
