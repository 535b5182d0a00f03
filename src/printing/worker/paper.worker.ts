import { expose } from 'comlink';
import { FACES } from '#core/paper';
import type { Body } from '../body.ts';
import { type DocumentPages, documentPages } from '../document-pages.ts';
import type { FaceFiles, PdfDocument } from '../draw/pdf.ts';
import { keyBody } from '../key-body.ts';
import { scoreBody } from '../score-body.ts';
import { sheetBody, sheetPages } from '../sheet-pages.ts';
import { FACE_FILES } from './face-files.ts';
import type { Paper } from './protocol.ts';

/** The parts that are kept, beyond those of the largest book: the one set longest ago makes room. */
const MOST_PARTS = 1000;

const parts = new Map<string, Body>();
let bound: DocumentPages | null = null;

function keepPart(key: string, body: Body): void {
  parts.delete(key);
  parts.set(key, body);
  const [oldest] = parts.keys();
  if (parts.size > MOST_PARTS && oldest !== undefined) parts.delete(oldest);
}

/** Fetches the files of the faces, which come from our own origin. */
async function faceFiles(): Promise<FaceFiles> {
  const fetchFace = async (face: (typeof FACES)[number]) => new Uint8Array(await (await fetch(FACE_FILES[face])).arrayBuffer());
  const [serif, bold, italic, sans] = await Promise.all([
    fetchFace('serif'),
    fetchFace('serif-bold'),
    fetchFace('serif-italic'),
    fetchFace('sans'),
  ]);
  return { serif, 'serif-bold': bold, 'serif-italic': italic, sans };
}

async function pdf(document: PdfDocument): Promise<ArrayBuffer> {
  // Most sheets are printed; the writer of PDF comes when the first is saved.
  const [{ pdfOf }, faces] = await Promise.all([import('../draw/pdf.ts'), faceFiles()]);
  return pdfOf(document, faces);
}

const paper: Paper = {
  sheet: sheetPages,
  pdf,
  areSet: (keys) => keys.map((key) => parts.has(key)),
  setSheet: (key, content) => keepPart(key, sheetBody(content)),
  setKey: (key, content) => keepPart(key, keyBody(content)),
  setScore: (key, content) => keepPart(key, scoreBody(content)),
  bindParts: ({ keys, ...document }) => {
    const bodies = keys.flatMap((key) => parts.get(key) ?? []);
    bound = documentPages({ ...document, bodies });
    return { title: bound.title, outline: bound.outline, count: bound.pages.length };
  },
  boundPage: (order) => bound?.pages[order] ?? null,
  boundPdf: async () => (bound ? await pdf({ ...bound, trueToSize: false }) : null),
};

expose(paper);
