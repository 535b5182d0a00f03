/** The sizes of paper upright, mm. */
export const PAPERS = { A4: { widthMm: 210, heightMm: 297 }, Letter: { widthMm: 215.9, heightMm: 279.4 } } as const;

/** The name of a paper. */
export type Paper = keyof typeof PAPERS;

/** The papers, the commonest in most countries first. */
export const PAPER_NAMES: readonly Paper[] = ['A4', 'Letter'];

/** The ways in which a page is held. */
export const ORIENTATIONS = ['portrait', 'landscape'] as const;

/** The way in which a page is held. */
export type Orientation = (typeof ORIENTATIONS)[number];

/** A page with the part of it that is printed on. */
export interface PageFormat {
  /** The width of the page, mm. */
  readonly widthMm: number;
  /** The height of the page, mm. */
  readonly heightMm: number;
  /** The margin on all four sides, mm. */
  readonly marginMm: number;
}

/** The margin of a sheet for the stand: no printer asks for more, and a hand can hold it, mm. */
const SHEET_MARGIN_MM = 14;

/** Gives the page of a sheet: a paper, upright or across. */
export function formatOf(paper: Paper, orientation: Orientation): PageFormat {
  const { widthMm, heightMm } = PAPERS[paper];
  return orientation === 'portrait'
    ? { widthMm, heightMm, marginMm: SHEET_MARGIN_MM }
    : { widthMm: heightMm, heightMm: widthMm, marginMm: SHEET_MARGIN_MM };
}
