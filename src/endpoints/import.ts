import { voicesOf } from '#core/format/foreign';
import { firstChoice, readScore, scorePiece } from '../files/foreign/index.ts';
import { leftOutText } from '../words/line/brought-in.ts';
import type { JobAnswer, ImportAsked } from './job.ts';
import { answerWith, problemOf } from './problem.ts';

/** Answers with the piece made from a score, the things that were left out of it, and the choices there were. */
export async function importScore(bytes: Uint8Array, { name, choice, grid }: ImportAsked): Promise<JobAnswer> {
  const reading = await readScore(bytes, grid);
  if (!reading.ok) return problemOf(400, 'This is not a score', reading.issues);
  const { score, played } = reading.value;
  const first = firstChoice(score);
  const part = choice.part ?? first.part;
  const most = (score.parts[part]?.measures.length ?? 1) - 1;
  const asked = { ...first, kind: score.parts[part]?.kind ?? first.kind, measures: { from: 0, to: most }, ...choice, part };
  const made = await scorePiece(score, asked, name);
  if (!made.ok) return problemOf(422, 'This cannot be made into a piece', made.issues);
  const { piece, leftOut } = made.value;
  return answerWith({
    piece,
    leftOut: leftOut.map((left) => ({ ...left, sentence: leftOutText(left) })),
    parts: score.parts.map((part) => ({ name: part.name, kind: part.kind, measures: part.measures.length, voices: voicesOf(part) })),
    played,
  });
}
