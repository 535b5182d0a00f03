import type { PlannedSound } from '#core/plan/describe';
import type { DrillNote } from './drill.ts';

/**
 * Writes a note of a plan as it is fingered there, with a length as a share of a whole note; on the thumb the lock names no position,
 * because it has no number.
 */
export function noteOfPlan({ stops, position }: PlannedSound, duration: string): Extract<DrillNote, { pitches: unknown }> {
  const [lower, upper, top] = stops;
  const isPlaced = lower.finger !== '0' && position.label !== 'thumb';
  return {
    pitches: stops.map(({ pitch }) => pitch),
    fingered: {
      string: lower.open,
      finger: lower.finger,
      ...(upper ? { upperFinger: upper.finger } : {}),
      ...(top ? { topFinger: top.finger } : {}),
      ...(isPlaced ? { position: position.label } : {}),
    },
    duration,
  };
}
