import { lineShape, type Paper, type PaperPages, PAPERS, type PaperShape, textShape } from '#core/paper';

/** One tape: its distance from the nut, and its labels. */
export interface Tape {
  /** The distance from the nut, mm. */
  readonly mm: number;
  /** The short label on the strip itself. */
  readonly label: string;
  /** The notes written beside the strip. */
  readonly notes: string;
}

/** The margin within which no printer is asked to print, mm. */
const MARGIN_MM = 12;

/** The distance of the strip from the left edge, mm. */
const STRIP_LEFT_MM = 20;
const STRIP_WIDTH_MM = 26;

/** The overlap of the strips of two pages, mm. */
const OVERLAP_MM = 10;

/** The length of the strip beyond its last tape, mm. */
const BEYOND_LAST_MM = 8;

/** The length of the bar by which the printer is checked, mm. */
export const CHECK_BAR_MM = 100;

/** The distance of the strip's upper end from the upper edge on every page, mm. */
export const STRIP_TOP_MM = MARGIN_MM;

/**
 * Draws a strip with tapes at their distances from the nut, to be printed 1 : 1 and cut out. The nut's end is at the top. A strip longer
 * than a page continues on the next: each page after the first begins with an overlap, and the joining lines have the same letter. Every
 * page has a bar of 100 mm along and across, and marks at the middle of its edges.
 */
export function tapePages(title: readonly string[], tapes: readonly Tape[], paper: Paper): PaperPages {
  const lengthMm = Math.max(0, ...tapes.map((tape) => tape.mm)) + BEYOND_LAST_MM;
  const stepMm = sectionMm(paper);
  const count = Math.max(1, Math.ceil(lengthMm / stepMm));
  const pages = Array.from({ length: count }, (_, page) => {
    const strip = { fromMm: page * stepMm, toMm: Math.min(lengthMm, (page + 1) * stepMm), page, count };
    return [...stripShapes(strip, tapes), ...titleShapes(title, page, count), ...checkShapes(paper)];
  });
  return { ...PAPERS[paper], pages };
}

/** Gives the length of strip that one page takes, mm. */
export function sectionMm(paper: Paper): number {
  return PAPERS[paper].heightMm - 2 * MARGIN_MM - OVERLAP_MM;
}

interface Strip {
  /** The beginning of the section, mm from the nut. */
  readonly fromMm: number;
  /** The end of the section, mm from the nut. */
  readonly toMm: number;
  /** The index of its page, from 0. */
  readonly page: number;
  /** The number of strips. */
  readonly count: number;
}

function stripShapes(strip: Strip, tapes: readonly Tape[]): readonly PaperShape[] {
  const lap = strip.page === 0 ? 0 : OVERLAP_MM;
  const yOf = (mm: number): number => STRIP_TOP_MM + lap + mm - strip.fromMm;
  const [left, right] = [STRIP_LEFT_MM, STRIP_LEFT_MM + STRIP_WIDTH_MM];
  const [top, bottom] = [yOf(strip.fromMm) - lap, yOf(strip.toMm)];
  const across = (y: number, thickMm: number, dashed = false): PaperShape => lineShape([left, y], [right, y], thickMm, dashed);
  const here = tapes.filter((tape) => tape.mm >= strip.fromMm - lap && tape.mm <= strip.toMm);
  return [
    lineShape([left, top], [left, bottom], 0.2, true),
    lineShape([right, top], [right, bottom], 0.2, true),
    ...(strip.page === 0 ? [across(top, 0.8), textShape([right + 3, top + 2], 8, 'Edge of the nut')] : [across(top, 0.2, true)]),
    ...(strip.page === 0 ? [] : joinShapes(yOf(strip.fromMm), strip.page, 'lay it on the line of the page before')),
    ...(strip.page === strip.count - 1
      ? [across(bottom, 0.2, true)]
      : joinShapes(bottom, strip.page + 1, 'the next page is laid on from here')),
    ...here.flatMap((tape) => [
      across(yOf(tape.mm), 0.35),
      textShape([left + 1.5, yOf(tape.mm) - 1], 6.5, tape.label),
      textShape([right + 3, yOf(tape.mm) + 1], 8, tape.notes),
    ]),
  ];
}

/** Draws a join; both ends have the same letter. */
function joinShapes(y: number, join: number, words: string): readonly PaperShape[] {
  const letter = String.fromCharCode(64 + join);
  return [
    lineShape([STRIP_LEFT_MM - 6, y], [STRIP_LEFT_MM + STRIP_WIDTH_MM + 6, y], 0.2, true),
    textShape([STRIP_LEFT_MM - 6, y - 1], 8, letter),
    textShape([STRIP_LEFT_MM + STRIP_WIDTH_MM + 8, y - 1.5], 8, `Join ${letter}: ${words}`),
  ];
}

/** The left edge of words, to the right of the strip's notes. */
const WORDS_LEFT_MM = 96;

/** The top of the title, below the words about a join. */
const TITLE_TOP_MM = 44;

function titleShapes(title: readonly string[], page: number, count: number): readonly PaperShape[] {
  const lines = [...title, ...(count > 1 ? [`Page ${page + 1} of ${count}`] : [])];
  return lines.map((words, index) => textShape([WORDS_LEFT_MM, TITLE_TOP_MM + index * 6], index === 0 ? 14 : 9, words));
}

function checkShapes(paper: Paper): readonly PaperShape[] {
  const { widthMm, heightMm } = PAPERS[paper];
  const [x, y] = [WORDS_LEFT_MM, heightMm - 40];
  const middle = [widthMm / 2, heightMm / 2] as const;
  return [
    lineShape([x, y], [x + CHECK_BAR_MM, y], 0.35, false),
    lineShape([x, y - 2], [x, y + 2], 0.35, false),
    lineShape([x + CHECK_BAR_MM, y - 2], [x + CHECK_BAR_MM, y + 2], 0.35, false),
    lineShape([x, y - 6 - CHECK_BAR_MM], [x, y - 6], 0.35, false),
    lineShape([x - 2, y - 6 - CHECK_BAR_MM], [x + 2, y - 6 - CHECK_BAR_MM], 0.35, false),
    lineShape([x - 2, y - 6], [x + 2, y - 6], 0.35, false),
    textShape([x, y + 6], 8, 'Both bars are 100 mm: lay the ruler on them. If they are not,'),
    textShape([x, y + 10], 8, 'print again at 100 %, without fitting to the page.'),
    lineShape([middle[0], MARGIN_MM - 6], [middle[0], MARGIN_MM - 1], 0.2, false),
    lineShape([middle[0], heightMm - MARGIN_MM + 1], [middle[0], heightMm - MARGIN_MM + 6], 0.2, false),
    lineShape([MARGIN_MM - 6, middle[1]], [MARGIN_MM - 1, middle[1]], 0.2, false),
    lineShape([widthMm - MARGIN_MM + 1, middle[1]], [widthMm - MARGIN_MM + 6, middle[1]], 0.2, false),
  ];
}
