import type { Instrument } from '#core/instrument';
import { type EntryOf, type LogEntry, missCounts, noteMissed } from '#core/practice/log';
import { triesIn } from '#core/practice/tries';
import { type Miss, MISSES } from '#core/practice/ladder';
import { notesOfPart } from '#core/practice/session';
import type { Plan } from '#core/plan/describe';

/** The tries of a place, and how many of them missed there. */
interface MissesThere {
  /** The number of tries that played it. */
  readonly played: number;
  /** The number of tries that missed there, in whatever way. */
  readonly missed: number;
  /** The number of tries that missed there in each way. */
  readonly ways: Readonly<Record<Miss, number>>;
}

/** The misses at a note of a line. */
export interface NoteMisses extends MissesThere {
  /** The line index. */
  readonly note: number;
}

/** The misses at a place of a fingerboard. */
export interface PlaceMisses extends MissesThere {
  /** The string, counted from 0, the highest first. */
  readonly stringIndex: number;
  /** The semitones above the open string; 0 for the open string. */
  readonly semitonesAboveOpen: number;
  /** The fingers with which it was played, documents' form, those with the most misses first. */
  readonly fingers: readonly string[];
}

/** Gives the notes that a try played (line indexes, both inclusive): of a stage the note that its shift arrives on. */
export function notesTried({ practised: { part } }: EntryOf<'attempt'>, plan: Plan): { readonly from: number; readonly to: number } {
  return part.part === 'stage' ? { from: part.note, to: part.note } : notesOfPart(plan, part);
}

/** Counts the tries of one piece note by note: those that played it, and those that missed at it. Rests are left out. */
export function missesByNote(entries: readonly LogEntry[], piece: string, plan: Plan): readonly NoteMisses[] {
  const attempts = triesIn(entries).filter(({ practised }) => practised.piece === piece);
  const played = plan.notes.map(() => 0);
  const missed = plan.notes.map((): EntryOf<'attempt'>[] => []);
  for (const attempt of attempts) {
    const { from, to } = notesTried(attempt, plan);
    for (let note = from; note <= Math.min(to, played.length - 1); note += 1) played[note] = (played[note] ?? 0) + 1;
    const at = noteMissed(attempt);
    if (at !== null) missed[at]?.push(attempt);
  }
  return plan.notes.flatMap(({ kind }, note): readonly NoteMisses[] =>
    kind === 'note' ? [{ note, played: played[note] ?? 0, missed: missed[note]?.length ?? 0, ways: missCounts(missed[note] ?? []) }] : [],
  );
}

/**
 * Adds up the misses of several pieces by their places on one instrument: pieces for another instrument are left out. Of a double stop the
 * lower string counts.
 */
export function missesByPlace(
  entries: readonly LogEntry[],
  plans: ReadonlyMap<string, Plan>,
  instrument: Instrument,
): readonly PlaceMisses[] {
  const places = new Map<string, PlaceMisses & { readonly byFinger: ReadonlyMap<string, number> }>();
  const ofKindHere = [...plans].filter(([, plan]) => plan.brief.instrument.kind === instrument.kind);
  for (const [piece, plan] of ofKindHere) {
    for (const { note, ...there } of missesByNote(entries, piece, plan)) {
      const place = placeOf(plan, note, instrument);
      if (!place || there.played === 0) continue;
      const { stringIndex, semitonesAboveOpen, finger } = place;
      const key = `${stringIndex} ${semitonesAboveOpen}`;
      const before = places.get(key);
      const byFinger = new Map(before?.byFinger).set(finger, (before?.byFinger.get(finger) ?? 0) + there.missed);
      const fingers = [...byFinger].toSorted(([, one], [, other]) => other - one).map(([finger]) => finger);
      places.set(key, { stringIndex, semitonesAboveOpen, fingers, byFinger, ...sumOf(before, there) });
    }
  }
  return [...places.values()].map(({ byFinger: _, ...place }) => place);
}

/** Finds the place of a note on an instrument, and its finger; null for a rest, and for a string that the instrument does not have. */
function placeOf({ notes }: Plan, note: number, { strings }: Instrument) {
  const planned = notes[note];
  if (planned?.kind !== 'note') return null;
  const { open, semitonesAboveOpen, finger } = planned.stops[0];
  const stringIndex = strings.findIndex(({ name }) => name === open);
  return stringIndex < 0 ? null : { stringIndex, semitonesAboveOpen, finger };
}

function sumOf(one: MissesThere | undefined, other: MissesThere): MissesThere {
  if (!one) return other;
  const ways = { ...other.ways };
  for (const miss of MISSES) ways[miss] = one.ways[miss] + other.ways[miss];
  return { played: one.played + other.played, missed: one.missed + other.missed, ways };
}
