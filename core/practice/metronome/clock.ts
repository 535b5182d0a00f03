import { isCompound, type Meter } from '#core/rhythm';

/** A metronome: its tempo, meter and subdivision, and whether every other measure is silent. */
export interface Metronome {
  /** The beats a minute. */
  readonly tempo: number;
  /** The meter: its first beats are accented; in compound meters (6/8, 9/8, 12/8) every third beat too. */
  readonly meter: Meter;
  /** The clicks to a beat, 1 for none between. */
  readonly subdivision: number;
  /** Whether every other measure is counted without a sound, which tests the inner beat. */
  readonly silentMeasures: boolean;
  /** Whether one measure is counted first, beat by beat, before the first of those that are played. */
  readonly countIn: boolean;
}

/** A click of a metronome. */
export interface Click {
  /** The time in seconds from the start. */
  readonly at: number;
  /** The strength: a beat that is counted in, first of a measure, another accent, a beat, or between two beats. */
  readonly strength: 'count' | 'measure' | 'accent' | 'beat' | 'between';
}

const SECONDS_A_MINUTE = 60;

/** The number of beats by which compound meters are grouped. */
const COMPOUND = 3;

/**
 * Lists the clicks of a metronome from one moment to another (seconds from the start; `from` included, `until` not). Every moment is
 * calculated from the start by its number, never from the click before, so that errors do not add up: an hour later it is as exact as at
 * the first beat.
 */
export function clicksBetween(metronome: Metronome, from: number, until: number): readonly Click[] {
  const every = SECONDS_A_MINUTE / metronome.tempo / metronome.subdivision;
  const first = Math.max(0, Math.ceil(from / every - TINY));
  const clicks: Click[] = [];
  for (let number = first; number * every < until - TINY * every; number += 1) {
    if (!isSilent(metronome, number)) clicks.push({ at: number * every, strength: strengthOf(metronome, number) });
  }
  return clicks;
}

/** Times come back from the audio clock a hair off. */
const TINY = 1e-9;

/** The number of measures that are counted before the first. */
const COUNTED = 1;

/** Gives the index of a click's measure: 0 is the first that is played, a negative one is counted in. */
function measureOf({ meter, subdivision, countIn }: Metronome, number: number): number {
  return Math.floor(number / (subdivision * meter.beats)) - (countIn ? COUNTED : 0);
}

function isSilent(metronome: Metronome, number: number): boolean {
  const measure = measureOf(metronome, number);
  if (measure < 0) return number % metronome.subdivision !== 0;
  return metronome.silentMeasures && measure % 2 === 1;
}

function strengthOf(metronome: Metronome, number: number): Click['strength'] {
  const { meter, subdivision } = metronome;
  if (number % subdivision !== 0) return 'between';
  if (measureOf(metronome, number) < 0) return 'count';
  const beat = (number / subdivision) % meter.beats;
  if (beat === 0) return 'measure';
  return isCompound(meter) && beat % COMPOUND === 0 ? 'accent' : 'beat';
}

/** The place of a metronome in its measures. */
export interface BeatNow {
  /** The measure, counted from 0; a negative measure is counted in. */
  readonly measure: number;
  /** The beat of its measure, counted from 0. */
  readonly beat: number;
  /** Whether its measure is silent. */
  readonly silent: boolean;
}

/** Gives the beat of a metronome a number of seconds from its start; null before it. */
export function beatAt(metronome: Metronome, seconds: number): BeatNow | null {
  if (seconds < 0) return null;
  const { tempo, meter, subdivision } = metronome;
  const beats = Math.floor((seconds * tempo) / SECONDS_A_MINUTE + TINY);
  const measure = measureOf(metronome, beats * subdivision);
  return { measure, beat: beats % meter.beats, silent: isSilent(metronome, beats * subdivision) };
}
