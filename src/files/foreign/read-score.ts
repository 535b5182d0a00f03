import { fromMusicXml } from '#core/format/musicxml';
import type { Grid } from '#core/format/midi';
import type { Reading } from '#core/result';
import type { ReadScore } from './score-read.ts';
import { scoreInArchive } from './unpack.ts';
import { readXml } from './xml-tree.ts';

/** Reads a score from a file of any open format: MusicXML, plain or compressed, or MIDI, set to a grid. Its first bytes tell the format. */
export async function readScore(bytes: Uint8Array, grid: Grid | null = null): Promise<Reading<ReadScore>> {
  if (startsWith(bytes, 'MThd')) return (await import('./midi-file.ts')).readMidi(bytes, grid);
  if (!startsWith(bytes, 'PK')) return readMusicXml(bytes);
  const unpacked = scoreInArchive(bytes);
  return unpacked.ok ? readMusicXml(unpacked.value) : unpacked;
}

function readMusicXml(bytes: Uint8Array): Reading<ReadScore> {
  const tree = readXml(decode(bytes));
  if (!tree.ok) return tree;
  const score = fromMusicXml(tree.value);
  return score.ok ? { ok: true, value: { score: score.value, played: null } } : score;
}

/** Tells whether a file is a score: anything but a document of ours. */
export function looksLikeScore(bytes: Uint8Array): boolean {
  return startsWith(bytes, 'MThd') || startsWith(bytes, 'PK') || decode(bytes.slice(0, 200)).trimStart().startsWith('<');
}

function startsWith(bytes: Uint8Array, text: string): boolean {
  return [...text].every((letter, index) => bytes[index] === letter.charCodeAt(0));
}

/** Decodes text in UTF-16 where its first bytes say so, in Latin 1 where its head does, else in UTF-8. */
function decode(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xfe && second === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  if (first === 0xff && second === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  const head = new TextDecoder('latin1').decode(bytes.slice(0, 100));
  return new TextDecoder(/encoding=["'](iso-8859-1|windows-1252)["']/i.test(head) ? 'latin1' : 'utf-8').decode(bytes);
}
