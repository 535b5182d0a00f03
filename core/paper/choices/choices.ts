import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { ORIENTATIONS, PAPER_NAMES } from '#core/paper';

/** The sizes of print: for the desk, and two for the stand. */
export const PRINT_SIZES = ['usual', 'large', 'largest'] as const;

/** A size of print. */
export type PrintSize = (typeof PRINT_SIZES)[number];

/** The height of a staff from its bottom to its top line in each size, mm. */
export const STAFF_MM: Readonly<Record<PrintSize, number>> = { usual: 7, large: 9, largest: 11 };

/** The parts that can stand on a sheet, in their order there. */
export const SHEET_PARTS = [
  'aim',
  'staff',
  'strings',
  'positions',
  'inBetween',
  'letters',
  'path',
  'steps',
  'fingers',
  'names',
  'bow',
  'remarks',
  'shifts',
  'patterns',
  'distances',
  'landmarks',
  'checks',
  'hotSpots',
  'tempi',
] as const;

/** A part of a sheet. */
export type SheetPart = (typeof SHEET_PARTS)[number];

/** The schema of the parts that stand on a sheet, each on its own, so that an older application keeps those it does not know. */
const SheetParts = Type.Object(
  {
    aim: Type.Optional(Type.Boolean({ description: 'The aim, or a line to write it on.' })),
    staff: Type.Optional(Type.Boolean({ description: 'The staff with its fingering.' })),
    strings: Type.Optional(Type.Boolean({ description: 'The numerals of the strings under the staff.' })),
    positions: Type.Optional(Type.Boolean({ description: 'The names of positions over the staff.' })),
    inBetween: Type.Optional(Type.Boolean({ description: 'The notes that shifts pass, as small notes.' })),
    letters: Type.Optional(Type.Boolean({ description: 'The names of the notes under the staff.' })),
    path: Type.Optional(Type.Boolean({ description: 'The path of the hand under each system.' })),
    steps: Type.Optional(Type.Boolean({ description: 'Tones and semitones under the staff.' })),
    fingers: Type.Optional(Type.Boolean({ description: 'Which fingers are down and lifted, under the staff.' })),
    names: Type.Optional(Type.Boolean({ description: 'Fingers and names by measures, without a staff.' })),
    bow: Type.Optional(
      Type.Boolean({ description: 'The signs of the bow, its place from note to note, and how its strokes fill the line.' }),
    ),
    remarks: Type.Optional(Type.Boolean({ description: 'Cues and remarks of the teacher.' })),
    shifts: Type.Optional(Type.Boolean({ description: 'The shifts, each told once.' })),
    patterns: Type.Optional(Type.Boolean({ description: 'The finger pattern of each string.' })),
    distances: Type.Optional(Type.Boolean({ description: 'The distance of each finger from the nut.' })),
    landmarks: Type.Optional(Type.Boolean({ description: 'Where the tonic lies.' })),
    checks: Type.Optional(Type.Boolean({ description: 'Where to stop and listen, and to what.' })),
    hotSpots: Type.Optional(Type.Boolean({ description: 'The hardest places, with their loops.' })),
    tempi: Type.Optional(Type.Boolean({ description: 'A table for the tempi of a week, with boxes to tick.' })),
  },
  { additionalProperties: false },
);

/** The schema of what stands on a sheet and how it is printed; what is left out is as usual. */
export const SheetChoices = Type.Object(
  {
    paper: Type.Optional(oneOf(PAPER_NAMES, 'The paper.')),
    orientation: Type.Optional(oneOf(ORIENTATIONS, 'Upright or across.')),
    size: Type.Optional(oneOf(PRINT_SIZES, 'The size of the print.')),
    parts: Type.Optional(SheetParts),
    aim: Type.Optional(Type.String({ maxLength: 300, description: 'The aim, as the teacher writes it.' })),
    code: Type.Optional(Type.Boolean({ description: 'Whether a code to scan opens the piece on another device.' })),
    variants: Type.Optional(
      Type.Array(Type.String({ minLength: 1, maxLength: 40 }), { maxItems: 40, description: 'The names of the variants that follow.' }),
    ),
    wholeVariants: Type.Optional(Type.Boolean({ description: 'Whether each variant is printed to its end.' })),
  },
  { additionalProperties: false },
);

/** The choices for a sheet: its parts, and its print. */
export type SheetChoices = Static<typeof SheetChoices>;

/** The choices that are ready: for a beginner, as usual, and with little but the music. */
export const READY_SHEETS = ['beginner', 'usual', 'spare'] as const;

/** The name of choices that are ready. */
export type ReadySheet = (typeof READY_SHEETS)[number];

/** The parts of each choice that is ready. */
const READY_PARTS: Readonly<Record<ReadySheet, readonly SheetPart[]>> = {
  beginner: ['aim', 'staff', 'strings', 'letters', 'patterns', 'distances', 'remarks', 'tempi'],
  usual: ['staff', 'strings', 'positions', 'inBetween', 'remarks', 'shifts', 'patterns', 'checks'],
  spare: ['staff', 'positions', 'remarks'],
};

/** Gives the choices of a name, on a paper; a beginner's print is large. */
export function readySheet(name: ReadySheet, { paper, orientation }: Pick<SheetChoices, 'paper' | 'orientation'> = {}): SheetChoices {
  const parts = Object.fromEntries(READY_PARTS[name].map((part) => [part, true]));
  const size = name === 'beginner' ? 'large' : 'usual';
  return { ...(paper && { paper }), ...(orientation && { orientation }), size, parts };
}

/** Tells whether a part stands on a sheet. */
export function isOnSheet(part: SheetPart, { parts = {} }: SheetChoices): boolean {
  return parts[part] === true;
}

/** Finds which choices that are ready these are, whatever the paper; null where they are the teacher's own. */
export function readySheetOf(choices: SheetChoices): ReadySheet | null {
  const isSame = (name: ReadySheet): boolean => {
    const ready = readySheet(name);
    return (choices.size ?? 'usual') === ready.size && SHEET_PARTS.every((part) => isOnSheet(part, choices) === isOnSheet(part, ready));
  };
  return READY_SHEETS.find(isSame) ?? null;
}
