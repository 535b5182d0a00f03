import type { Finger } from '#core/hand/placement';
import { type EntryOf, type LogEntry } from '#core/practice/log';
import { triesIn } from '#core/practice/tries';
import { notesOfPart } from '#core/practice/session';
import type { Plan, PlannedSound } from '#core/plan/describe';

/** The direction in which a note was out of tune. */
export type OutOfTune = 'flat' | 'sharp';

/** The shift that arrives on a note. */
export interface ArrivingShift {
  /** The direction of the hand. */
  readonly way: 'up' | 'down';
  /** The finger that leaves. */
  readonly fromFinger: Finger;
  /** The finger that arrives. */
  readonly toFinger: Finger;
}

/** A note as it was played once: its finger, its place, and whether it was in tune. */
export interface Arrival {
  /** The moment, ms since 1970. */
  readonly at: number;
  /** The piece, by its id, and its name then. */
  readonly piece: string;
  /** The name of the piece. */
  readonly title: string;
  /** The line index. */
  readonly note: number;
  /** The finger that stopped it. */
  readonly finger: Finger;
  /** The open note of its string, documents' form. */
  readonly string: string;
  /** The label of its position. */
  readonly position: string;
  /** The shift that arrived on it; null where the hand stayed. */
  readonly shift: ArrivingShift | null;
  /** The direction in which it was out of tune; null where it was in tune. */
  readonly miss: OutOfTune | null;
}

/** The plans of pieces, by their ids. */
export type PlansOfPieces = ReadonlyMap<string, Plan>;

/**
 * Lists the notes that were stopped in the tries of a log, as far as they say something of intonation: of a good try all notes were in
 * tune; of one that missed flat or sharp at a note, that note was not. Other misses, and those at an unknown note, say nothing.
 */
export function arrivalsIn(entries: readonly LogEntry[], plans: PlansOfPieces): readonly Arrival[] {
  return triesIn(entries).flatMap((attempt) => {
    const plan = plans.get(attempt.practised.piece);
    return plan ? arrivalsOf(attempt, plan) : [];
  });
}

function arrivalsOf(attempt: EntryOf<'attempt'>, plan: Plan): readonly Arrival[] {
  const { miss, practised } = attempt;
  const { part } = practised;
  // Gives the note that a miss concerns; a stage is a line of its own, so it concerns the note its shift arrives on.
  const missedAt = part.part === 'stage' ? part.note : attempt.note;
  if (miss === null) {
    const { from, to } = part.part === 'stage' ? { from: part.note, to: part.note } : notesOfPart(plan, part);
    return plan.notes.slice(from, to + 1).flatMap((note, offset) => arrivalAt(attempt, plan, { note, index: from + offset }, null));
  }
  if ((miss !== 'flat' && miss !== 'sharp') || missedAt === undefined) return [];
  return arrivalAt(attempt, plan, { note: plan.notes[missedAt], index: missedAt }, miss);
}

interface NoteAt {
  readonly note: Plan['notes'][number] | undefined;
  readonly index: number;
}

function arrivalAt(
  { at, practised, voice }: EntryOf<'attempt'>,
  plan: Plan,
  { note, index }: NoteAt,
  miss: OutOfTune | null,
): readonly Arrival[] {
  if (note?.kind !== 'note') return [];
  const { finger, open: string } = (voice === 'upper' ? note.stops.at(-1) : undefined) ?? note.stops[0];
  if (finger === '0') return [];
  const where = { piece: practised.piece, title: practised.title, note: index };
  return [{ at, ...where, finger, string, position: positionOf(note), shift: shiftTo(plan, index), miss }];
}

function positionOf({ position }: PlannedSound): string {
  return position.label;
}

function shiftTo({ shifts }: Plan, note: number): ArrivingShift | null {
  const shift = shifts.find(({ to }) => to === note);
  if (!shift) return null;
  const { fromFinger, toFinger, handSemitones } = shift;
  return { way: handSemitones > 0 ? 'up' : 'down', fromFinger, toFinger };
}
