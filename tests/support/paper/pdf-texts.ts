import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Words in a PDF with their box, mm from the upper left corner of their page. */
export interface PdfText {
  readonly text: string;
  readonly leftMm: number;
  readonly baseMm: number;
  readonly widthMm: number;
  /** The size of the type, mm. */
  readonly sizeMm: number;
}

const MM = 25.4 / 72;

/** Reads the words of a PDF, page by page. */
export async function textsOfPdf(pdf: ArrayBuffer): Promise<readonly (readonly PdfText[])[]> {
  const document = await getDocument({ data: new Uint8Array(pdf.slice(0)), verbosity: 0 }).promise;
  const pages: PdfText[][] = [];
  for (let number = 1; number <= document.numPages; number += 1) {
    const page = await document.getPage(number);
    const { height } = page.getViewport({ scale: 1 });
    const { items } = await page.getTextContent();
    pages.push(
      items.flatMap((item) => {
        if (!('str' in item) || item.str.trim() === '') return [];
        const [, , , size, x, y] = item.transform as readonly number[];
        return [
          { text: item.str, leftMm: (x ?? 0) * MM, baseMm: (height - (y ?? 0)) * MM, widthMm: item.width * MM, sizeMm: (size ?? 0) * MM },
        ];
      }),
    );
  }
  await document.destroy();
  return pages;
}
