import { levelOf, type Sound } from '#core/listening';

import { TAKE_RATE } from './protocol.ts';
import { readWave, type WaveFile } from './wave-slices.ts';

/** A reason why a file is not read as a take. */
export type NoTake = 'too-large' | 'too-long' | 'too-many-notes' | 'no-length' | 'no-sound' | 'silent';

/** The longest take, seconds. */
export const LONGEST = 600;

/** The largest file that is compressed, bytes: more than ten minutes of it are never needed. */
const LARGEST = 25_000_000;

/**
 * Opens a file as a take, mixed down to one channel; whatever the browser decodes. Its length is read before anything is decoded: from the
 * head of a wave file, which is decoded slice by slice, or by the browser’s player.
 */
export async function openSound(file: File): Promise<Sound | NoTake> {
  const wave = await readWave(file);
  if (wave) return wave.seconds > LONGEST ? 'too-long' : await decodeInSlices(wave);
  if (file.size > LARGEST) return 'too-large';
  const seconds = await lengthOf(file);
  if (typeof seconds === 'string') return seconds;
  if (seconds > LONGEST) return 'too-long';
  const buffer = await decode(await file.arrayBuffer());
  return buffer === null ? 'no-sound' : asTake(mixDown(buffer), buffer.sampleRate);
}

/** The time that the browser’s player may take to tell how long a file is, ms. */
const TOLD_WITHIN_MS = 10_000;

/** A moment after the end of every sound, seconds: a player that is sent there finds out where the end is. */
const AFTER_ALL = 1e7;

/** Asks the browser’s player how long a file is, seconds. */
async function lengthOf(file: File): Promise<number | 'no-sound' | 'no-length'> {
  const player = new Audio();
  const address = URL.createObjectURL(file);
  try {
    return await new Promise((resolve) => {
      const tell = (): void => {
        if (Number.isFinite(player.duration)) resolve(player.duration);
        else player.currentTime = AFTER_ALL;
      };
      player.addEventListener('loadedmetadata', tell);
      player.addEventListener('durationchange', tell);
      player.addEventListener('error', () => resolve('no-sound'));
      setTimeout(() => resolve('no-length'), TOLD_WITHIN_MS);
      player.preload = 'metadata';
      player.src = address;
    });
  } finally {
    player.removeAttribute('src');
    URL.revokeObjectURL(address);
  }
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

/** The length of a slice, and what is decoded beyond it on either side, so that none is heard to begin, seconds. */
const SLICE = 20;
const BEYOND = 0.5;

/** Decodes a wave file slice by slice, so that a long one never stands in memory with all of its channels. */
async function decodeInSlices(wave: WaveFile): Promise<Sound | NoTake> {
  const samples = new Float32Array(Math.ceil(wave.seconds * TAKE_RATE));
  for (let from = 0; from < wave.seconds; from += SLICE) {
    const begins = Math.max(0, from - BEYOND);
    const buffer = await decode(await wave.slice(begins, Math.min(wave.seconds, from + SLICE + BEYOND)));
    if (buffer === null) return 'no-sound';
    const first = Math.round((from - begins) * TAKE_RATE);
    const slice = mixDown(buffer).subarray(first, first + SLICE * TAKE_RATE);
    const at = from * TAKE_RATE;
    samples.set(slice.subarray(0, samples.length - at), at);
  }
  return asTake(samples, TAKE_RATE);
}

/** Mixes the channels that sound down to one: a silent side takes nothing away. */
function mixDown(buffer: AudioBuffer): Float32Array {
  const channels = Array.from({ length: buffer.numberOfChannels }, (_, channel) => buffer.getChannelData(channel));
  const sounding = channels.filter((channel) => levelOf(channel) !== 'silent');
  const [first = new Float32Array(buffer.length), ...others] = sounding;
  if (others.length > 0) {
    for (const [index, sample] of first.entries())
      first[index] = others.reduce((sum, channel) => sum + (channel[index] ?? 0), sample) / sounding.length;
  }
  return first;
}

/** Takes the constant away that some devices add, and refuses silence. */
function asTake(samples: Float32Array, sampleRate: number): Sound | NoTake {
  const constant = samples.reduce((sum, sample) => sum + sample, 0) / Math.max(1, samples.length);
  for (const [index, sample] of samples.entries()) samples[index] = sample - constant;
  return levelOf(samples) === 'silent' ? 'silent' : { samples, sampleRate };
}
