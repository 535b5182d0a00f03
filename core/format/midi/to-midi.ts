import { pitchesOf } from '#core/material/line';
import { semitonesOf } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { asNumber } from '#core/fraction';
import { USUAL_TEMPO } from '#core/sound';
import { DIVISIONS } from '#core/format';
import { MIDI_ABOVE, type MidiNote, type MidiSong } from './song.ts';

/** The length of a grace note, which is played before its note, in quarters. */
const GRACE_QUARTERS = 1 / 8;

/**
 * Writes the sound of a plan as a MIDI file, in exact lengths, with tempo, meter and key. It begins with the measure: after a pick-up the
 * first measure is silent up to it. Grace notes come before their note, in the time of the one before.
 */
export function toMidi(name: string, { brief, line }: Plan): MidiSong {
  const ticksOf = (wholes: number): number => Math.round(wholes * 4 * DIVISIONS);
  const notes = line.notes.flatMap((note, index): readonly MidiNote[] => {
    if (note.kind === 'rest') return [];
    const graces = graceCountAfter(line.notes, index);
    const begins = asNumber(note.onset) - (note.grace ? ((graces + 1) * GRACE_QUARTERS) / 4 : 0);
    const lasts = note.grace ? GRACE_QUARTERS / 4 : asNumber(note.duration);
    const pitches = pitchesOf(note);
    return pitches.map((pitch) => ({
      at: Math.max(0, ticksOf(begins)),
      ticks: Math.max(1, ticksOf(lasts)),
      key: semitonesOf(pitch) + MIDI_ABOVE,
    }));
  });
  const changes = line.changes.map(({ onset, key, meter }) => ({ at: ticksOf(asNumber(onset)), key, meter }));
  const signatures = [{ at: 0, key: line.key, meter: line.meter }, ...changes];
  return {
    ticksPerQuarter: DIVISIONS,
    tracks: [{ name, isPercussion: false, notes }],
    tempos: [{ at: 0, quartersPerMinute: brief.tempo ?? USUAL_TEMPO }],
    meters: signatures.map(({ at, meter }) => ({ at, ...meter })),
    keys: signatures.map(({ at, key: { fifths, mode } }) => ({ at, fifths, minor: mode === 'minor' })),
  };
}

/** Counts the grace notes between this one and the note they lead to. */
function graceCountAfter(notes: Plan['line']['notes'], index: number): number {
  const after = notes.slice(index + 1);
  const main = after.findIndex((note) => note.kind === 'rest' || !note.grace);
  return main < 0 ? 0 : main;
}
