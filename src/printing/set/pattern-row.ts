import { mmFromNut } from '#core/instrument/geometry';
import { lineShape, linesOfText, MM_PER_POINT, type PaperShape, textShape } from '#core/paper';
import type { FingerPattern } from '#core/plan/describe';
import { circleOutline } from '../../engraving/index.ts';
import svgpath from 'svgpath';
import { FACE_MEASURES } from '../faces/made/measures.js';
import { block, type PrintedBlock, type SetFrame, SIZES } from './blocks.ts';

/** The width of the drawing of a pattern, and the height of its row, mm in the usual size. */
const DRAWN_MM = 46;
const ROW_MM = 6.4;
const RING_MM = 2.1;

/** Gives the least distance between two fingers next to each other, mm. */
function closestOf(places: readonly { readonly mm: number }[]): number {
  return Math.max(1, Math.min(Infinity, ...places.slice(1).map(({ mm }, order) => mm - (places[order]?.mm ?? 0))));
}

/** Draws the fingers on their string, at distances in proportion, nut to the left; beside them the pattern in words. Patterns near the nut
 * are drawn alike, five semitones to the drawing; higher ones larger, so that their fingers stand apart. */
export function patternRow(pattern: FingerPattern, words: string, stringLengthMm: number, { widthMm, scale }: SetFrame): PrintedBlock {
  const drawnMm = DRAWN_MM * scale;
  const ringMm = RING_MM * scale;
  const sizePt = SIZES.text * scale;
  const textLeftMm = drawnMm + 5 * scale;
  const lines = linesOfText({ text: words, face: 'serif', sizePt }, widthMm - textLeftMm, FACE_MEASURES);
  const stepMm = sizePt * MM_PER_POINT * 1.3;
  const heightMm = Math.max(ROW_MM * scale, lines.length * stepMm + 1.5);
  const middleMm = (ROW_MM * scale) / 2;
  const places = pattern.places.map(({ finger, semitonesAboveOpen, played }) => ({
    finger,
    played,
    mm: mmFromNut(stringLengthMm, semitonesAboveOpen),
  }));
  const [first, last] = [places[0]?.mm ?? 0, places.at(-1)?.mm ?? 0];
  const perMm = Math.min(
    (drawnMm - 4 * ringMm) / Math.max(1, last - first),
    Math.max((drawnMm - 4 * ringMm) / mmFromNut(stringLengthMm, 5), (2.3 * ringMm) / closestOf(places)),
  );
  const xOf = (mm: number): number => 2 * ringMm + (mm - first) * perMm;
  const fingers = places.flatMap(({ finger, played, mm }): readonly PaperShape[] => [
    {
      kind: 'path',
      d: svgpath(circleOutline(xOf(mm), middleMm, ringMm))
        .unarc()
        .round(3)
        .toString(),
      fill: 'paper',
      stroke: { tone: 'ink', thickMm: played ? 0.4 : 0.15, dashMm: played ? [] : [0.5, 0.5] },
    },
    textShape([xOf(mm), middleMm + 1.1 * scale], 8.5 * scale, finger, { face: played ? 'serif-bold' : 'serif', anchor: 'middle' }),
  ]);
  return block(
    [
      lineShape([0, middleMm], [drawnMm, middleMm], 0.25),
      ...fingers,
      ...lines.map((line, order) => textShape([textLeftMm, middleMm + 1.1 * scale + order * stepMm], sizePt, line, { face: 'serif' })),
    ],
    heightMm,
    { gapMm: 0.4 },
  );
}
