import { type MidiEvent, writeMidi } from 'midi-file';
import type { MidiSong, MidiTrack } from '#core/format/midi';
import type { InstrumentKind } from '#core/instrument';

/** Writes a song as the bytes of a MIDI file: a track for what holds for all, then one for each part. */
export function midiBytes({ ticksPerQuarter, tracks, tempos, meters, keys }: MidiSong): Uint8Array {
  const common = [
    ...tempos.map(({ at, quartersPerMinute }) => ({
      at,
      event: { type: 'setTempo' as const, meta: true as const, microsecondsPerBeat: Math.round(60_000_000 / quartersPerMinute) },
    })),
    ...meters.map(({ at, beats, beatValue }) => ({
      at,
      event: {
        type: 'timeSignature' as const,
        meta: true as const,
        numerator: beats,
        denominator: beatValue,
        metronome: 24,
        thirtyseconds: 8,
      },
    })),
    ...keys.map(({ at, fifths, minor }) => ({
      at,
      event: { type: 'keySignature' as const, meta: true as const, key: fifths, scale: minor ? (1 as const) : (0 as const) },
    })),
  ];
  const data = {
    header: { format: 1 as const, numTracks: tracks.length + 1, ticksPerBeat: ticksPerQuarter },
    tracks: [[...inOrder(common), END], ...tracks.map(eventsOf)],
  };
  return Uint8Array.from(writeMidi(data));
}

const END: MidiEvent = { deltaTime: 0, meta: true, type: 'endOfTrack' };

/** The sounds of the strings in General MIDI, 41 to 44 where they are counted from 1. */
const SOUNDS: Readonly<Record<InstrumentKind, number>> = { violin: 40, viola: 41, cello: 42, bass: 43 };

function eventsOf({ name, notes, instrument = 'violin' }: MidiTrack): MidiEvent[] {
  const moments = notes.flatMap(({ at, ticks, key }) => [
    { at: at + ticks, event: { type: 'noteOff' as const, channel: 0, noteNumber: key, velocity: 64 } },
    { at, event: { type: 'noteOn' as const, channel: 0, noteNumber: key, velocity: 80 } },
  ]);
  return [
    { deltaTime: 0, meta: true, type: 'trackName', text: name },
    { deltaTime: 0, channel: 0, type: 'programChange', programNumber: SOUNDS[instrument] },
    ...inOrder(moments),
    END,
  ];
}

/** An event without the time since the one before it. */
type Timeless<Event> = Event extends MidiEvent ? Omit<Event, 'deltaTime'> : never;

/** Puts events in order, each with the time since the one before; notes that end at a moment end before any begins. */
function inOrder(moments: readonly { readonly at: number; readonly event: Timeless<MidiEvent> }[]): MidiEvent[] {
  const endsFirst = (type: MidiEvent['type']): number => (type === 'noteOff' ? 0 : 1);
  const sorted = moments.toSorted((one, other) => one.at - other.at || endsFirst(one.event.type) - endsFirst(other.event.type));
  return sorted.map(({ at, event }, order): MidiEvent => ({ ...event, deltaTime: at - (sorted[order - 1]?.at ?? 0) }));
}
