import { formatOf, type PageFormat, type PaperShape, textShape } from '#core/paper';
import { type SheetChoices, STAFF_MM } from '#core/paper/choices';
import { layOutFlow, type TurnPlace } from '#core/paper/flow';
import { turnText } from '../words/paper/sheet.ts';
import { type PrintedBlock, printable, type SetFrame, SIZES } from './set/blocks.ts';
import { moveShape } from './set/move-shape.ts';
import type { PrintedMusic } from './set/music.ts';

/** A part of what is printed: a block, or music in systems. */
export type PrintedPart = PrintedBlock | PrintedMusic;

/** A piece that is set, before its pages are numbered: it may stand alone or in a book. */
export interface Body {
  readonly title: string;
  readonly format: PageFormat;
  /** The factor of its print. */
  readonly scale: number;
  readonly pages: readonly BodyPage[];
}

/** A page of a body, with what a reader is told at its foot about turning it. */
interface BodyPage {
  /** The shapes between the running head and the foot, mm from the corner of the page. */
  readonly shapes: readonly PaperShape[];
  /** The place at which it is turned, where music goes on over the turn; null otherwise. */
  readonly turn: TurnPlace | null;
}

/** Pages that are finished. */
export interface SheetPages {
  readonly format: PageFormat;
  readonly title: string;
  /** The shapes on each page, mm from its upper left corner. */
  readonly pages: readonly (readonly PaperShape[])[];
}

/** The height of the running head above the flow, and of the foot below it, mm. */
const HEAD_MM = 6;
const FOOT_MM = 7;

/** Sets parts on pages of the paper that is chosen; `partsFor` makes them for its width and the height of a staff, mm. */
export function setBody(
  title: string,
  { paper = 'A4', orientation = 'portrait', size = 'usual' }: SheetChoices,
  partsFor: (frame: SetFrame, staffMm: number) => readonly PrintedPart[],
): Body {
  const format = formatOf(paper, orientation);
  const staffMm = STAFF_MM[size];
  // The words grow less than the staff, because the page stays as it is.
  const frame = { widthMm: format.widthMm - 2 * format.marginMm, scale: Math.sqrt(staffMm / STAFF_MM.usual) };
  const parts = partsFor(frame, staffMm);
  const room = { widthMm: frame.widthMm, heightMm: format.heightMm - 2 * format.marginMm - HEAD_MM - FOOT_MM };
  const pages = layOutFlow(parts, room).map(({ placed, turn }) => ({
    turn,
    shapes: placed.flatMap((at) => shapesAt(at, parts)).map((shape) => moveShape(shape, format.marginMm, format.marginMm + HEAD_MM)),
  }));
  return { title, format, scale: frame.scale, pages };
}

function shapesAt(placed: ReturnType<typeof layOutFlow>[number]['placed'][number], parts: readonly PrintedPart[]): readonly PaperShape[] {
  const part = parts[placed.part];
  const shapes =
    placed.kind === 'system' && part?.kind === 'music' ? part.draw(placed.from, placed.to) : part?.kind === 'block' ? part.shapes : [];
  return shapes.map((shape) => moveShape(shape, 0, placed.yMm));
}

/** The numbers of a body's pages: that of its first, and of how many. */
export interface Numbering {
  /** The number of its first page. */
  readonly first: number;
  /** The number of all pages. */
  readonly of: number;
}

/** Finishes the pages of a body: the running head from its second page on, the numbers unless there is one page alone, and the turns. */
export function withEnds(body: Body, { first, of }: Numbering = { first: 1, of: body.pages.length }): SheetPages {
  const { title, format, scale, pages } = body;
  const { marginMm, widthMm, heightMm } = format;
  const size = SIZES.small * scale;
  const footMm = heightMm - marginMm;
  return {
    format,
    title,
    pages: pages.map(({ shapes, turn }, order) => {
      const told = turnText(turn);
      return [
        ...(order === 0 ? [] : [textShape([marginMm, marginMm + 2], size, printable(title), { face: 'serif-italic' })]),
        ...(of === 1 ? [] : [textShape([widthMm / 2, footMm], size, `${first + order} of ${of}`, { face: 'serif', anchor: 'middle' })]),
        ...(told === null ? [] : [textShape([marginMm, footMm - 4], size, told, { face: 'serif-italic' })]),
        ...shapes,
      ];
    }),
  };
}
