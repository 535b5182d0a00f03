import type { PdfDocument } from '../draw/pdf.ts';
import type { SheetContent, SheetPages } from '../sheet-pages.ts';

/** What the worker for paper does. */
export interface Paper {
  /** Sets a piece as pages. */
  readonly sheet: (content: SheetContent) => SheetPages;
  /** Writes pages as PDF. */
  readonly pdf: (document: PdfDocument) => Promise<ArrayBuffer>;
}
