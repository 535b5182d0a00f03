import { lineShape, textShape } from '#core/paper';
import { type SheetChoices } from '#core/paper/choices';
import { CONTENTS_HEADING } from '../words/paper/sheet.ts';
import { type Body, setBody, withEnds } from './body.ts';
import type { PdfPage } from './draw/pdf.ts';
import { block, heading, paragraph, printable, type PrintedBlock, type SetFrame, SIZES, widthOf } from './set/blocks.ts';

/** A document of several pieces or keys. */
export interface DocumentContent {
  readonly title: string;
  /** The paragraphs under the title. */
  readonly about: readonly string[];
  readonly bodies: readonly Body[];
  readonly choices: SheetChoices;
  /** Whether title and contents stand on pages of their own before them; they do where this is left out. */
  readonly contents?: boolean;
}

/** The pages of a document, with its outline. */
export interface DocumentPages {
  readonly title: string;
  readonly pages: readonly PdfPage[];
  /** Its entries, each with the number of its page, from 1. */
  readonly outline: readonly { readonly title: string; readonly page: number }[];
}

/** Joins bodies into a document, its pages numbered through; title and contents stand before them where they are wanted. */
export function documentPages({ title, about, bodies, choices, contents = true }: DocumentContent): DocumentPages {
  // The contents take the same pages whatever the numbers in them.
  const front = (from: number): Body => setBody(title, choices, (frame) => frontBlocks({ title, about, bodies }, from, frame));
  const before = contents ? [front(front(0).pages.length + 1)] : [];
  const all = [...before, ...bodies];
  const of = all.reduce((sum, { pages }) => sum + pages.length, 0);
  let next = 1;
  const numbered = all.map((body) => {
    const from = next;
    next += body.pages.length;
    return { body, from };
  });
  return {
    title,
    outline: numbered.map(({ body, from }) => ({ title: body === before[0] ? CONTENTS_HEADING : body.title, page: from })),
    pages: numbered.flatMap(({ body, from }) => {
      const { format, pages } = withEnds(body, { first: from, of });
      return pages.map((shapes) => ({ widthMm: format.widthMm, heightMm: format.heightMm, shapes }));
    }),
  };
}

function frontBlocks(
  { title, about, bodies }: Omit<DocumentContent, 'choices' | 'contents'>,
  first: number,
  frame: SetFrame,
): readonly PrintedBlock[] {
  let page = first;
  const entries = bodies.map((body) => {
    const entry = contentsEntry(body.title, page, frame);
    page += body.pages.length;
    return entry;
  });
  return [
    paragraph({ text: title, sizePt: SIZES.title + 5, face: 'serif-bold' }, frame),
    ...about.map((text) => paragraph({ text, sizePt: SIZES.text, gapMm: 1.5 }, frame)),
    heading(CONTENTS_HEADING, frame),
    ...entries,
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
