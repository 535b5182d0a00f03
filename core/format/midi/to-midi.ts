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
export function toMidi(name: string, plan: Plan): MidiSong {
  return midiOf(plan, [{ name, plan }]);
}

/**
 * Writes plans of one line for several players as a MIDI file, a track for each; tempo, meter and key are those of the first.
 *
 * @throws for no part
 */
export function toMidiScore(parts: readonly { readonly name: string; readonly plan: Plan }[]): MidiSong {
  const [first] = parts;
  if (!first) throw new RangeError(`A score needs at least one part; it has ${parts.length}`);
  return midiOf(first.plan, parts);
}

function midiOf({ brief, line }: Plan, parts: Parameters<typeof toMidiScore>[0]): MidiSong {
  const changes = line.changes.map(({ onset, key, meter }) => ({ at: ticksOf(asNumber(onset)), key, meter }));
  const signatures = [{ at: 0, key: line.key, meter: line.meter }, ...changes];
  return {
    ticksPerQuarter: DIVISIONS,
    tracks: parts.map(({ name, plan }) => ({ name, isPercussion: false, instrument: plan.brief.instrument.kind, notes: midiNotes(plan) })),
    tempos: [{ at: 0, quartersPerMinute: brief.tempo ?? USUAL_TEMPO }],
    meters: signatures.map(({ at, meter }) => ({ at, ...meter })),
    keys: signatures.map(({ at, key: { fifths, mode } }) => ({ at, fifths, minor: mode === 'minor' })),
  };
}

function ticksOf(wholes: number): number {
  return Math.round(wholes * 4 * DIVISIONS);
}

function midiNotes({ line }: Plan): readonly MidiNote[] {
  return line.notes.flatMap((note, index): readonly MidiNote[] => {
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
}

/** Counts the grace notes between this one and the note they lead to. */
function graceCountAfter(notes: Plan['line']['notes'], index: number): number {
  const after = notes.slice(index + 1);
  const main = after.findIndex((note) => note.kind === 'rest' || !note.grace);
  return main < 0 ? 0 : main;
}
