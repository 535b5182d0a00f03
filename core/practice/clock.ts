import type { Meter } from '#core/rhythm';

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
}

/** A click of a metronome. */
export interface Click {
  /** Seconds from the start. */
  readonly at: number;
  /** First of a measure, another accent, a beat, or between two beats. */
  readonly strength: 'measure' | 'accent' | 'beat' | 'between';
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

function isSilent({ meter, subdivision, silentMeasures }: Metronome, number: number): boolean {
  return silentMeasures && Math.floor(number / (subdivision * meter.beats)) % 2 === 1;
}

function strengthOf({ meter: { beats, beatValue }, subdivision }: Metronome, number: number): Click['strength'] {
  if (number % subdivision !== 0) return 'between';
  const beat = (number / subdivision) % beats;
  if (beat === 0) return 'measure';
  return beatValue === 8 && beats > COMPOUND && beats % COMPOUND === 0 && beat % COMPOUND === 0 ? 'accent' : 'beat';
}
