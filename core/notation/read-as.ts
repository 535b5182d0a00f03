import { STOPPED_HARMONIC_ABOVE } from '#core/hand/together';
import type { NoteContent } from '#core/material/line';
import { parsePitch, type Pitch } from '#core/pitch';
import type { Plan } from '#core/plan/describe';

/** A function that gives the pitches of a note as the player reads them, the lower first. */
export type ReadAs = (index: number, note: NoteContent) => readonly Pitch[];

/** Tells how the player of a plan reads its notes: as they are fingered, on retuned strings too. */
export function asFingered(plan: Plan): ReadAs {
  return (index) => {
    const sound = plan.notes[index];
    if (sound?.kind !== 'note') return [];
    const [sounding] = readPitches(sound.stops[0].written);
    if (sound.partner?.does === 'touches' && sounding) return [stoppedUnder(sounding), ...readPitches(sound.partner.written)];
    return sound.stops.flatMap((stop) => readPitches(stop.written));
  };
}

/** Gives the note that is stopped for a harmonic, as it is written. */
export function stoppedUnder(sounding: Pitch): Pitch {
  return { ...sounding, octave: sounding.octave - STOPPED_HARMONIC_ABOVE / 12 };
}

function readPitches(text: string): readonly Pitch[] {
  const pitch = parsePitch(text);
  return pitch.ok ? [pitch.value] : [];
}
