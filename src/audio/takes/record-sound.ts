import { type Level, levelOf, type Sound } from '#core/listening';

import { type NoMicrophone, openStream } from '../microphone.ts';
import { LONGEST, type NoTake } from './open-sound.ts';
import { TAKE_RATE } from './protocol.ts';
import recorderUrl from './recorder.worklet.ts?worker&url';

/** The state of a recording that goes on. */
export interface Recorded {
  /** The time since it began, seconds. */
  readonly seconds: number;
  /** The loudness of the last tenth of a second, 0 … 1. */
  readonly loudness: number;
  /** Whether that was silent, cut off, or neither. */
  readonly level: Level;
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

/**
 * Begins to record, once the microphone may be used.
 *
 * @throws where the browser does not load the recorder; the microphone is released then
 */
export async function recordSound({ onHeard, onEnd }: Hearing): Promise<Recording | NoMicrophone> {
  const stream = await openStream();
  if (typeof stream === 'string') return stream;
  const release = (): void => {
    for (const track of stream.getTracks()) track.stop();
  };
  const context = new AudioContext();
  const parts: Float32Array[] = [];
  await context.audioWorklet.addModule(recorderUrl).catch((error: unknown) => {
    release();
    throw error;
  });
  const recorder = new AudioWorkletNode(context, 'take-recorder');
  recorder.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
    parts.push(data);
    const seconds = (parts.length * data.length) / context.sampleRate;
    onHeard({ seconds, loudness: loudnessOf(data), level: levelOf(data) });
    if (seconds > LONGEST) onEnd();
  };
  for (const track of stream.getTracks()) track.addEventListener('ended', onEnd);
  // Not every browser hears a recorder that is not connected; it makes no sound of its own.
  context.createMediaStreamSource(stream).connect(recorder).connect(context.destination);
  return {
    stop: async () => {
      release();
      const { sampleRate } = context;
      await context.close();
      return await atTakeRate(parts, sampleRate);
    },
  };
}

function loudnessOf(samples: Float32Array): number {
  return Math.sqrt(samples.reduce((sum, sample) => sum + sample * sample, 0) / Math.max(1, samples.length));
}

/** Joins the parts of a recording, at the rate at which takes are read. */
async function atTakeRate(parts: readonly Float32Array[], sampleRate: number): Promise<Sound | NoTake> {
  const count = parts.reduce((sum, part) => sum + part.length, 0);
  if (count === 0) return 'silent';
  const buffer = new AudioBuffer({ length: count, sampleRate });
  let from = 0;
  for (const part of parts) {
    buffer.copyToChannel(Float32Array.from(part), 0, from);
    from += part.length;
  }
  const offline = new OfflineAudioContext({ numberOfChannels: 1, length: Math.ceil(buffer.duration * TAKE_RATE), sampleRate: TAKE_RATE });
  const source = new AudioBufferSourceNode(offline, { buffer });
  source.connect(offline.destination);
  source.start();
  const samples = (await offline.startRendering()).getChannelData(0);
  return levelOf(samples) === 'silent' ? 'silent' : { samples, sampleRate: TAKE_RATE };
}
