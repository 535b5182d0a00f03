import type { Orientation } from '#core/paper';
import type { PrintSize, ReadySheet, SheetPart } from '#core/paper/choices';
import type { TurnPlace } from '#core/paper/flow';

/** The names of what can stand on a sheet. */
export const SHEET_PART_LABELS: Readonly<Record<SheetPart, string>> = {
  aim: 'Aim',
  staff: 'Staff with fingering',
  strings: 'String numerals',
  positions: 'Position names',
  inBetween: 'In-between notes, small',
  letters: 'Note names under the staff',
  path: 'Path of the hand under each system',
  steps: 'Tones and semitones',
  fingers: 'Fingers down and lifted',
  names: 'Fingers and names without a staff',
  bow: 'Bow',
  remarks: 'Remarks and cues',
  shifts: 'Shifts, each told once',
  patterns: 'Finger pattern of each string',
  distances: 'Distances from the nut',
  landmarks: 'Landmarks',
  checks: 'Where to stop and listen',
  hotSpots: 'Hot spots with their loops',
  tempi: 'Tempi for the week, to tick off',
};

/** The names of the choices that are ready. */
export const READY_SHEET_LABELS: Readonly<Record<ReadySheet, string>> = { beginner: 'Beginner', usual: 'Usual', spare: 'Spare' };

/** The names of the sizes of print, by the height of the staff. */
export const PRINT_SIZE_LABELS: Readonly<Record<PrintSize, string>> = {
  usual: 'Usual, staff 7 mm',
  large: 'Large, staff 9 mm',
  largest: 'Largest, staff 11 mm',
};

/** The headings of the parts of a sheet. */
export const SHEET_HEADINGS = {
  names: 'Fingers and names',
  remarks: 'Remarks',
  shifts: 'Shifts',
  patterns: 'Finger patterns',
  distances: 'From the nut',
  landmarks: 'Landmarks',
  checks: 'Stop and listen',
  hotSpots: 'Hot spots',
  tempi: 'This week',
} as const;

/** The note at the foot of a page that cannot be turned in a rest or on an open string; null where it can. */
export function turnText(turn: TurnPlace | null): string | null {
  switch (turn) {
    case 'playing':
    case 'slur or shift':
      return 'No rest to turn in: lay the next page beside this one.';
    case 'rest':
    case 'open string':
    case null:
      return null;
  }
}

/** The notice where the choices could not be kept. */
export const NOT_KEPT = 'The choices for this sheet could not be kept: the browser does not write to its storage.';

/** The words around a code to scan. */
export const CODE_WORDS = {
  label: 'Code to scan',
  hint: 'It opens the piece on the music stand of another device. The piece is in the code itself: nothing is sent, and the player’s name is not in it.',
  address: 'Address of Dove Path for other devices',
  ownMachine:
    'This page is open at this computer’s own address, which no other device can reach. Type the address at which it can be reached.',
  noAddress: 'An address begins with https:// or http://.',
  tooLong: 'This piece is too long for a code that a camera reads from paper.',
} as const;

/** Writes the number of pages. */
export function pagesText(count: number): string {
  return count === 1 ? 'One page' : `${count} pages`;
}

/** The names of the two ways in which a page is held. */
export const ORIENTATION_LABELS: Readonly<Record<Orientation, string>> = { portrait: 'Portrait', landscape: 'Landscape' };

/** The notice where pages could not be saved as a file. */
export const SAVE_FAILED = 'The pages could not be saved as a file. Print them instead, or try once more.';

/** Tells that choices are now the usual ones of a player or a school. */
export function keptAsUsualText(name: string): string {
  return `Sheets for ${name} begin with these choices now; those of pieces that have their own stay as they are.`;
}

/** Tells how large a code is, or why there is none. */
export function codeText(code: { readonly sideMm: number } | 'not wanted' | 'own machine' | 'too long'): string {
  if (code === 'own machine') return CODE_WORDS.ownMachine;
  if (code === 'too long') return CODE_WORDS.tooLong;
  return code === 'not wanted' ? '' : `The code is ${Math.round(code.sideMm)} mm wide.`;
}

/** The heading of the contents of a document. */
export const CONTENTS_HEADING = 'Contents';

/** The message where an address names no piece that is here. */
export const NO_PIECES_CHOSEN = 'None of these pieces is here. Choose the pieces to print together under Pieces.';

/** The title of a document of several pieces, until the teacher gives it one. */
export function sheetsTitle(count: number): string {
  return count === 1 ? 'One piece' : `${count} pieces`;
}

/** Tells how many variants follow a line: "Variants: none". */
export function variantsText(count: number): string {
  return `Variants: ${count === 0 ? 'none' : count}`;
}
