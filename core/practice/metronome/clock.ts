import { isCompound, type Meter } from '#core/rhythm';

/** A metronome: how fast, in which meter, how the beat is divided, and whether every other measure is silent. */
export interface Metronome {
  /** Beats a minute. */
  readonly tempo: number;
  /** Accents its first beats; in compound meters (6/8, 9/8, 12/8) every third beat too. */
  readonly meter: Meter;
  /** Clicks to a beat, 1 for none between. */
  readonly subdivision: number;
  /** Every other measure is counted without a sound: the inner beat is tested. */
  readonly silentMeasures: boolean;
  /** Whether one measure is counted first, beat by beat, before the first of those that are played. */
  readonly countIn: boolean;
}

/** A click of a metronome. */
export interface Click {
  /** Seconds from the start. */
  readonly at: number;
  /** A beat that is counted in, first of a measure, another accent, a beat, or between two beats. */
  readonly strength: 'count' | 'measure' | 'accent' | 'beat' | 'between';
}

const SECONDS_A_MINUTE = 60;

/** Beats of a compound meter come by threes. */
const COMPOUND = 3;

/**
 * The clicks of a metronome from one moment to another (seconds from the start; `from` included, `until` not). Every moment is
 * counted from the start by its number, never from the click before, so that nothing adds up: an hour later it is as exact as
 * at the first beat.
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

/** Measures that are counted before the first. */
const COUNTED = 1;

/** The measure of a click: 0 is the first that is played, a negative one is counted in. */
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

/** Where a metronome is. */
export interface BeatNow {
  /** Counted from 0; a negative measure is counted in. */
  readonly measure: number;
  /** Of its measure, counted from 0. */
  readonly beat: number;
  /** Whether its measure is silent. */
  readonly silent: boolean;
}

/** The beat that a metronome is on so many seconds from its start; null before it. */
export function beatAt(metronome: Metronome, seconds: number): BeatNow | null {
  if (seconds < 0) return null;
  const { tempo, meter, subdivision } = metronome;
  const beats = Math.floor((seconds * tempo) / SECONDS_A_MINUTE + TINY);
  const measure = measureOf(metronome, beats * subdivision);
  return { measure, beat: beats % meter.beats, silent: isSilent(metronome, beats * subdivision) };
}
