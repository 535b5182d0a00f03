import { levelOf, loudnessOf, type Sound } from '#core/listening';
import type { StandHearing, StandNow } from '#core/listening/stand';
import type { NoMicrophone } from '../microphone.ts';
import { atTakeRate } from './at-take-rate.ts';
import { openRecorder } from './open-recorder.ts';
import type { HeardLevel } from './record-sound.ts';
import { beginOnStand, hearOnStand } from './takes.ts';

/** The circumstances of what is played next: the silence after which a try is over, and the time in which the model sounds, seconds. */
export type NextOnStand = Omit<StandHearing, 'sampleRate'>;

/** A music stand that is listened to. */
export interface StandListening {
  /** Begins again, for what is played next. */
  readonly begin: (next: NextOnStand) => void;
  /** Releases the microphone. */
  readonly close: () => Promise<void>;
}

interface Hearing {
  /** Receives the state and the loudness of the last part, some ten times a second. */
  readonly onNow: (now: StandNow, heard: HeardLevel) => void;
  /** Receives the sound of a try that is over. */
  readonly onTry: (sound: Sound) => void;
  /** The microphone was taken away, or what it brings cannot be heard. */
  readonly onEnd: () => void;
}

/** The samples that are heard at once: about a tenth of a second. */
const AT_ONCE = 4096;

/** The sound that is kept while nobody plays, seconds: no less than the ear remembers. */
const KEPT_SECONDS = 12;

/** The sound since an ear was begun. */
interface Since {
  /** The parts that are kept. */
  parts: Float32Array[];
  /** The number of samples that were forgotten before the first of them. */
  forgotten: number;
}

/**
 * Listens on the music stand, in a worker, for tries and claps.
 *
 * @throws where the browser does not load the recorder; the microphone is released then
 */
export async function listenOnStand(first: NextOnStand, { onNow, onTry, onEnd }: Hearing): Promise<StandListening | NoMicrophone> {
  let since: Since = { parts: [], forgotten: 0 };
  let next: NextOnStand | null = first;
  const opened = await openRecorder(AT_ONCE, {
    onPart: (part, sampleRate) => {
      if (next) {
        since = { parts: [], forgotten: 0 };
        void beginOnStand({ ...next, sampleRate });
        next = null;
      }
      const own = since;
      own.parts.push(part);
      const tell = (now: StandNow): void => {
        // Something else has been begun meanwhile.
        if (own !== since) return;
        onNow(now, { loudness: loudnessOf(part), level: levelOf(part) });
        if (now.state === 'over')
          atTakeRate([partOf(own, now, sampleRate)], sampleRate)
            .then((sound) => typeof sound === 'string' || onTry(sound))
            .catch(onEnd);
        if (now.state !== 'playing') forget(own, sampleRate);
      };
      hearOnStand(part).then(tell).catch(onEnd);
    },
    onEnd,
  });
  if (typeof opened === 'string') return opened;
  return {
    begin: (following) => {
      next = following;
    },
    close: () => opened.close(),
  };
}

/** Gives the sound of a try. */
function partOf({ parts, forgotten }: Since, { from, until }: StandNow, sampleRate: number): Float32Array {
  const all = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all.subarray(Math.max(0, Math.round(from * sampleRate) - forgotten), Math.max(0, Math.round(until * sampleRate) - forgotten));
}

/** Forgets what is long past while nobody plays. */
function forget(since: Since, sampleRate: number): void {
  while (since.parts.length * AT_ONCE > KEPT_SECONDS * sampleRate) {
    since.forgotten += since.parts.shift()?.length ?? 0;
  }
}
