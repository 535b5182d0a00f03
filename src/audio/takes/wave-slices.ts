/** A wave file of which the samples lie in the file as they are. */
export interface WaveFile {
  /** The length, seconds. */
  readonly seconds: number;
  /** Gives a part of it as a wave file of its own, seconds from its beginning. */
  readonly slice: (from: number, to: number) => Promise<ArrayBuffer>;
}

/** The bytes at the beginning of a file in which its head is looked for. */
const HEAD_WITHIN = 65_536;

/** The bytes of the name and the length of a chunk, and those of the name of the form that follows the first. */
const CHUNK_HEAD = 8;
const FORM = 4;

/** The places in the chunk that tells the format: the coding, samples a second, and bytes of all channels together. */
const RATE_AT = 4;
const BYTES_AT_ONCE_AT = 12;

/** The codings in which samples lie as they are: whole numbers, decimal numbers, and either with a longer head. */
const AS_THEY_ARE = [1, 3, 0xfffe];

/** Reads the head of a wave file; null where it is none, or its head is not understood (“Multimedia Programming Interface”, 1991). */
export async function readWave(file: File): Promise<WaveFile | null> {
  const head = new DataView(await file.slice(0, HEAD_WITHIN).arrayBuffer());
  const [format, data] = [chunkAt(head, 'fmt '), chunkAt(head, 'data')];
  if (nameAt(head, 0) !== 'RIFF' || format === null || data === null || format + BYTES_AT_ONCE_AT + 2 > head.byteLength) return null;
  const [coding, rate] = [head.getUint16(format, true), head.getUint32(format + RATE_AT, true)];
  const atOnce = head.getUint16(format + BYTES_AT_ONCE_AT, true);
  if (!AS_THEY_ARE.includes(coding) || rate === 0 || atOnce === 0) return null;
  // The bytes a second that a head tells as well are not believed: nothing reads them but players.
  const bytesASecond = rate * atOnce;
  const told = head.getUint32(data - FORM, true);
  // A recorder that was cut off tells no length, or one that is longer than the file.
  const length = Math.min(told === 0 ? Infinity : told, file.size - data);
  const placeOf = (seconds: number): number => Math.min(length, Math.max(0, Math.round((seconds * bytesASecond) / atOnce) * atOnce));
  return {
    seconds: length / bytesASecond,
    slice: async (from, to) => {
      const [first, last] = [placeOf(from), placeOf(to)];
      const own = new DataView(head.buffer.slice(0, data));
      own.setUint32(FORM, data - CHUNK_HEAD + last - first, true);
      own.setUint32(data - FORM, last - first, true);
      return await new Blob([own.buffer, file.slice(data + first, data + last)]).arrayBuffer();
    },
  };
}

/** Finds where the content of a chunk begins; null where it is not there. */
function chunkAt(head: DataView, name: string): number | null {
  let at = CHUNK_HEAD + FORM;
  while (at + CHUNK_HEAD <= head.byteLength) {
    if (nameAt(head, at) === name) return at + CHUNK_HEAD;
    const length = head.getUint32(at + FORM, true);
    at += CHUNK_HEAD + length + (length % 2);
  }
  return null;
}

function nameAt(head: DataView, at: number): string {
  if (at + FORM > head.byteLength) return '';
  return String.fromCharCode(...new Uint8Array(head.buffer, at, FORM));
}
