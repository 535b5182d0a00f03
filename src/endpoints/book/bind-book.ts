import { gunzipSync } from 'node:zlib';
import type { Body, DocumentFront, FaceFiles } from '../../printing/index.ts';

/** A book whose keys are set. */
export interface BookToBind extends DocumentFront {
  readonly keys: readonly KeyToBind[];
}

/** A key that is set. */
export interface KeyToBind {
  readonly title: string;
  /** The number of its pages. */
  readonly pages: number;
  /** The pages as packed JSON. */
  readonly packed: Uint8Array;
}

/** A book that is bound. */
export interface BoundBook {
  /** The number of its pages, with the contents. */
  readonly pages: number;
  readonly pdf: Uint8Array<ArrayBuffer>;
}

/** Binds a book as PDF. One key at a time is unpacked, so that a large book takes little memory. */
export async function bindBook({ keys, ...front }: BookToBind, faces: FaceFiles): Promise<BoundBook> {
  const [{ numberedPages, numberParts }, { pdfOf }] = await Promise.all([
    import('../../printing/document-pages.ts'),
    import('../../printing/draw/pdf.ts'),
  ]);
  const numbered = numberParts(
    front,
    keys.map(({ title, pages }) => ({ title, count: pages })),
  );
  const bodyOf = (part: number): Body | null => {
    const key = keys[part];
    return key ? JSON.parse(gunzipSync(key.packed).toString('utf8')) : null;
  };
  const { title, outline } = numbered;
  const pdf = new Uint8Array(pdfOf({ title, outline, pages: numberedPages(numbered, bodyOf), trueToSize: false }, faces));
  return { pages: numbered.of, pdf };
}
