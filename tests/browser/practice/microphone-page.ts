import type { Page } from '@playwright/test';
import type { StudyFile } from '../../support/plans/study-files.ts';

/** A microphone that hears a file at once, is taken away after some time (ms), or fails with an error where there is no file. */
interface Microphone {
  readonly file: StudyFile | null;
  readonly goneAfter?: number;
  /** The name of the error; it is refused where none is given. */
  readonly error?: string;
}

/** Puts a microphone in place of the browser’s. */
export async function withMicrophone(page: Page, { file, goneAfter, error = 'NotAllowedError' }: Microphone): Promise<void> {
  await page.evaluate(
    ([wave, gone, failure]) => {
      navigator.mediaDevices.getUserMedia = async () => {
        if (wave === null) throw new DOMException('no', failure);
        const context = new AudioContext();
        const destination = context.createMediaStreamDestination();
        const play = async (sound: string): Promise<void> => {
          const bytes = Uint8Array.from(atob(sound), (letter) => letter.charCodeAt(0));
          const source = new AudioBufferSourceNode(context, { buffer: await context.decodeAudioData(bytes.buffer) });
          source.connect(destination);
          source.start();
        };
        if (wave !== '') await play(wave);
        const { stream } = destination;
        const [track] = stream.getTracks();
        if (gone !== null) setTimeout(() => track?.dispatchEvent(new Event('ended')), gone);
        Object.assign(window, { microphone: track, playToMicrophone: play });
        return stream;
      };
    },
    [file?.buffer.toString('base64') ?? null, goneAfter ?? null, error] as const,
  );
}

/** A file in which nothing sounds: the microphone hears what is played to it later. */
export const NOTHING_YET: StudyFile = { name: 'nothing.wav', mimeType: 'audio/wav', buffer: Buffer.alloc(0) };

/** Plays a file to the microphone, once it is open. */
export async function playToMicrophone(page: Page, { buffer }: StudyFile): Promise<void> {
  await page.evaluate(
    (sound) => (Reflect.get(window, 'playToMicrophone') as (wave: string) => Promise<void>)(sound),
    buffer.toString('base64'),
  );
}

/** Takes the microphone away, as a device that is unplugged. */
export async function takeMicrophoneAway(page: Page): Promise<void> {
  await page.evaluate(() => (Reflect.get(window, 'microphone') as MediaStreamTrack).dispatchEvent(new Event('ended')));
}

/** Tells whether the microphone is open or released. */
export async function microphoneState(page: Page): Promise<string> {
  return await page.evaluate(() => (Reflect.get(window, 'microphone') as MediaStreamTrack).readyState);
}
