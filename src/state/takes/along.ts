import { signatureAt } from '#core/material/measures';
import { droneHz, USUAL_TEMPO } from '#core/sound';
import type { KnownSounds } from '#core/listening/along';
import type { Metronome } from '#core/practice/metronome';
import type { Plan } from '#core/plan/describe';

/** The sounds along with a take. */
export const SOUNDS_ALONG = ['nothing', 'drone', 'metronome'] as const;

/** A sound along with a take. */
export type SoundAlong = (typeof SOUNDS_ALONG)[number];

/** The quarters of a whole note, in which tempos are counted. */
const QUARTERS = 4;

/** Gives the metronome of a plan at its tempo. */
export function metronomeOf({ brief, line }: Plan): Metronome {
  const { meter } = signatureAt(line, 0);
  const tempo = (brief.tempo ?? USUAL_TEMPO) * (meter.beatValue / QUARTERS);
  return { tempo, meter, subdivision: 1, silentMeasures: false, countIn: false };
}

/** Gives what is known of a sound along, so that it can be taken out. */
export function knownSoundsOf(plan: Plan, along: SoundAlong): KnownSounds {
  return {
    droneHz: along === 'drone' ? droneHz(plan, 'tonic', 0) : null,
    clicks: along === 'metronome' ? clicksOf(metronomeOf(plan)) : null,
  };
}

/** Gives what is known of the clicks of a metronome; those of one that is silent every other measure are not evenly apart. */
export function clicksOf({ tempo, meter, subdivision, silentMeasures }: Metronome): KnownSounds['clicks'] {
  return silentMeasures ? null : { every: 60 / tempo / subdivision, round: meter.beats * subdivision };
}
