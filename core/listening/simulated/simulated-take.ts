import type { InstrumentKind } from '#core/instrument';
import { type DueNote, seededNumbers } from '#core/listening';
import { addStrokes, type VoiceSound } from './additive-voice.ts';
import { strokesOf } from './bow-strokes.ts';
import { addBowedString } from './waveguide-voice.ts';
import { addClicks, addDrone, addNoise, inRoom } from './surroundings.ts';
import { playNotes, type SimulatedNote } from './played.ts';
import type { SimulatedPlayer } from './simulated-player.ts';
import { partialStrength, type Timbre } from './timbres.ts';

/** The sound around a simulated player. */
export interface Surroundings {
  /** The decibels by which noise lies below the playing; null for none. */
  readonly noiseBelow: number | null;
  /** Whether the playing is in a room that echoes. */
  readonly room: boolean;
  /** A drone that sounds along, Hz; null for none. */
  readonly droneHz: number | null;
  /** The time between two clicks of a metronome, seconds; null for none. */
  readonly clicksEvery: number | null;
}

/** Surroundings in which nothing else is heard. */
export const QUIET: Surroundings = { noiseBelow: null, room: false, droneHz: null, clicksEvery: null };

/** A way to make a simulated take. */
export interface TakeRequest {
  /** The instrument whose body it has. */
  readonly kind: InstrumentKind;
  /** The voice: a timbre built from partials, or a model of a bowed string, in which all follows from the motion of the string. */
  readonly voice: Timbre | 'bowed-string';
  readonly player: SimulatedPlayer;
  readonly surroundings: Surroundings;
  /** The samples a second. */
  readonly sampleRate: number;
}

/** A sound with what was played in it. */
export interface SimulatedTake {
  /** The samples, −1 … 1. */
  readonly samples: Float32Array;
  /** The samples a second. */
  readonly sampleRate: number;
  /** The truth: what was played, with the frequencies that really sound. */
  readonly played: readonly SimulatedNote[];
}

/** The silence after the last note, seconds. */
const AFTER = 0.6;

/** The loudest sample of a take, 0 … 1. */
const LOUDEST = 0.6;

/** Makes a take: a simulated player plays the notes due, with a sound of its own, in some surroundings. */
export function makeTake(due: readonly DueNote[], request: TakeRequest): SimulatedTake {
  const { kind, voice, player, surroundings, sampleRate } = request;
  const planned = playNotes(due, player);
  const samples = new Float32Array(Math.ceil(((planned.at(-1)?.until ?? 0) + AFTER) * sampleRate));
  const sound: VoiceSound = {
    samples,
    sampleRate,
    strength: voice === 'bowed-string' ? () => 1 : partialStrength(kind, voice),
    vibrato: player.vibrato,
    random: seededNumbers(player.seed * 104_729 + 5),
  };
  const add = voice === 'bowed-string' ? addBowedString : addStrokes;
  const means = [0, 1].map((part) => add(strokesOf(planned, part), sound));
  return { samples: surround(evenOut(samples), sampleRate, surroundings, player.seed), sampleRate, played: withMeans(planned, means) };
}

/** Gives every note the frequencies that really sound: its trembling does not quite even out. */
function withMeans(planned: readonly SimulatedNote[], means: readonly (readonly number[])[]): readonly SimulatedNote[] {
  const next = means.map(() => 0);
  return planned.map((note) => ({
    ...note,
    hz: note.hz.map((hz, voice) => {
      const cents = means[voice]?.[next[voice] ?? 0] ?? 0;
      next[voice] = (next[voice] ?? 0) + 1;
      return hz * 2 ** (cents / 1200);
    }),
  }));
}

function evenOut(samples: Float32Array): Float32Array {
  let loudest = 1e-9;
  for (const sample of samples) loudest = Math.max(loudest, Math.abs(sample));
  return samples.map((sample) => (sample * LOUDEST) / loudest);
}

/** The loudness of a drone and of clicks beside the playing. */
const DRONE = 0.05;
const CLICKS = 0.25;

function surround(
  samples: Float32Array,
  sampleRate: number,
  { noiseBelow, room, droneHz, clicksEvery }: Surroundings,
  seed: number,
): Float32Array {
  let sound = samples;
  if (droneHz !== null) sound = addDrone(sound, sampleRate, { hz: droneHz, loudness: DRONE });
  if (clicksEvery !== null) {
    const times = Array.from({ length: Math.floor(samples.length / sampleRate / clicksEvery) }, (_, beat) => beat * clicksEvery);
    sound = addClicks(sound, sampleRate, { times, loudness: CLICKS });
  }
  if (room) sound = inRoom(sound, sampleRate);
  return noiseBelow === null ? sound : addNoise(sound, noiseBelow, seed * 31 + 3);
}
