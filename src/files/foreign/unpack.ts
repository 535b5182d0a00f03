import { unzipSync } from 'fflate';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { readXml } from './xml-tree.ts';

/** The largest unpacked score, bytes, and the largest file that may contain one. */
const MOST_BYTES = 30_000_000;
const MOST_FILES = 1000;

/**
 * Finds the score in a compressed MusicXML file (.mxl): the one its container names, else the first that looks like one. Only that file is
 * unpacked, and none that says it is larger than 30 MB; names in the archive are compared, never used as paths.
 */
export function scoreInArchive(bytes: Uint8Array): Reading<Uint8Array> {
  try {
    const names: string[] = [];
    const container = unzipSync(bytes, {
      filter: ({ name, originalSize }) => names.push(name) <= MOST_FILES && name === CONTAINER && originalSize <= 100_000,
    });
    if (names.length > MOST_FILES) return badReading(documentIssue('score-too-large', {}));
    const wanted = rootFileOf(container[CONTAINER]) ?? names.find((name) => /^[^/]+\.(musicxml|xml)$/i.test(name));
    if (wanted === undefined || !names.includes(wanted)) return badReading(documentIssue('no-score-inside', {}));
    let tooLarge = false;
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name === wanted && originalSize > MOST_BYTES) tooLarge = true;
        return name === wanted && originalSize <= MOST_BYTES;
      },
    });
    if (tooLarge) return badReading(documentIssue('score-too-large', {}));
    const score = files[wanted];
    return score ? goodReading(score) : badReading(documentIssue('no-score-inside', {}));
  } catch {
    return badReading(documentIssue('no-score-inside', {}));
  }
}

const CONTAINER = 'META-INF/container.xml';

/** Finds the first root file that a container names. */
function rootFileOf(container: Uint8Array | undefined): string | undefined {
  if (!container) return undefined;
  const tree = readXml(new TextDecoder().decode(container));
  if (!tree.ok) return undefined;
  const roots = tree.value.flatMap(({ children }) => children).find(({ name }) => name === 'rootfiles');
  return roots?.children.find(({ name }) => name === 'rootfile')?.attributes['full-path'];
}
