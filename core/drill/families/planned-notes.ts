import type { Brief } from '#core/brief';
import { formatKey, type Key } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import type { DrillFor, DrillNote } from '../drill.ts';
import { bestOn } from './from-the-key.ts';

/** A line that the engine fingers. */
interface Unfingered {
  readonly key: Key;
  /** One after the other, documents' form. */
  readonly pitches: readonly string[];
  /** Of each, of a whole note. */
  readonly duration: string;
  readonly limits: NonNullable<Brief['limits']>;
}

/** Notes as the engine fingers them within limits; null where it finds no hand. */
export function plannedNotes(player: DrillFor, { key, pitches, duration, limits }: Unfingered): readonly DrillNote[] | null {
  const notes = pitches.map((pitch) => ({ pitches: [pitch], duration }));
  const best = bestOn(player, { kind: 'line', key: formatKey(key), notes }, limits);
  return best && notesOfPlan(best, duration);
}

/** The notes of a plan with their fingers, all of one length. */
function notesOfPlan({ notes }: Plan, duration: string): readonly DrillNote[] {
  return notes.flatMap((note) => (note.kind === 'note' ? [noteOfPlan(note, duration)] : []));
}

/** A note of a plan as it is fingered there. */
export function noteOfPlan(
  { stops: [lower, upper], position }: Extract<Plan['notes'][number], { kind: 'note' }>,
  duration: string,
): DrillNote {
  const isPlaced = lower.finger !== '0' && position.label !== 'thumb';
  return {
    pitches: upper ? [lower.pitch, upper.pitch] : [lower.pitch],
    fingered: {
      string: lower.open,
      finger: lower.finger,
      ...(upper ? { upperFinger: upper.finger } : {}),
      ...(isPlaced ? { position: position.label } : {}),
    },
    duration,
  };
}
