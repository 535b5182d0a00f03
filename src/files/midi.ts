import { type MidiEvent, writeMidi } from 'midi-file';
import type { MidiSong, MidiTrack } from '#core/format';

/** A song as the bytes of a MIDI file: what holds for all in a track of its own, then one for each. */
export function midiBytes({ ticksPerQuarter, tracks, tempos, meters, keys }: MidiSong): Uint8Array {
  const [tempo, meter, key] = [tempos[0], meters[0], keys[0]];
  const common: MidiEvent[] = [
    ...(tempo
      ? [
          {
            deltaTime: 0,
            meta: true as const,
            type: 'setTempo' as const,
            microsecondsPerBeat: Math.round(60_000_000 / tempo.quartersPerMinute),
          },
        ]
      : []),
    ...(meter
      ? [
          {
            deltaTime: 0,
            meta: true as const,
            type: 'timeSignature' as const,
            numerator: meter.beats,
            denominator: meter.beatValue,
            metronome: 24,
            thirtyseconds: 8,
          },
        ]
      : []),
    ...(key
      ? [
          {
            deltaTime: 0,
            meta: true as const,
            type: 'keySignature' as const,
            key: key.fifths,
            scale: key.minor ? (1 as const) : (0 as const),
          },
        ]
      : []),
    END,
  ];
  const data = {
    header: { format: 1 as const, numTracks: tracks.length + 1, ticksPerBeat: ticksPerQuarter },
    tracks: [common, ...tracks.map(eventsOf)],
  };
  return Uint8Array.from(writeMidi(data));
}

const END: MidiEvent = { deltaTime: 0, meta: true, type: 'endOfTrack' };

/** Strings in the list of General MIDI: 41 is the violin, counted from 1. */
const VIOLIN_SOUND = 40;

function eventsOf({ name, notes }: MidiTrack): MidiEvent[] {
  const moments = notes
    .flatMap(({ at, ticks, key }) => [
      { at: at + ticks, event: { type: 'noteOff' as const, channel: 0, noteNumber: key, velocity: 64 } },
      { at, event: { type: 'noteOn' as const, channel: 0, noteNumber: key, velocity: 80 } },
    ])
    // What ends at a moment ends before anything begins.
    .toSorted((one, other) => one.at - other.at || (one.event.type === other.event.type ? 0 : one.event.type === 'noteOff' ? -1 : 1));
  let before = 0;
  const played = moments.map(({ at, event }): MidiEvent => {
    const deltaTime = at - before;
    before = at;
    return { deltaTime, ...event };
  });
  return [
    { deltaTime: 0, meta: true, type: 'trackName', text: name },
    { deltaTime: 0, channel: 0, type: 'programChange', programNumber: VIOLIN_SOUND },
    ...played,
    END,
  ];
}
