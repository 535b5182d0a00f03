import { lineShape, textShape } from '#core/paper';
import { type SheetChoices } from '#core/paper/choices';
import { CONTENTS_HEADING } from '../words/paper/sheet.ts';
import { type Body, setBody, withEnds } from './body.ts';
import type { PdfPage } from './draw/pdf.ts';
import { block, heading, paragraph, printable, type PrintedBlock, type SetFrame, SIZES, widthOf } from './set/blocks.ts';

/** A part of a document before it has its place: its title, and how many pages it takes. */
export interface DocumentPart {
  readonly title: string;
  /** The number of its pages. */
  readonly count: number;
}

/** The front of a document, known before its parts are there: its title, and how it is bound. */
export interface DocumentFront {
  readonly title: string;
  /** The paragraphs under the title. */
  readonly about: readonly string[];
  readonly choices: SheetChoices;
  /** Whether title and contents stand on pages of their own before the parts; they do where this is left out. */
  readonly contents?: boolean;
  /** Whether a part of several pages begins on a left page, so that it lies open; an empty page comes before where it must. */
  readonly openings?: boolean;
}

/** A document of several pieces or keys. */
export interface DocumentContent extends DocumentFront {
  readonly bodies: readonly Body[];
}

/** The pages of a document, with its outline. */
export interface DocumentPages {
  readonly title: string;
  readonly pages: readonly PdfPage[];
  /** Its entries, each with the number of its page, from 1. */
  readonly outline: readonly { readonly title: string; readonly page: number }[];
}

/** A document whose parts have their places. */
export interface NumberedDocument extends Pick<DocumentPages, 'title' | 'outline'> {
  /** Title and contents; null where they are not wanted. */
  readonly front: Body | null;
  /** The number of the first page of each part, from 1. */
  readonly firsts: readonly number[];
  /** The number of all pages. */
  readonly of: number;
}

/** Joins bodies into a document, its pages numbered through. */
export function documentPages({ bodies, ...front }: DocumentContent): DocumentPages {
  const numbered = numberParts(
    front,
    bodies.map(({ title, pages }) => ({ title, count: pages.length })),
  );
  return { title: numbered.title, outline: numbered.outline, pages: [...numberedPages(numbered, (part) => bodies[part] ?? null)] };
}

/** Gives each part of a document its pages. */
export function numberParts(front: DocumentFront, parts: readonly DocumentPart[]): NumberedDocument {
  const { title, about, choices, contents = true, openings = false } = front;
  // The contents take the same pages whatever the numbers in them.
  const bodyFor = (firsts: readonly number[]): Body =>
    setBody(title, choices, (frame) => frontBlocks({ title, about, parts, firsts }, frame));
  const before = contents ? bodyFor([]).pages.length : 0;
  const firsts: number[] = [];
  let next = before + 1;
  for (const { count } of parts) {
    if (openings && count > 1 && next % 2 === 1) next += 1;
    firsts.push(next);
    next += count;
  }
  const named = parts.map((part, order) => ({ title: part.title, page: firsts[order] ?? 1 }));
  const outline = contents ? [{ title: CONTENTS_HEADING, page: 1 }, ...named] : named;
  return { title, outline, front: contents ? bodyFor(firsts) : null, firsts, of: next - 1 };
}

/** Gives the pages of a document one by one, so that a part need not be there before its turn; one that is missing is left out. */
export function* numberedPages(numbered: NumberedDocument, bodyOf: (part: number) => Body | null): Generator<PdfPage> {
  const { front, firsts, of } = numbered;
  if (front) yield* pagesFrom(front, 1, of);
  let next = 1 + (front?.pages.length ?? 0);
  for (const [part, first] of firsts.entries()) {
    const body = bodyOf(part);
    if (!body) continue;
    for (; next < first; next += 1) yield* pagesFrom({ ...body, pages: [{ shapes: [], turn: null }] }, next, of);
    yield* pagesFrom(body, first, of);
    next = first + body.pages.length;
  }
}

function* pagesFrom(body: Body, first: number, of: number): Generator<PdfPage> {
  const { format, pages } = withEnds(body, { first, of });
  for (const shapes of pages) yield { widthMm: format.widthMm, heightMm: format.heightMm, shapes };
}

interface FrontContent {
  readonly title: string;
  readonly about: readonly string[];
  readonly parts: readonly DocumentPart[];
  /** The numbers of their first pages; empty before they are known. */
  readonly firsts: readonly number[];
}

function frontBlocks({ title, about, parts, firsts }: FrontContent, frame: SetFrame): readonly PrintedBlock[] {
  return [
    paragraph({ text: title, sizePt: SIZES.title + 5, face: 'serif-bold' }, frame),
    ...about.map((text) => paragraph({ text, sizePt: SIZES.text, gapMm: 1.5 }, frame)),
    heading(CONTENTS_HEADING, frame),
    ...parts.map((part, order) => contentsEntry(part.title, firsts[order] ?? 0, frame)),
  ];
}

/** Sets an entry of the contents: its name, a line of dots, the number of its page. */
function contentsEntry(title: string, page: number, { widthMm, scale }: SetFrame): PrintedBlock {
  const size = SIZES.heading * scale;
  const number = String(page);
  const numberMm = widthOf('0000', 'serif', size);
  const name = fitting(printable(title), widthMm - numberMm - 8, size);
  const baseMm = 4.2 * scale;
  const dotsFromMm = widthOf(name, 'serif', size) + 2;
  return block(
    [
      textShape([0, baseMm], size, name, { face: 'serif' }),
      lineShape([dotsFromMm, baseMm - 0.3], [widthMm - numberMm, baseMm - 0.3], 0.12, true),
      textShape([widthMm, baseMm], size, number, { face: 'serif', anchor: 'end' }),
    ],
    5.4 * scale,
    { gapMm: 0.4 },
  );
}

/** Shortens a name that is wider than its room, mm. */
function fitting(name: string, roomMm: number, size: number): string {
  if (widthOf(name, 'serif', size) <= roomMm) return name;
  let short = name;
  while (short !== '' && widthOf(`${short} …`, 'serif', size) > roomMm) short = short.slice(0, -1);
  return `${short.trimEnd()} …`;
}
