import { dueNotes } from '#core/listening';
import { FAULTLESS, makeTake, QUIET, type SimulatedPlayer } from '#core/listening/simulated';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { clap } from './clap.ts';
import { planBest } from '../briefs.ts';
import type { StudyFile } from '../plans/study-files.ts';

/**
 * The sound of a file, with a constant that some devices add: silence of some seconds, somebody who talks, or a demo piece played without a
 * fault on the left side, the right side being silent.
 */
export type SoundOfFile = { readonly sampleRate: number; readonly offset?: number } & (
  | { readonly seconds: number }
  | { readonly play: string; readonly player?: Partial<SimulatedPlayer>; readonly pace?: number }
  /** Somebody who talks for some seconds. */
  | { readonly talks: number }
  /** Claps, a third of a second apart. */
  | { readonly claps: number }
);

/** The bytes of a head, and of a sample of both sides. */
const HEAD = 44;
const FRAME = 4;

/** Writes a sound as a wave file of two sides, 16 bits a sample. */
export function waveFile(name: string, sound: SoundOfFile): StudyFile {
  const samples = samplesOf(sound);
  const buffer = Buffer.alloc(HEAD + samples.length * FRAME);
  buffer.write('RIFF', 0);
  buffer.writeUInt32LE(buffer.length - 8, 4);
  buffer.write('WAVEfmt ', 8);
  buffer.writeUInt32LE(16, 16);
  buffer.writeUInt16LE(1, 20);
  buffer.writeUInt16LE(2, 22);
  buffer.writeUInt32LE(sound.sampleRate, 24);
  buffer.writeUInt32LE(sound.sampleRate * FRAME, 28);
  buffer.writeUInt16LE(FRAME, 32);
  buffer.writeUInt16LE(16, 34);
  buffer.write('data', 36);
  buffer.writeUInt32LE(samples.length * FRAME, 40);
  for (const [index, sample] of samples.entries()) {
    buffer.writeInt16LE(Math.round((sample + (sound.offset ?? 0)) * 32_767), HEAD + index * FRAME);
  }
  return { name, mimeType: 'audio/wav', buffer };
}

function samplesOf(sound: SoundOfFile): Float32Array {
  if ('seconds' in sound) return new Float32Array(sound.seconds * sound.sampleRate);
  if ('claps' in sound) return claps(sound.claps, sound.sampleRate);
  if ('talks' in sound) return talk(sound.talks, sound.sampleRate);
  const piece = DEMO_PIECES.find(({ name }) => name === sound.play);
  if (!piece) throw new Error(`There is no demo piece ${sound.play}`);
  const due = dueNotes(planBest(piece.brief), sound.pace);
  const kind = piece.brief.instrument.kind;
  return makeTake(due, {
    kind,
    voice: 'full',
    player: { ...FAULTLESS, ...sound.player },
    surroundings: QUIET,
    sampleRate: sound.sampleRate,
  }).samples;
}

function claps(count: number, sampleRate: number): Float32Array {
  const sound = new Float32Array(Math.round(count * 0.35 * sampleRate));
  for (let order = 0; order < count; order += 1) sound.set(clap(order + 1, sampleRate), Math.round(order * 0.35 * sampleRate));
  return sound;
}

/** Makes the sound of somebody who talks: a pitch that never rests, in syllables. */
function talk(seconds: number, sampleRate: number): Float32Array {
  let phase = 0;
  return Float32Array.from({ length: seconds * sampleRate }, (_, index) => {
    const time = index / sampleRate;
    const octaves = 0.35 * Math.sin(2 * Math.PI * 0.7 * time) + 0.2 * Math.sin(2 * Math.PI * 1.9 * time);
    phase += (140 * 2 ** octaves) / sampleRate;
    const syllable = Math.max(0, Math.sin(2 * Math.PI * 3.7 * time)) ** 0.5;
    return (
      0.06 *
      syllable *
      Array.from({ length: 12 }, (_, order) => Math.sin(2 * Math.PI * (order + 1) * phase)).reduce((sum, one) => sum + one)
    );
  });
}
