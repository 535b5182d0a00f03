import { readFileSync } from 'node:fs';
import { FACES } from '#core/paper';
import type { FaceFiles } from '../../../src/printing/draw/pdf.ts';

/** The files of the faces as the build makes them. */
export const FACE_FILES_READ: FaceFiles = Object.fromEntries(
  FACES.map((face) => [face, new Uint8Array(readFileSync(new URL(`../../../src/printing/faces/made/${face}.ttf`, import.meta.url)))]),
) as FaceFiles;
