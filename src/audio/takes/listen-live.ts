import type { LivePlace } from '#core/listening/live';
import type { Plan } from '#core/plan/describe';
import type { NoMicrophone } from '../microphone.ts';
import { openRecorder } from './open-recorder.ts';
import { beginLive, hearLive } from './takes.ts';

/** A player who is listened to. */
export interface LiveListening {
  /** Releases the microphone. */
  readonly close: () => Promise<void>;
}

interface LiveHearing {
  /** Receives the place of the player, some forty times a second. */
  readonly onPlace: (place: LivePlace) => void;
  /** The microphone was taken away. */
  readonly onEnd: () => void;
}

/** The samples that are heard at once: about a fortieth of a second. */
const AT_ONCE = 1024;

/**
 * Follows a player through a plan with the microphone, in a worker.
 *
 * @throws where the browser does not load the recorder; the microphone is released then
 */
export async function listenLive(plan: Plan, { onPlace, onEnd }: LiveHearing): Promise<LiveListening | NoMicrophone> {
  let begun: Promise<void> | null = null;
  return await openRecorder(AT_ONCE, {
    onPart: (part, sampleRate) => {
      begun ??= beginLive(plan, sampleRate);
      void begun.then(() => hearLive(part)).then(onPlace);
    },
    onEnd,
  });
}
