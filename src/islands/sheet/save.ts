import { downloadBlob, downloadText, fileNameOf } from '../../files/index.ts';
import { sheetPdf, type SheetPages } from '../../printing/index.ts';

/** A kind of file in which pages are saved. */
export type SavedAs = 'pdf' | 'svg' | 'png';

/** The pixels of a picture for each millimetre: 200 to the inch. */
const PX_PER_MM = 200 / 25.4;

/** Saves pages as one PDF. */
export async function savePdf(pages: SheetPages, name: string): Promise<void> {
  downloadBlob(fileNameOf(name, 'pdf'), await sheetPdf(pages));
}

/** Saves every page as a drawing or a picture. */
export async function savePictures({ pages, format, title }: SheetPages, name: string, as: 'svg' | 'png'): Promise<void> {
  const [{ svgText }, { pageFontStyles }, { pngOf }] = await Promise.all([
    import('../../printing/draw/svg-text.ts'),
    import('../../printing/draw/page-fonts.ts'),
    import('../../printing/draw/png.ts'),
  ]);
  const { widthMm, heightMm } = format;
  const styles = await pageFontStyles(['Dove Paper']);
  for (const [order, shapes] of pages.entries()) {
    const file = pages.length === 1 ? name : `${name}, page ${order + 1} of ${pages.length}`;
    const text = svgText({ title, widthMm, heightMm, shapes, styles });
    if (as === 'svg') downloadText(fileNameOf(file, 'svg'), 'image/svg+xml', text);
    else downloadBlob(fileNameOf(file, 'png'), await pngOf({ text, width: widthMm, height: heightMm }, PX_PER_MM));
  }
}
