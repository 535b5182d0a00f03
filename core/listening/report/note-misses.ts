import { mmOfCents } from '#core/intonation';
import type { Plan, Stop } from '#core/plan/describe';
import type { DueNote } from '#core/listening';
import type { Voice } from '#core/practice/ladder';
import type { HeardNote, HeardVoice, TakeReading } from '#core/listening/reading';

/** The side on which a note lies, against the tolerance. */
export type Side = 'flat' | 'in tune' | 'sharp';

/** A note that was heard, or a voice of one, with the place where its finger stood. */
export interface NoteMiss {
  /** The line index. */
  readonly note: number;
  /** The note due. */
  readonly due: DueNote;
  /** The reading. */
  readonly heard: HeardNote;
  /** The part of the reading that is this voice. */
  readonly voice: HeardVoice;
  /** The stop at which it aims. */
  readonly stop: Stop;
  /** The distance from the aim, cents, sharp positive; null for another note than the one due, and for a voice that the other hides. */
  readonly cents: number | null;
  /** The side on which it lies; null where the distance is not known. */
  readonly side: Side | null;
  /** The distance of the finger from its place, mm, towards the bridge positive; null for an open string, and where it is not known. */
  readonly mm: number | null;
  /** Whether nothing can be said of the player: the reading is too unsure, or the note has an ornament. */
  readonly doubtful: boolean;
}

/** The confidence from which a reading counts. */
const SURE_FROM = 0.5;

/** Lists the notes of a take with their misses, in time, against a tolerance in cents; each voice of a double stop by itself. */
export function missesOf(plan: Plan, due: readonly DueNote[], { heard }: TakeReading, toleranceCents: number): readonly NoteMiss[] {
  return heard.flatMap((note): readonly NoteMiss[] => {
    const owed = due[note.order];
    if (!owed) return [];
    const doubtful = note.confidence < SURE_FROM || isOrnamented(plan, owed);
    return note.voices.flatMap((voice, order): readonly NoteMiss[] => {
      const stop = owed.stops[order];
      if (!stop) return [];
      const cents = note.wrongBy === 0 ? voice.cents : null;
      return [
        {
          note: owed.note,
          due: owed,
          heard: note,
          voice,
          stop,
          cents,
          side: cents === null ? null : sideOf(cents, toleranceCents),
          mm: cents === null ? null : mmOf(plan, stop, cents),
          doubtful,
        },
      ];
    });
  });
}

/** Gives the voice of a double stop that a miss belongs to; null for a single note. */
export function voiceOf({ due, stop }: Pick<NoteMiss, 'due' | 'stop'>): Voice | null {
  if (due.stops.length < 2) return null;
  return due.stops[0] === stop ? 'lower' : 'upper';
}

/** Tells whether a note changes with another while it sounds: its pitch is not one. */
function isOrnamented({ notes }: Plan, { note }: DueNote): boolean {
  const planned = notes[note];
  return planned?.kind === 'note' && planned.partner !== null && planned.partner.does !== 'touches';
}

/** Tells on which side a note lies, against a tolerance, both in cents. */
export function sideOf(cents: number, tolerance: number): Side {
  return cents < -tolerance ? 'flat' : cents > tolerance ? 'sharp' : 'in tune';
}

function mmOf({ stringLengthMm }: Plan, stop: Stop, cents: number): number | null {
  return stop.finger === '0' || stop.harmonic ? null : mmOfCents(stringLengthMm, stop.semitonesAboveOpen, cents);
}

/** The notes that are right at least, and their share of those heard, where it is this line that was played. */
const KNOWN_FROM = { notes: 3, share: 0.5 } as const;

/** Tells whether it is a line that was played, and not another, or talk. */
export function isThisLine(due: readonly DueNote[], { heard }: TakeReading, misses: readonly NoteMiss[]): boolean {
  const right = new Set(misses.filter(({ cents, doubtful }) => cents !== null && !doubtful).map(({ note }) => note));
  return right.size >= Math.min(KNOWN_FROM.notes, due.length) && right.size >= KNOWN_FROM.share * heard.length;
}
