import { parsePitch } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import type { ReadAs } from './engraving.ts';

/** How the player of a plan reads its notes: as they are fingered, on retuned strings too. */
export function asFingered(plan: Plan): ReadAs {
  return (index) => {
    const sound = plan.notes[index];
    if (sound?.kind !== 'note') return [];
    return sound.stops.flatMap((stop) => {
      const pitch = parsePitch(stop.written);
      return pitch.ok ? [pitch.value] : [];
    });
  };
}
