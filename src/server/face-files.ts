import { readFileSync } from 'node:fs';
import type { Face } from '#core/paper';
import type { FaceFiles } from '../printing/index.ts';

/** Reads the faces that a PDF carries along: they lie beside the built server. */
export function readFaces(): FaceFiles {
  const read = (face: Face): Uint8Array => new Uint8Array(readFileSync(new URL(`./faces/${face}.ttf`, import.meta.url)));
  return { serif: read('serif'), 'serif-bold': read('serif-bold'), 'serif-italic': read('serif-italic'), sans: read('sans') };
}
