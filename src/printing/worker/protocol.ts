import type { SheetPages } from '../body.ts';
import type { DocumentFront, DocumentPages } from '../document-pages.ts';
import type { PdfDocument, PdfPage } from '../draw/pdf.ts';
import type { KeyContent } from '../key-body.ts';
import type { ScoreContent } from '../score-body.ts';
import type { SheetContent } from '../sheet-pages.ts';

/** A document to be bound: its front, and its parts by the keys under which they were set. */
export interface Binding extends DocumentFront {
  readonly keys: readonly string[];
}

/** A document that is bound: its pages stay in the worker. */
export interface Bound extends Pick<DocumentPages, 'title' | 'outline'> {
  /** The number of its pages. */
  readonly count: number;
}

/** The work of the worker for paper. */
export interface Paper {
  /** Sets a piece as pages of its own. */
  readonly sheet: (content: SheetContent) => SheetPages;
  /** Writes pages as PDF. */
  readonly pdf: (document: PdfDocument) => Promise<ArrayBuffer>;
  /** Tells which parts are set already, by their keys. */
  readonly areSet: (keys: readonly string[]) => readonly boolean[];
  /** Sets a piece as a part of documents, under a key. */
  readonly setSheet: (key: string, content: SheetContent) => void;
  /** Sets a key of a scale book as a part of documents, under a key. */
  readonly setKey: (key: string, content: KeyContent) => void;
  /** Sets the score of a class as a part of documents, under a key. */
  readonly setScore: (key: string, content: ScoreContent) => void;
  /** Binds parts into a document. */
  readonly bindParts: (binding: Binding) => Bound;
  /** Gives a page of the document that was bound last, from 0; null for none. */
  readonly boundPage: (order: number) => PdfPage | null;
  /** Writes the document that was bound last as PDF; null before one is. */
  readonly boundPdf: () => Promise<ArrayBuffer | null>;
}
