import { wrap, type Remote } from 'comlink';
import type { Piece } from '#core/documents';
import type { Grid } from '#core/format/midi';
import { documentIssue } from '#core/messages';
import { badReading, type Reading } from '#core/result';
import { looksLikeScore, type ReadScore } from '../../../files/foreign/index.ts';
import { readFileText } from '../../../validation/documents.ts';

/** A file that holds a score, read or refused. */
export interface OpenedScore {
  /** The name of the file, without its ending. */
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly reading: Reading<ReadScore>;
}

/** A file that holds a piece of ours, read or refused. */
export interface OpenedPiece {
  readonly name: string;
  readonly reading: Reading<Piece>;
}

/** The result of reading several files. */
export interface OpenedFiles {
  readonly scores: readonly OpenedScore[];
  readonly pieces: readonly OpenedPiece[];
}

/** The largest file that is read, bytes. */
const MOST_BYTES = 60_000_000;

/** Reads files, one after the other: scores of open formats, and pieces saved here. One that cannot be read does not stop the others. */
export async function openFiles(files: readonly File[]): Promise<OpenedFiles> {
  const reader = scoreReader();
  const [scores, pieces]: [OpenedScore[], OpenedPiece[]] = [[], []];
  try {
    for (const file of files) {
      const name = file.name.replace(/\.[a-z]+$/i, '');
      const bytes = file.size > MOST_BYTES ? null : new Uint8Array(await file.arrayBuffer());
      if (bytes === null) pieces.push({ name: file.name, reading: badReading(documentIssue('score-too-large', {})) });
      else if (looksLikeScore(bytes)) scores.push({ name, bytes, reading: await reader.read(bytes, null) });
      else pieces.push({ name: file.name, reading: await readFileText('piece', new TextDecoder().decode(bytes)) });
    }
  } finally {
    reader.end();
  }
  return { scores, pieces };
}

/** Sets a played score to another grid. */
export async function readAgain({ bytes }: OpenedScore, grid: Grid): Promise<Reading<ReadScore>> {
  const reader = scoreReader();
  try {
    return await reader.read(bytes, grid);
  } finally {
    reader.end();
  }
}

/** The interface of the worker. */
interface Worked {
  readScore: (bytes: Uint8Array, grid: Grid | null) => Promise<Reading<ReadScore>>;
}

/** Reads in a worker of its own, which a file may crash without harm to anything else. */
function scoreReader(): { readonly read: Worked['readScore']; readonly end: () => void } {
  const worker = new Worker(new URL('./score.worker.ts', import.meta.url), { type: 'module' });
  const remote: Remote<Worked> = wrap<Worked>(worker);
  const died = new Promise<Reading<ReadScore>>((resolve) => {
    worker.addEventListener('error', () => resolve(badReading(documentIssue('score-too-large', {}))));
  });
  // An error that the reader did not foresee makes the file unreadable, and no more.
  const read: Worked['readScore'] = (bytes, grid) =>
    Promise.race([remote.readScore(bytes, grid), died]).catch(() => badReading(documentIssue('not-musicxml', {})));
  return { read, end: () => worker.terminate() };
}
