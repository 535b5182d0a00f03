import type { NoteGroup } from '#core/practice/item';
import type { Plan } from '#core/plan/describe';

/** A small picture of a whole plan: the place of the hand, note by note, and its moves. Coordinates are within width and height. */
export interface SmallPath {
  /** The place of each note by its line index, px. */
  readonly dots: readonly { readonly index: number; readonly x: number; readonly y: number }[];
  /** The ends of each shift, px. */
  readonly shifts: readonly { readonly x: number; readonly y: number; readonly toX: number; readonly toY: number }[];
}

/** The space for a small picture of a plan: its size, px, the place on the string at its top, mm, and the notes drawn, all by default. */
export interface SmallSpace {
  /** The width, px. */
  readonly width: number;
  /** The height, px. */
  readonly height: number;
  /** The place on the string at its top, mm from the nut. */
  readonly highestMm: number;
  /** The notes that are drawn; all of them where this is left out. */
  readonly notes?: NoteGroup;
}

/** Draws the path of a plan, or of some of its notes, into a small space, the notes at equal distances. */
export function smallPath(plan: Plan, { width, height, highestMm, notes = wholeOf(plan) }: SmallSpace): SmallPath {
  const step = width / (notes.to - notes.from + 1);
  const xOf = (index: number): number => (index - notes.from + 0.5) * step;
  const yOf = (mm: number): number => height - 3 - (mm * (height - 6)) / Math.max(1, highestMm);
  const mmOf = (index: number): number => {
    const note = plan.notes[index];
    return note?.kind === 'note' ? note.stops[0].mmFromNut : 0;
  };
  const isDrawn = (index: number): boolean => index >= notes.from && index <= notes.to;
  const dots = plan.notes.flatMap((note, index) =>
    note.kind === 'note' && isDrawn(index) ? [{ index, x: xOf(index), y: yOf(mmOf(index)) }] : [],
  );
  const shifts = plan.shifts
    .filter(({ from, to }) => isDrawn(from) && isDrawn(to))
    .map(({ from, to }) => ({ x: xOf(from), y: yOf(mmOf(from)), toX: xOf(to), toY: yOf(mmOf(to)) }));
  return { dots, shifts };
}

function wholeOf({ notes }: Plan): NoteGroup {
  return { from: 0, to: Math.max(0, notes.length - 1) };
}

/** Gives the highest place to which any of some plans comes, mm. */
export function highestMmOf(plans: readonly Plan[]): number {
  return Math.max(1, ...plans.map((plan) => plan.stays.reduce((most, stay) => Math.max(most, stay.highestMm), 0)));
}
