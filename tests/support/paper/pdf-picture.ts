import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** A picture: its pixels, four bytes each, row by row. */
export interface Picture {
  readonly pixels: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

/** The maker of canvases that the reader of PDF brings along for a machine without a browser. */
interface CanvasMaker {
  readonly create: (width: number, height: number) => { readonly canvas: HTMLCanvasElement; readonly context: CanvasRenderingContext2D };
}

/** Draws the first page of a PDF as a picture, as a printer would at this many dots to the inch. */
export async function pictureOfPdf(pdf: Uint8Array, dotsPerInch: number): Promise<Picture> {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  const page = await document.getPage(1);
  const viewport = page.getViewport({ scale: dotsPerInch / 72 });
  const [width, height] = [Math.ceil(viewport.width), Math.ceil(viewport.height)];
  const maker: unknown = document.canvasFactory;
  if (!makesCanvases(maker)) throw new TypeError('The reader of PDF brings no canvas along');
  const { canvas, context } = maker.create(width, height);
  await page.render({ canvas, canvasContext: context, viewport }).promise;
  return { pixels: context.getImageData(0, 0, width, height).data, width, height };
}

function makesCanvases(value: unknown): value is CanvasMaker {
  return typeof value === 'object' && value !== null && 'create' in value && typeof value.create === 'function';
}
