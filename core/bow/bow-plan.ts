import type { Brief } from '#core/brief';
import type { Line } from '#core/material/line';
import type { Plan, PlannedNote } from '#core/plan/describe';
import { asNumber } from '#core/fraction';
import { type BowDirection, bowsOf, isCounted } from './bows.ts';
import { type BowPart, type DrawnBow, placeBows, partAt } from './where.ts';

/** A note at which the hand shifts or the bow goes to another string, with what the bow does there. */
export interface BowMoment {
  /** The line index of the note at which the hand arrives, or of the first note on the new string. */
  readonly note: number;
  /** Whether the hand arrives there from another position. */
  readonly shift: boolean;
  /** Whether the note is on another string than the one before. */
  readonly crossing: boolean;
  /** The direction of the bow there. */
  readonly direction: BowDirection;
  /** Whether a bow begins there; otherwise the note is inside one. */
  readonly changes: boolean;
  /** The part of the bow that plays the note. */
  readonly part: BowPart;
}

/** The count of notes against the bows that are asked for. */
export interface BowCount {
  /** The number of notes that have time of their own, grace notes left out. */
  readonly notes: number;
  /** The notes to each bow, one after the other; null where slurs are as they are written. */
  readonly asked: readonly number[] | null;
  /** The number of notes at the end that do not fill the bows that are asked for. */
  readonly leftOver: number;
}

/** The bow of a whole line. */
export interface BowPlan {
  /** The bows in the order of the line. */
  readonly bows: readonly DrawnBow[];
  /** The count of notes against the bows. */
  readonly count: BowCount;
  /** The place on the bow at which each note begins, by line index: 0 is the frog, 1 the tip; null at a rest. */
  readonly places: readonly (number | null)[];
  /** Every shift and every crossing, in order. */
  readonly moments: readonly BowMoment[];
}

/** Plans the bow for a fingering: its bows, the notes left over, and the place of the bow at every shift and crossing. */
export function bowPlan({ brief, line, notes, shifts }: Plan): BowPlan {
  const bows = placeBows(bowsOf(line, brief.marks), brief.tempo ?? null);
  const arrivals = new Set(shifts.map(({ to }) => to));
  const places: (number | null)[] = line.notes.map(() => null);
  for (const bow of bows) for (const note of indexesOf(bow)) places[note] = placeAt(line, bow, note);
  const moments = bows.flatMap((bow) =>
    indexesOf(bow).flatMap((note): readonly BowMoment[] => {
      const [shift, crossing] = [arrivals.has(note), crosses(notes, note)];
      if (!shift && !crossing) return [];
      return [{ note, shift, crossing, direction: bow.direction, changes: note === bow.from, part: partAt(places[note] ?? 0) }];
    }),
  );
  return { bows, count: bowCount(brief, line), places, moments };
}

/**
 * Counts the notes that are left over: from the last rest or locked bow on, those beyond the last whole round of the bows that are asked
 * for. 29 notes at four to a bow leave one; so do 29 notes at two slurred and two separate.
 */
export function bowCount({ material, rhythm = {} }: Pick<Brief, 'material' | 'rhythm'>, { notes }: Line): BowCount {
  const counted = notes.filter(isCounted).length;
  const asked = rhythm.bows ?? (material.kind === 'line' ? null : [rhythm.notesPerBow ?? 1]);
  if (asked === null) return { notes: counted, asked, leftOver: 0 };
  const lastLocked = Math.max(-1, ...(rhythm.lockedBows ?? []).map(({ to }) => to));
  const begins = Math.max(
    notes.findLastIndex(({ kind }) => kind === 'rest'),
    lastLocked,
  );
  const round = asked.reduce((sum, bow) => sum + bow, 0);
  return { notes: counted, asked, leftOver: notes.slice(begins + 1).filter(isCounted).length % round };
}

function indexesOf({ from, to }: DrawnBow): readonly number[] {
  return Array.from({ length: to - from + 1 }, (_, order) => from + order);
}

/** Tells whether a note lies on no string of the one before it; a rest in between is time enough to cross. */
function crosses(notes: readonly PlannedNote[], index: number): boolean {
  const [before, here] = [notes[index - 1], notes[index]];
  if (before?.kind !== 'note' || here?.kind !== 'note') return false;
  const strings = new Set(before.stops.map(({ string }) => string));
  return here.stops.some(({ string }) => !strings.has(string)) || here.stops.length < before.stops.length;
}

/** Finds the place on a bow at which a note of it begins: as far along as the share of the bow's time that has passed. */
function placeAt({ notes }: Line, { from, length, starts, ends }: DrawnBow, index: number): number {
  const passed = notes.slice(from, index).reduce((sum, note) => sum + (isCounted(note) ? asNumber(note.duration) : 0), 0);
  return length > 0 ? starts + ((ends - starts) * passed) / length : starts;
}
