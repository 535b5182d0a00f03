import type { Brief, GivenFinger, Lock } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import type { Finger } from '#core/hand/placement';
import { type Pitch, samePitch } from '#core/pitch';
import { withMarks } from './marks.ts';
import { withPassages } from './passages.ts';
import { withLockedBows } from './typed-bowing.ts';

/** A brief whose locks and marks fit its material, and how many of each had to go. */
export interface CarriedLocks {
  /** The brief with what could be kept. */
  readonly brief: Brief;
  /** The number of locks that had to go. */
  readonly dropped: number;
  /** The number of marks that had to go. */
  readonly droppedMarks: number;
  /** The number of passages whose own limits and wishes had to go. */
  readonly droppedPassages: number;
  /** The number of locked bows that had to go. */
  readonly droppedBows: number;
}

/**
 * Keeps locks, marks and passages where the same notes still stand at the same places of the changed brief, and all but marks only on the
 * same instrument; drops the others and counts them.
 */
export function carryLocks(before: Brief, after: Brief): CarriedLocks {
  const { locks, marks, stretches, given, bows } = askedOfNotes(after);
  if ([locks, marks, stretches, given, bows].every(({ length }) => length === 0)) return { brief: after, ...NOTHING_DROPPED };
  const same = sameNotes(before, after);
  const sameKind = before.instrument.kind === after.instrument.kind;
  const kept = sameKind ? locks.filter(({ note }) => same(note)) : [];
  const keptPassages = sameKind ? stretches.filter(({ from, to }) => same(from) && same(to)) : [];
  const keptGiven = sameKind ? given.filter(({ note }) => same(note)) : [];
  const keptMarks = marks.filter(({ note }) => same(note));
  const keptBows = bows.filter(({ from, to }) => Array.from({ length: to - from + 1 }, (_, order) => from + order).every(same));
  const bowed = keptBows.length === bows.length ? after : withLockedBows(after, keptBows);
  return {
    brief: withGiven(withPassages(withMarks(withLocks(bowed, kept), keptMarks), keptPassages), keptGiven),
    dropped: locks.length - kept.length,
    droppedMarks: marks.length - keptMarks.length,
    droppedPassages: stretches.length - keptPassages.length,
    droppedBows: bows.length - keptBows.length,
  };
}

/** Lists all that a brief says of single notes. */
function askedOfNotes({ locks = [], marks = [], stretches = [], given = [], rhythm }: Brief) {
  return { locks, marks, stretches, given, bows: rhythm?.lockedBows ?? [] };
}

const NOTHING_DROPPED = { dropped: 0, droppedMarks: 0, droppedPassages: 0, droppedBows: 0 };

/** Merges one note's lock with what was locked for it before; a locked position gives way to a new string or finger. */
export function withLock(brief: Brief, lock: Lock): Brief {
  const locks = brief.locks ?? [];
  const before = locks.find((other) => other.note === lock.note);
  const { position: _, upperFinger: __, topFinger: ___, ...kept } = before ?? { note: lock.note };
  const merged = [...locks.filter((other) => other.note !== lock.note), { ...kept, ...lock }];
  return withLocks(
    brief,
    merged.toSorted((one, other) => one.note - other.note),
  );
}

/** Removes the lock of a note; returns the very same brief where there was none. */
export function withoutLock(brief: Brief, note: number): Brief {
  const kept = (brief.locks ?? []).filter((lock) => lock.note !== note);
  return kept.length === (brief.locks ?? []).length ? brief : withLocks(brief, kept);
}

/** Removes all locks. */
export function withoutLocks(brief: Brief): Brief {
  return withLocks(brief, []);
}

/** Makes the lock that fixes a note as it is fingered. */
export function lockOf(note: number, { stops: [lower, upper, top] }: FingeredNote): Lock {
  return {
    note,
    string: lower.open,
    finger: lower.finger,
    ...(upper ? { upperFinger: upper.finger } : {}),
    ...(top ? { topFinger: top.finger } : {}),
  };
}

/** The strings and fingers of up to three stops, as far as a lock needs them. */
export interface FingeredNote {
  /** The stops, the lowest first. */
  readonly stops: readonly [FingeredStop, FingeredStop?, FingeredStop?];
}

/** A finger on a string, named by its open note. */
interface FingeredStop {
  /** The open note of the string, documents' form. */
  readonly open: string;
  /** The finger on the string; 0 for the open string. */
  readonly finger: Finger;
}

/** A finger on a string that the teacher wishes for. */
interface WishedWay {
  /** The open note of the string, documents' form. */
  readonly open: string;
  /** The finger there; of a double stop, the finger of the lower note. */
  readonly finger: Finger;
  /** The finger of the upper note; null for a single note. */
  readonly upperFinger: Finger | null;
  /** The finger of the top note of a chord; null for any other. */
  readonly topFinger: Finger | null;
}

/** Makes the lock that asks for a note to be played in this way. */
export function wishOf(note: number, { open, finger, upperFinger, topFinger }: WishedWay): Lock {
  return { note, string: open, finger, ...(upperFinger === null ? {} : { upperFinger }), ...(topFinger === null ? {} : { topFinger }) };
}

/** Replaces the locks, in the order of the notes. */
export function withLocks(brief: Brief, locks: readonly Lock[]): Brief {
  const { locks: _, ...others } = brief;
  return locks.length === 0 ? others : { ...others, locks: [...locks] };
}

/** Replaces the fingering that a score gives, in the order of the notes. */
export function withGiven(brief: Brief, given: readonly GivenFinger[]): Brief {
  const { given: _, ...others } = brief;
  return given.length === 0 ? others : { ...others, given: given.toSorted((one, other) => one.note - other.note) };
}

/** Compares two lines and tells whether the same note stands at a place of both; each line is read once. */
function sameNotes(before: Brief, after: Brief): (index: number) => boolean {
  const lines = [before, after].map(({ material, rhythm }) => readMaterial(material, rhythm));
  return (index) => {
    const [one, other] = lines.map((line) => (line.ok ? line.value.notes[index] : undefined));
    return (
      one?.kind === 'note' &&
      other?.kind === 'note' &&
      samePitch(one.pitch, other.pitch) &&
      sameOrNone(one.upper, other.upper) &&
      sameOrNone(one.top, other.top)
    );
  };
}

function sameOrNone(one: Pitch | null, other: Pitch | null): boolean {
  return one === null || other === null ? one === other : samePitch(one, other);
}
