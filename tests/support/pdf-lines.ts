/** One straight line as a PDF's content stream has it, in mm from the upper left corner of its page. */
export interface PdfLine {
  readonly page: number;
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}

/** The length of one PDF point, mm. */
const POINT_MM = 25.4 / 72;

/** Reads the lines out of the uncompressed content streams of a PDF: `x y m … x y l S`, y upward from the lower edge, in points. */
export function linesOfPdf(pdf: ArrayBuffer): readonly PdfLine[] {
  const text = Buffer.from(pdf).toString('latin1');
  const heights = [...text.matchAll(/\/MediaBox \[0 0 [\d.]+ ([\d.]+)\]/g)].map((match) => Number(match[1]));
  return [...text.matchAll(/stream\r?\n([\s\S]*?)endstream/g)].slice(0, heights.length).flatMap(([, stream = ''], page) => {
    const place = (x: string, y: string): readonly [number, number] => [
      Number(x) * POINT_MM,
      ((heights[page] ?? 0) - Number(y)) * POINT_MM,
    ];
    return [...stream.matchAll(/([\d.-]+) ([\d.-]+) m\s+([\d.-]+) ([\d.-]+) l/g)].map(([, x1 = '', y1 = '', x2 = '', y2 = '']) => ({
      page,
      from: place(x1, y1),
      to: place(x2, y2),
    }));
  });
}

/** Gives the length of a line, mm. */
export function lengthMm({ from, to }: PdfLine): number {
  return Math.hypot(to[0] - from[0], to[1] - from[1]);
}
