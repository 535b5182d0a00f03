import { levelOf, type Sound } from '#core/listening';

import { TAKE_RATE } from './protocol.ts';

/** A reason why a file is not read as a take. */
export type NoTake = 'too-large' | 'too-long' | 'too-many-notes' | 'no-sound' | 'silent';

/** The longest take, seconds. */
export const LONGEST = 600;

/** The largest files, bytes: ten minutes of sound as it is, and the same compressed, which would unfold to hours. */
const LARGEST = { wave: 120_000_000, compressed: 25_000_000 } as const;

/** The first letters of a file that holds its samples as they are. */
const WAVE = 'RIFF';

/** Opens a file as a take, mixed down to one channel; whatever the browser decodes. Its size is checked before anything is decoded. */
export async function openSound(file: File): Promise<Sound | NoTake> {
  const start = await file.slice(0, WAVE.length).text();
  if (file.size > (start === WAVE ? LARGEST.wave : LARGEST.compressed)) return 'too-large';
  const buffer = await decode(await file.arrayBuffer());
  if (buffer === null) return 'no-sound';
  if (buffer.duration > LONGEST) return 'too-long';
  const samples = mixDown(buffer);
  return levelOf(samples) === 'silent' ? 'silent' : { samples, sampleRate: buffer.sampleRate };
}

/**
 * Decodes sound at the rate at which takes are read; null for a file that is not sound.
 *
 * @throws where the browser fails for another reason
 */
async function decode(bytes: ArrayBuffer): Promise<AudioBuffer | null> {
  try {
    return await new OfflineAudioContext({ numberOfChannels: 1, length: 1, sampleRate: TAKE_RATE }).decodeAudioData(bytes);
  } catch (error) {
    if (error instanceof DOMException) return null;
    throw error;
  }
}

/** Mixes the channels that sound down to one, without the constant that some devices add: a silent side takes nothing away. */
function mixDown(buffer: AudioBuffer): Float32Array {
  const channels = Array.from({ length: buffer.numberOfChannels }, (_, channel) => buffer.getChannelData(channel));
  const sounding = channels.filter((channel) => levelOf(channel) !== 'silent');
  const [first = new Float32Array(buffer.length)] = sounding;
  const mixed = first.map(
    (sample, index) => sounding.slice(1).reduce((sum, channel) => sum + (channel[index] ?? 0), sample) / Math.max(1, sounding.length),
  );
  const constant = mixed.reduce((sum, sample) => sum + sample, 0) / Math.max(1, mixed.length);
  return mixed.map((sample) => sample - constant);
}
