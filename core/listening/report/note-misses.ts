import { mmOfCents } from '#core/intonation';
import type { Plan } from '#core/plan/describe';
import type { DueNote } from '#core/listening';
import type { HeardNote, TakeReading } from '#core/listening/reading';

/** The side on which a note lies, against the tolerance. */
export type Side = 'flat' | 'in tune' | 'sharp';

/** A note that was heard, with the place where its finger stood. */
export interface NoteMiss {
  /** The line index. */
  readonly note: number;
  /** The note due. */
  readonly due: DueNote;
  /** The reading. */
  readonly heard: HeardNote;
  /** The side on which it lies; null for another note than the one due. */
  readonly side: Side | null;
  /** The distance of the finger from its place, mm, towards the bridge positive; null for an open string, and for another note. */
  readonly mm: number | null;
  /** Whether nothing can be said of the player: the reading is too unsure, or the note has an ornament. */
  readonly doubtful: boolean;
}

/** The confidence from which a reading counts. */
const SURE_FROM = 0.5;

/** Lists the notes of a take with their misses, in time, against a tolerance in cents. */
export function missesOf(plan: Plan, due: readonly DueNote[], { heard }: TakeReading, toleranceCents: number): readonly NoteMiss[] {
  return heard.flatMap((note): readonly NoteMiss[] => {
    const owed = due[note.order];
    if (!owed) return [];
    const isOther = note.wrongBy !== 0;
    return [
      {
        note: owed.note,
        due: owed,
        heard: note,
        side: isOther ? null : sideOf(note.cents, toleranceCents),
        mm: isOther ? null : mmOf(plan, owed, note.cents),
        doubtful: note.confidence < SURE_FROM || isOrnamented(plan, owed),
      },
    ];
  });
}

/** Tells whether a note changes with another while it sounds: its pitch is not one. */
function isOrnamented({ notes }: Plan, { note }: DueNote): boolean {
  const planned = notes[note];
  return planned?.kind === 'note' && planned.partner !== null && planned.partner.does !== 'touches';
}

function sideOf(cents: number, tolerance: number): Side {
  return cents < -tolerance ? 'flat' : cents > tolerance ? 'sharp' : 'in tune';
}

function mmOf({ stringLengthMm }: Plan, { stops: [stop] }: DueNote, cents: number): number | null {
  return !stop || stop.finger === '0' || stop.harmonic ? null : mmOfCents(stringLengthMm, stop.semitonesAboveOpen, cents);
}
