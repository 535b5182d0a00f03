import type { InstrumentKind } from '#core/instrument';

/** A MIDI file as data, its sounds in ticks. The code that reads or writes its bytes makes or takes this. */
export interface MidiSong {
  /** The ticks of a quarter note. */
  readonly ticksPerQuarter: number;
  /** The tracks in order, each channel of a track by itself. */
  readonly tracks: readonly MidiTrack[];
  /** The tempos, quarter notes a minute, each from a tick on. */
  readonly tempos: readonly { readonly at: number; readonly quartersPerMinute: number }[];
  /** The meters, each from a tick on. */
  readonly meters: readonly { readonly at: number; readonly beats: number; readonly beatValue: number }[];
  /** The key signatures, each from a tick on: sharps, or flats below 0. */
  readonly keys: readonly { readonly at: number; readonly fifths: number; readonly minor: boolean }[];
}

/** The music of one channel of one track. */
export interface MidiTrack {
  /** The name of the track; empty where it has none. */
  readonly name: string;
  /** Whether it is a track of drums, which have no pitch. */
  readonly isPercussion: boolean;
  /** The instrument that plays it; absent where the file does not say. */
  readonly instrument?: InstrumentKind;
  /** The notes in the order in which they begin. */
  readonly notes: readonly MidiNote[];
}

/** One note. */
export interface MidiNote {
  /** The onset, in ticks from the beginning. */
  readonly at: number;
  /** The length in ticks. */
  readonly ticks: number;
  /** The key on the keyboard, semitones above C−1: 60 is middle C. */
  readonly key: number;
}

/** The semitones of a MIDI key above those counted from C0: MIDI counts from an octave lower. */
export const MIDI_ABOVE = 12;
