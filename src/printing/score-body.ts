import { formatOf } from '#core/paper';
import type { SheetChoices } from '#core/paper/choices';
import { type Body, type PrintedPart, setBody } from './body.ts';
import { block, paragraph, SIZES, table } from './set/blocks.ts';
import { printedScore, type ScoreStaff } from './set/score.ts';

/** The score of a class: its staffs, and what is said below them. */
export interface ScoreContent {
  readonly title: string;
  /** The line under the title. */
  readonly about: string;
  readonly staffs: readonly ScoreStaff[];
  /** The paragraphs about all of the class. */
  readonly told: readonly string[];
  /** The table of the players, its head first. */
  readonly rows: readonly (readonly string[])[];
  readonly choices: SheetChoices;
}

/** The height of a staff in a score, in shares of that on a sheet: all of a class is on one page where it can be. */
const SCORE_SHARE = 0.7;

/** The least height of a staff that is still read on a desk, mm. */
const LEAST_STAFF_MM = 3.2;

/** The height that title, foot and running head take of a page, mm. */
const ROUND_MUSIC_MM = 32;

/** The widths of the columns of the table, in shares. */
const COLUMNS = [16, 20, 32, 32];

/** Sets the score of a class, then who plays what, and what is hard for whom. */
export function scoreBody({ title, about, staffs, told, rows, choices }: ScoreContent): Body {
  return setBody(title, choices, (frame, sheetMm): readonly PrintedPart[] => {
    const staffMm = fittingStaff(staffs, sheetMm * SCORE_SHARE, frame.widthMm, choices);
    return [
      paragraph({ text: title, sizePt: SIZES.title, face: 'serif-bold', keepWithNext: true }, frame),
      paragraph({ text: about, sizePt: SIZES.text, gapMm: 0.8, keepWithNext: true }, frame),
      block([], 3),
      printedScore(staffs, staffMm, frame.widthMm),
      block([], 3),
      ...told.map((text) => paragraph({ text, sizePt: SIZES.text, gapMm: 1 }, frame)),
      block([], 2),
      ...table(rows, COLUMNS, frame),
    ];
  });
}

/** Gives the height of a staff with which the tallest system stands on a page, mm. */
function fittingStaff(staffs: readonly ScoreStaff[], wishedMm: number, widthMm: number, choices: SheetChoices): number {
  const { heightMm, marginMm } = formatOf(choices.paper ?? 'A4', choices.orientation ?? 'portrait');
  const roomMm = heightMm - 2 * marginMm - ROUND_MUSIC_MM;
  const score = printedScore(staffs, wishedMm, widthMm);
  const neededMm = score.heightMm(0, score.count);
  return neededMm <= roomMm ? wishedMm : Math.max(LEAST_STAFF_MM, (wishedMm * roomMm) / neededMm);
}
