import { type NoMicrophone, openStream } from '../microphone.ts';
import recorderUrl from './recorder.worklet.ts?worker&url';

/** A recorder that hears the microphone. */
interface OpenRecorder {
  /** The samples a second. */
  readonly sampleRate: number;
  /** Releases the microphone. */
  readonly close: () => Promise<void>;
}

interface PartHearing {
  /** Receives the next samples, −1 … 1. */
  readonly onPart: (part: Float32Array, sampleRate: number) => void;
  /** The microphone was taken away. */
  readonly onEnd: () => void;
}

/**
 * Opens the microphone, once it may be used, and hears it part by part, a number of samples at once.
 *
 * @throws where the browser does not load the recorder; the microphone is released then
 */
export async function openRecorder(atOnce: number, { onPart, onEnd }: PartHearing): Promise<OpenRecorder | NoMicrophone> {
  const stream = await openStream();
  if (typeof stream === 'string') return stream;
  const release = (): void => {
    for (const track of stream.getTracks()) track.stop();
  };
  const context = new AudioContext({ latencyHint: 'interactive' });
  await context.audioWorklet.addModule(recorderUrl).catch((error: unknown) => {
    release();
    throw error;
  });
  const recorder = new AudioWorkletNode(context, 'take-recorder', { processorOptions: { atOnce } });
  recorder.port.onmessage = ({ data }: MessageEvent<Float32Array>) => onPart(data, context.sampleRate);
  for (const track of stream.getTracks()) track.addEventListener('ended', onEnd);
  // Not every browser hears a recorder that is not connected; it makes no sound of its own.
  context.createMediaStreamSource(stream).connect(recorder).connect(context.destination);
  return {
    sampleRate: context.sampleRate,
    close: async () => {
      release();
      await context.close();
    },
  };
}
