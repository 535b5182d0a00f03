/** A MIDI file as data: what sounds when, in ticks. Whoever reads or writes its bytes makes or takes this. */
export interface MidiSong {
  /** Ticks of a quarter note. */
  readonly ticksPerQuarter: number;
  /** In order; each channel of a track by itself. */
  readonly tracks: readonly MidiTrack[];
  /** Tempos, quarter notes a minute, from a tick on. */
  readonly tempos: readonly { readonly at: number; readonly quartersPerMinute: number }[];
  /** Meters from a tick on. */
  readonly meters: readonly { readonly at: number; readonly beats: number; readonly beatValue: number }[];
  /** Key signatures from a tick on: sharps, or flats below 0. */
  readonly keys: readonly { readonly at: number; readonly fifths: number; readonly minor: boolean }[];
}

/** What one channel of one track plays. */
export interface MidiTrack {
  /** As it is called; empty where it has no name. */
  readonly name: string;
  /** Drums, which have no pitch. */
  readonly isPercussion: boolean;
  /** In the order in which they begin. */
  readonly notes: readonly MidiNote[];
}

/** One note. */
export interface MidiNote {
  /** When it begins, ticks from the beginning. */
  readonly at: number;
  /** How long, ticks. */
  readonly ticks: number;
  /** Semitones above C−1: 60 is middle C. */
  readonly key: number;
}

/** Semitones of a MIDI key above those counted from C0: MIDI counts from an octave lower. */
export const MIDI_ABOVE = 12;
