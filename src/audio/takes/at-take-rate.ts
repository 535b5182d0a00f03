import { levelOf, type Sound } from '#core/listening';
import type { NoTake } from './open-sound.ts';
import { TAKE_RATE } from './protocol.ts';

/** Joins the parts of a recording, at the rate at which takes are read. */
export async function atTakeRate(parts: readonly Float32Array[], sampleRate: number): Promise<Sound | NoTake> {
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
