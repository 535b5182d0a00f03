import type { Performance } from '#core/sound';
import { type Click, clicksBetween, type Metronome } from './clock.ts';

/** A model and a silence to play in, in turns. */
export interface Turns {
  /** The length of one turn of both, seconds. */
  readonly seconds: number;
  /** The clicks through both of them; seconds from the beginning of the model. */
  readonly clicks: readonly Click[];
}

const SECONDS_A_MINUTE = 60;

/** Sums of seconds come out a hair over. */
const TINY = 1e-6;

/**
 * Plans a model and a silence of the same length, in turns. Each takes whole measures, so that the beats go on through both and the player
 * comes in where the model came in: a model of a measure and a half is followed by half a measure of rest. Without a metronome both are as
 * long as the model.
 */
export function turnsOf(model: Performance, metronome: Metronome | null): Turns {
  if (metronome === null) return { seconds: 2 * model.seconds, clicks: [] };
  const measure = (metronome.meter.beats * SECONDS_A_MINUTE) / metronome.tempo;
  const seconds = 2 * measure * Math.max(1, Math.ceil(model.seconds / measure - TINY));
  // A model that begins within a measure: this part of that measure has passed.
  const [first] = model.beats.filter(({ strong }) => strong);
  const passed = first && first.at > TINY ? measure - (first.at % measure) : 0;
  const clicks = clicksBetween({ ...metronome, countIn: false }, passed, passed + seconds);
  return { seconds, clicks: clicks.map((click) => ({ ...click, at: click.at - passed })) };
}
