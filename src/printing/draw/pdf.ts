import { jsPDF } from 'jspdf';
import svgpath from 'svgpath';
import { type Face, FACES, type PaperShape, type PathShape, type TextShape } from '#core/paper';
import { DASH_MM, FACE_FONTS, placedSign, TONE_COLOURS } from './svg-elements.ts';

/** The files of the faces, which the PDF carries along with the characters that it uses. */
export type FaceFiles = Readonly<Record<Face, Uint8Array>>;

/** A page of a document. */
export interface PdfPage {
  /** The width, mm. */
  readonly widthMm: number;
  /** The height, mm. */
  readonly heightMm: number;
  readonly shapes: readonly PaperShape[];
}

/** A document to be written as PDF. */
export interface PdfDocument {
  readonly title: string;
  readonly pages: Iterable<PdfPage>;
  /** The entries of the outline, each with the number of its page, from 1. */
  readonly outline: readonly { readonly title: string; readonly page: number }[];
  /** Whether the viewer is told not to scale it, so that millimetres stay millimetres; its content is left uncompressed, to be measured. */
  readonly trueToSize: boolean;
}

/** Writes a document as PDF in real millimetres: notation as outlines, words as text in their own fonts. */
export function pdfOf({ title, pages, outline, trueToSize }: PdfDocument, faces: FaceFiles): ArrayBuffer {
  const pdf = new jsPDF({ unit: 'mm', compress: !trueToSize, putOnlyUsedFonts: true });
  // The first page has the size of the writer's own choice: it goes when the others are there.
  for (const face of FACES) addFace(pdf, face, faces[face]);
  pdf.setLanguage('en-GB');
  pdf.setProperties({ title, creator: 'Dove Path' });
  for (const { widthMm, heightMm, shapes } of pages) {
    pdf.addPage([widthMm, heightMm], widthMm > heightMm ? 'landscape' : 'portrait');
    for (const shape of shapes) drawShape(pdf, shape);
  }
  pdf.deletePage(1);
  for (const entry of outline) pdf.outline.add(null, entry.title, { pageNumber: entry.page });
  if (trueToSize) pdf.viewerPreferences({ PrintScaling: 'None', DisplayDocTitle: true });
  else pdf.viewerPreferences({ DisplayDocTitle: true });
  return pdf.output('arraybuffer');
}

function addFace(pdf: jsPDF, face: Face, file: Uint8Array): void {
  const { family, weight, style } = FACE_FONTS[face];
  pdf.addFileToVFS(`${face}.ttf`, binaryText(file));
  pdf.addFont(`${face}.ttf`, family, style, weight);
}

/** Writes a file as text, a character a byte, as the library takes it: in pieces, because a call takes a limited number of arguments. */
function binaryText(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let from = 0; from < bytes.length; from += 8192) pieces.push(String.fromCharCode(...bytes.subarray(from, from + 8192)));
  return pieces.join('');
}

function drawShape(pdf: jsPDF, shape: PaperShape): void {
  switch (shape.kind) {
    case 'line':
      pdf
        .setDrawColor(TONE_COLOURS.ink)
        .setLineWidth(shape.thickMm)
        .setLineDashPattern(shape.dashed ? [...DASH_MM] : [], 0);
      pdf.line(...shape.fromMm, ...shape.toMm);
      return;
    case 'path':
      return drawPath(pdf, shape);
    case 'text':
      return drawText(pdf, shape);
    case 'sign': {
      const placed = placedSign(shape.sign, shape.atMm[0], shape.sizeMm, shape.anchor);
      if (!placed) return;
      const outline = svgpath(placed.d)
        .scale(shape.sizeMm / 1000)
        .translate(placed.xMm, shape.atMm[1])
        .toString();
      return drawPath(pdf, { kind: 'path', d: outline, fill: 'ink', stroke: null });
    }
  }
}

function drawText(pdf: jsPDF, { atMm, face, sizePt, anchor, tone, text }: TextShape): void {
  const { family, weight, style } = FACE_FONTS[face];
  pdf.setFont(family, style, weight).setFontSize(sizePt).setTextColor(TONE_COLOURS[tone]);
  pdf.text(text, ...atMm, { align: ALIGNED[anchor], baseline: 'alphabetic' });
}

const ALIGNED = { start: 'left', middle: 'center', end: 'right' } as const;

function drawPath(pdf: jsPDF, { d, fill, stroke }: PathShape): void {
  if (fill !== null) pdf.setFillColor(TONE_COLOURS[fill]);
  if (stroke !== null) {
    pdf.setDrawColor(TONE_COLOURS[stroke.tone]).setLineWidth(stroke.thickMm);
    pdf.setLineDashPattern([...stroke.dashMm], 0);
  }
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate(([command, ...to], _, x, y) => DRAWN[command]?.(pdf, to, [x, y]));
  if (fill !== null && stroke !== null) pdf.fillStroke();
  else if (fill !== null) pdf.fill();
  else pdf.stroke();
}

type Point = readonly [x: number, y: number];

/** Draws each command of an outline with its numbers, from the place where the one before ended. */
const DRAWN: Readonly<Record<string, (pdf: jsPDF, to: readonly number[], from: Point) => void>> = {
  M: (pdf, [x = 0, y = 0]) => void pdf.moveTo(x, y),
  L: (pdf, [x = 0, y = 0]) => void pdf.lineTo(x, y),
  H: (pdf, [x = 0], [, y]) => void pdf.lineTo(x, y),
  V: (pdf, [y = 0], [x]) => void pdf.lineTo(x, y),
  C: (pdf, [x1 = 0, y1 = 0, x2 = 0, y2 = 0, x = 0, y = 0]) => void pdf.curveTo(x1, y1, x2, y2, x, y),
  Q: (pdf, [x1 = 0, y1 = 0, x = 0, y = 0], from) => void pdf.curveTo(...cubic(from, [x1, y1], [x, y])),
  Z: (pdf) => void pdf.close(),
  z: (pdf) => void pdf.close(),
};

/** Writes a curve with one control point as the same curve with two. */
function cubic([x, y]: Point, [controlX, controlY]: Point, [toX, toY]: Point): [number, number, number, number, number, number] {
  const towards = (from: number, to: number): number => from + ((to - from) * 2) / 3;
  return [towards(x, controlX), towards(y, controlY), towards(toX, controlX), towards(toY, controlY), toX, toY];
}
