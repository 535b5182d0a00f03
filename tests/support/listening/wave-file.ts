import { dueNotes } from '#core/listening';
import { FAULTLESS, makeTake, QUIET } from '#core/listening/simulated';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { planBest } from '../briefs.ts';
import type { StudyFile } from '../plans/study-files.ts';

/** The sound of a file: silence of some seconds, or a demo piece played without a fault on the left side, the right side being silent. */
export type SoundOfFile = { readonly sampleRate: number } & ({ readonly seconds: number } | { readonly play: string });

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
  for (const [index, sample] of samples.entries()) buffer.writeInt16LE(Math.round(sample * 32_767), HEAD + index * FRAME);
  return { name, mimeType: 'audio/wav', buffer };
}

function samplesOf(sound: SoundOfFile): Float32Array {
  if ('seconds' in sound) return new Float32Array(sound.seconds * sound.sampleRate);
  const piece = DEMO_PIECES.find(({ name }) => name === sound.play);
  if (!piece) throw new Error(`There is no demo piece ${sound.play}`);
  const due = dueNotes(planBest(piece.brief));
  const kind = piece.brief.instrument.kind;
  return makeTake(due, { kind, voice: 'full', player: FAULTLESS, surroundings: QUIET, sampleRate: sound.sampleRate }).samples;
}
