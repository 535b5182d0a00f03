import type { Face } from './shapes.ts';

/** The measures of one face of type, in thousandths of its size. */
export interface FaceMeasures {
  /** The width of each character by its code point. */
  readonly widths: Readonly<Record<number, number>>;
  /** The width of a character that the face lacks. */
  readonly unknown: number;
}

/** The measures of all faces. They come from the font files, so that every device breaks lines and pages at the same places. */
export type FontMeasures = Readonly<Record<Face, FaceMeasures>>;

/** The millimetres of a point. */
export const MM_PER_POINT = 25.4 / 72;

/** Gives the width of words, mm: the sum of their characters, as no pairs are kerned on paper. */
export function textWidthMm(text: string, face: Face, sizePt: number, measures: FontMeasures): number {
  const { widths, unknown } = measures[face];
  let thousandths = 0;
  for (const character of text) thousandths += widths[character.codePointAt(0) ?? 0] ?? unknown;
  return (thousandths / 1000) * sizePt * MM_PER_POINT;
}

/** A text to be set in lines: its face, and its size in points. */
export interface SetText {
  /** The words. */
  readonly text: string;
  /** The face in which they are set. */
  readonly face: Face;
  /** The size of the type, points. */
  readonly sizePt: number;
}

/** Breaks words into lines no wider than a width, mm, between words; a word that is wider alone is broken between characters. */
export function linesOfText({ text, face, sizePt }: SetText, widthMm: number, measures: FontMeasures): readonly string[] {
  const fits = (candidate: string): boolean => textWidthMm(candidate, face, sizePt, measures) <= widthMm;
  return text.split('\n').flatMap((paragraph) => {
    const lines: string[] = [];
    let line = '';
    for (const word of paragraph.split(/[^\S\u00a0]+/).flatMap((whole) => piecesThatFit(whole, fits))) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line === '' || fits(longer)) line = longer;
      else {
        lines.push(line);
        line = word;
      }
    }
    return [...lines, line];
  });
}

/** Gives a word whole where it fits, else in pieces that do, each with at least one character. */
function piecesThatFit(word: string, fits: (text: string) => boolean): readonly string[] {
  if (fits(word)) return [word];
  const pieces: string[] = [];
  for (const character of word) {
    const last = pieces[pieces.length - 1];
    if (last !== undefined && fits(last + character)) pieces[pieces.length - 1] = last + character;
    else pieces.push(character);
  }
  return pieces;
}
