import { expose } from 'comlink';
import { FACES, type Face } from '#core/paper';
import { sheetPages } from '../sheet-pages.ts';
import { FACE_FILES } from './face-files.ts';
import type { Paper } from './protocol.ts';

/** Fetches the files of the faces, which come from our own origin. */
async function faceFiles(): Promise<Readonly<Record<Face, Uint8Array>>> {
  const files = await Promise.all(FACES.map(async (face) => [face, new Uint8Array(await (await fetch(FACE_FILES[face])).arrayBuffer())]));
  return Object.fromEntries(files);
}

const paper: Paper = {
  sheet: (content) => sheetPages(content),
  pdf: async (document) => {
    // Most sheets are printed; the writer of PDF comes when the first is saved.
    const [{ pdfOf }, faces] = await Promise.all([import('../draw/pdf.ts'), faceFiles()]);
    return pdfOf(document, faces);
  },
};

expose(paper);
