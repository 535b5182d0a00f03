import { create } from 'zustand';

/** The sound under the line: none, its tonic, or an open string by its name in documents' form. */
export type Drone = 'none' | 'tonic' | { readonly open: string };

/** The way in which the line is played. */
export interface SoundChoices {
  /** The share of the tempo. */
  readonly pace: number;
  readonly slides: boolean;
  readonly countIn: boolean;
  readonly metronome: boolean;
  readonly drone: Drone;
  readonly loop: boolean;
}

/** The sound of the bench: whether it plays, and which note is sounding. */
export interface Sound extends SoundChoices {
  readonly state: 'silent' | 'starting' | 'playing';
  /** The line index; null in a rest, while counting in, and in silence. */
  readonly note: number | null;
  /** The reason why there is no sound. */
  readonly trouble: string | null;
}

/** The sound's state. */
export const soundStore = create<Sound>()(() => ({
  state: 'silent',
  note: null,
  trouble: null,
  pace: 1,
  slides: true,
  countIn: true,
  metronome: false,
  drone: 'none',
  loop: false,
}));

/** Reads from the sound in a component. */
export function useSound<Value>(select: (sound: Sound) => Value): Value {
  return soundStore(select);
}
