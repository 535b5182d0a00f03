import type { Brief } from '#core/brief';
import type { Line } from '#core/material/line';
import type { Plan, PlannedNote } from '#core/plan/describe';
import { asNumber } from '#core/fraction';
import { type BowDirection, bowsOf, isCounted } from './bows.ts';
import { type BowPart, type DrawnBow, drawn, partAt } from './where.ts';

/** What the bow does where the hand shifts, or where it goes to another string. */
export interface BowMoment {
  /** Line index of the note at which the hand arrives, or that is on the new string. */
  readonly note: number;
  /** The hand arrives there from another position. */
  readonly shift: boolean;
  /** The note is on another string than the one before. */
  readonly crossing: boolean;
  /** Which way the bow goes there. */
  readonly direction: BowDirection;
  /** A bow begins there; else it is inside one. */
  readonly changes: boolean;
  /** At which part of the bow. */
  readonly part: BowPart;
}

/** How the notes fill the bows that are asked for. */
export interface BowCount {
  /** Notes with time of their own. */
  readonly notes: number;
  /** Notes to each bow, one after the other; null where slurs are as they are written. */
  readonly asked: readonly number[] | null;
  /** Notes at the end that do not fill what is asked for. */
  readonly leftOver: number;
}

/** The bow of a whole line. */
export interface BowPlan {
  /** In order. */
  readonly bows: readonly DrawnBow[];
  /** How the notes fill them. */
  readonly count: BowCount;
  /** Where the bow is when each note begins: 0 the frog, 1 the tip; null at a rest. By line index. */
  readonly places: readonly (number | null)[];
  /** Every shift and every crossing, in order. */
  readonly moments: readonly BowMoment[];
}

/** What the bow does in a plan: its bows, what is left over, and where it is at every shift and crossing. */
export function bowPlan({ brief, line, notes, shifts }: Plan): BowPlan {
  const bows = drawn(bowsOf(line, brief.marks), brief.tempo ?? null);
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
 * How many notes are left over: counted from the last rest or locked bow on, those beyond the last whole round of the bows that are
 * asked for: 29 notes at four to a bow leave one, two slurred and two separate as well.
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

/** The note lies on no string of the one before it; a rest in between is time enough. */
function crosses(notes: readonly PlannedNote[], index: number): boolean {
  const [before, here] = [notes[index - 1], notes[index]];
  if (before?.kind !== 'note' || here?.kind !== 'note') return false;
  const strings = new Set(before.stops.map(({ string }) => string));
  return here.stops.some(({ string }) => !strings.has(string)) || here.stops.length < before.stops.length;
}

/** Where a bow is when a note of it begins: as far on as the share of its time that has passed. */
function placeAt({ notes }: Line, { from, length, starts, ends }: DrawnBow, index: number): number {
  const passed = notes.slice(from, index).reduce((sum, note) => sum + (isCounted(note) ? asNumber(note.duration) : 0), 0);
  return length > 0 ? starts + ((ends - starts) * passed) / length : starts;
}
