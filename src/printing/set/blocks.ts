import { linesOfText, lineShape, MM_PER_POINT, type PaperShape, type TextLook, textShape, textWidthMm, type Face } from '#core/paper';
import { type FlowBlock } from '#core/paper/flow';
import { FACE_MEASURES } from '../faces/made/measures.js';

/** A block of a page: its place in the flow, and its shapes from its upper left corner. */
export interface PrintedBlock extends FlowBlock {
  readonly shapes: readonly PaperShape[];
}

/** The frame in which blocks are set. */
export interface SetFrame {
  /** The width between the margins, mm. */
  readonly widthMm: number;
  /** The factor of the print: 1 as usual, more for the stand. */
  readonly scale: number;
}

/** The distance from baseline to baseline, in sizes of the type. */
const LEADING = 1.3;

/** The height of letters above their baseline, in sizes of the type. */
const ASCENT = 0.95;

/** Makes a block of shapes. */
export function block(
  shapes: readonly PaperShape[],
  heightMm: number,
  choice: Partial<Omit<FlowBlock, 'kind' | 'heightMm'>> = {},
): PrintedBlock {
  return { kind: 'block', heightMm, gapMm: 0, keepWithNext: false, shapes, ...choice };
}

/** A paragraph: its words, face and size, and how far it is set in. */
interface Paragraph {
  readonly text: string;
  readonly sizePt: number;
  readonly face?: Face;
  readonly tone?: TextLook['tone'];
  /** The distance from the left margin, mm. */
  readonly insetMm?: number;
  /** Words that hang before the first line, as a number does. */
  readonly label?: string;
  readonly gapMm?: number;
  readonly keepWithNext?: boolean;
  /** The room that is left free at the right, mm. */
  readonly freeMm?: number;
}

/** Sets a paragraph in as many lines as it needs. */
export function paragraph(
  { text, sizePt, face = 'serif', tone = 'ink', insetMm = 0, label, gapMm = 0, keepWithNext = false, freeMm = 0 }: Paragraph,
  { widthMm, scale }: SetFrame,
): PrintedBlock {
  const size = sizePt * scale;
  const lines = linesOfText({ text: printable(text), face, sizePt: size }, widthMm - insetMm - freeMm, FACE_MEASURES);
  const stepMm = size * MM_PER_POINT * LEADING;
  const yOf = (line: number): number => size * MM_PER_POINT * ASCENT + line * stepMm;
  const shapes = lines.map((line, order) => textShape([insetMm, yOf(order)], size, line, { face, tone }));
  const hanging = label === undefined ? [] : [textShape([0, yOf(0)], size, label, { face, tone })];
  return block([...hanging, ...shapes], lines.length * stepMm, { gapMm: gapMm * scale, keepWithNext });
}

/** The sizes of print, points. */
export const SIZES = { title: 17, heading: 10.5, text: 9.5, small: 8 } as const;

/** Sets the heading of a part: it stays with what it introduces. */
export function heading(text: string, frame: SetFrame): PrintedBlock {
  return paragraph({ text, sizePt: SIZES.heading, face: 'serif-bold', gapMm: 4, keepWithNext: true }, frame);
}

/** Sets a numbered list, each entry with its number before it. */
export function numberedBlocks(entries: readonly string[], frame: SetFrame): readonly PrintedBlock[] {
  return entries.map((text, order) =>
    paragraph({ text, sizePt: SIZES.text, insetMm: 6 * frame.scale, label: `${order + 1}.`, gapMm: 0.6 }, frame),
  );
}

/** A cell of a table: words, or a box to tick. */
export type Cell = string | { readonly box: true };

/** Sets a table, a row a block, so that a long one goes on over the page. The widths are shares of the whole; the first row is its head. */
export function table(
  rows: readonly (readonly Cell[])[],
  shares: readonly number[],
  { widthMm, scale }: SetFrame,
): readonly PrintedBlock[] {
  const size = SIZES.text * scale;
  const total = shares.reduce((sum, share) => sum + share, 0);
  const lefts = shares.map((_, column) => (widthMm * shares.slice(0, column).reduce((sum, share) => sum + share, 0)) / total);
  const padMm = 1.1 * scale;
  const stepMm = size * MM_PER_POINT * LEADING;
  return rows.map((cells, row) => {
    const set = cells.map((cell, column) => {
      const leftMm = (lefts[column] ?? 0) + (column === 0 ? 0 : padMm);
      const roomMm = (widthMm * (shares[column] ?? 1)) / total - 2 * padMm;
      if (typeof cell !== 'string') return { lines: 1, shapes: boxShapes(leftMm, padMm, scale) };
      const face = row === 0 ? 'serif-bold' : 'serif';
      const lines = linesOfText({ text: cell, face, sizePt: size }, roomMm, FACE_MEASURES);
      const yMm = padMm + size * MM_PER_POINT * ASCENT;
      return { lines: lines.length, shapes: lines.map((line, order) => textShape([leftMm, yMm + order * stepMm], size, line, { face })) };
    });
    const heightMm = Math.max(...set.map(({ lines }) => lines)) * stepMm + 2 * padMm;
    const rule = lineShape([0, heightMm], [widthMm, heightMm], row === 0 ? 0.3 : 0.12);
    return block([...set.flatMap(({ shapes }) => shapes), rule], heightMm, { keepWithNext: row === 0 });
  });
}

function boxShapes(leftMm: number, topMm: number, scale: number): readonly PaperShape[] {
  const sideMm = 4 * scale;
  const d = `M${leftMm} ${topMm}H${leftMm + sideMm}V${topMm + sideMm}H${leftMm}Z`;
  return [{ kind: 'path', d, fill: null, stroke: { tone: 'ink', thickMm: 0.25, dashMm: [] } }];
}

/** Writes the fractions that the faces lack with figures. */
export function printable(text: string): string {
  return text.replaceAll('⅞', '7/8').replaceAll('⅛', '1/8');
}

/** Gives the width of words, mm. */
export function widthOf(text: string, face: Face, sizePt: number): number {
  return textWidthMm(text, face, sizePt, FACE_MEASURES);
}
