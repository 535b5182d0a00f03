import { readFileSync } from 'node:fs';
import type { Face } from '#core/paper';
import type { FaceFiles } from '../../../src/printing/draw/pdf.ts';

function read(face: Face): Uint8Array {
  return new Uint8Array(readFileSync(new URL(`../../../src/printing/faces/made/${face}.ttf`, import.meta.url)));
}

/** The files of the faces as the build makes them. */
export const FACE_FILES_READ: FaceFiles = {
  serif: read('serif'),
  'serif-bold': read('serif-bold'),
  'serif-italic': read('serif-italic'),
  sans: read('sans'),
};
