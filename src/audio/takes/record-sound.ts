import { type Level, levelOf, loudnessOf, type Sound } from '#core/listening';

import type { NoMicrophone } from '../microphone.ts';
import { LONGEST, type NoTake } from './open-sound.ts';
import { atTakeRate } from './at-take-rate.ts';
import { openRecorder } from './open-recorder.ts';

/** The level of what the microphone hears. */
export interface HeardLevel {
  /** The loudness of the last tenth of a second, 0 … 1. */
  readonly loudness: number;
  /** Whether that was silent, cut off, or neither. */
  readonly level: Level;
}

/** The state of a recording that goes on. */
export interface Recorded extends HeardLevel {
  /** The time since it began, seconds. */
  readonly seconds: number;
}

/** A recording that goes on. */
export interface Recording {
  /** Ends it, releases the microphone, and gives the sound. */
  readonly stop: () => Promise<Sound | NoTake>;
}

interface Hearing {
  /** Receives the state, ten times a second. */
  readonly onHeard: (now: Recorded) => void;
  /** The microphone was taken away, or the longest time is over. */
  readonly onEnd: () => void;
}

/** The samples that are recorded at once: about a tenth of a second. */
const AT_ONCE = 4096;

/**
 * Begins to record, once the microphone may be used.
 *
 * @throws where the browser does not load the recorder; the microphone is released then
 */
export async function recordSound({ onHeard, onEnd }: Hearing): Promise<Recording | NoMicrophone> {
  const parts: Float32Array[] = [];
  const opened = await openRecorder(AT_ONCE, {
    onPart: (part, sampleRate) => {
      parts.push(part);
      const seconds = (parts.length * part.length) / sampleRate;
      onHeard({ seconds, loudness: loudnessOf(part), level: levelOf(part) });
      if (seconds > LONGEST) onEnd();
    },
    onEnd,
  });
  if (typeof opened === 'string') return opened;
  return {
    stop: async () => {
      await opened.close();
      return await atTakeRate(parts, opened.sampleRate);
    },
  };
}
