import { exactShifts, type ReadLimit, type Task, taskAt } from '#core/brief';
import { LIMIT_NAMES, limitPart, type NoteLock } from '#core/brief/parts/limits';
import { handOf, LOWEST_THUMB, USUAL_OPTIONS } from '#core/hand/models';
import type { Placement } from '#core/hand/placement';
import { schoolsOf } from '#core/hand';
import { reachOf } from '#core/hand/reach';
import { stringOf } from '#core/instrument';
import { type Issue, limitIssue, lockIssue, positionWords, rangeIssue, wishedText } from '#core/messages';
import { displayPitchClass, type Pitch, semitonesOf } from '#core/pitch';
import { badReading, type Unread } from '#core/result';
import { allPlacements, keepsLimit, keepsLock, type WantedNote, withinReach } from '#core/search/candidates';
import { oneHandWays } from './one-hand/one-hand-search.ts';
import { placementsOfNote, type Sounding, soundingNotes } from './note-steps.ts';
import { outOfRange, readName } from './out-of-range.ts';
import { type Laid, possibleShiftCounts } from './solve.ts';

/**
 * Finds why a note has no placement, asking in the order in which a teacher would. Is it on the instrument at all? Can the locked finger
 * and string be played by any hand? Which single limit, lifted, would let it in (tried, not guessed)?
 *
 * @throws for an index that is no note
 */
export function whyNone(line: Task, index: number): Unread {
  const task = taskAt(line)(index);
  const note = task.line.notes[index];
  if (note?.kind !== 'note') throw new RangeError(`Element ${index} of the line is no note`);
  const lock = task.locks.get(index) ?? null;
  const order = soundingNotes(task).findIndex((sounding) => sounding.index === index);
  const every = placementsOfNote(task, order);
  return badReading({ ...reasonAgainst(task, note, lock, every), where: { note: index } });
}

function reasonAgainst(task: Task, note: Sounding, lock: NoteLock | null, every: readonly Placement[]): Issue {
  if (every.length === 0) return nowhere(task, note);
  const wanted = every.filter((placement) => keepsLock(task.hand, placement, lock));
  return lock && wanted.length === 0 ? impossibleLock(task, note.pitch, lock) : explainExclusion(task, note, lock, wanted);
}

/**
 * Finds why a line whose every note can be played cannot be played as a whole: the count of shifts asked for (the nearest possible counts
 * are tried), or down as up, or one pattern for every octave.
 */
export function whyNoWay(line: Laid): Unread {
  const shifts = exactShifts(line.task.limits);
  if (shifts === null) return badReading({ ...limitIssue('no-way-at-all', { notes: line.steps.length }), where: whereItEnds(line) });
  const counts = possibleShiftCounts(line);
  return badReading(limitIssue('no-way-with-shifts', { shifts, counts }, { pointer: '/limits/shifts' }));
}

/** Finds the first note to which no way leads from the beginning: the search itself comes no further. */
function whereItEnds({ task, steps, lattice }: Laid): Issue['where'] {
  const { endsAt } = oneHandWays(task.hand, lattice);
  const found = endsAt === null ? undefined : steps[endsAt];
  return found ? { note: found.index } : {};
}

function nowhere(task: Task, { pitch, upper, top, harmonic }: Sounding): Issue {
  if (upper && top) {
    return rangeIssue('no-chord', { low: readName(task, pitch), middle: readName(task, upper), high: readName(task, top) });
  }
  if (upper) return thumbWouldHold(task, pitch, upper) ?? noDoubleStop(task, pitch, upper);
  switch (harmonic) {
    case null:
      return outOfRange(task, pitch);
    case 'natural':
      return rangeIssue('no-harmonic', { pitch: readName(task, pitch) });
    case 'stopped':
      return rangeIssue('no-stopped-harmonic', { pitch: readName(task, pitch), thumb: task.hand.school !== 'standard' });
  }
}

/** Reports the thumb, or the thumb lower than it is set, where that alone would hold two notes together; null elsewhere. */
function thumbWouldHold(task: Task, low: Pitch, high: Pitch): Issue | null {
  const names = { low: readName(task, low), high: readName(task, high) };
  const { kind } = task.instrument;
  if (!schoolsOf(kind).includes('thumb')) return null;
  const hand = handOf(kind, 'thumb', { ...USUAL_OPTIONS, thumbFrom: LOWEST_THUMB });
  const note: WantedNote = { pitch: low, upper: high, top: null, chromatic: false, harmonics: 'none', wide: true, other: null };
  const held = allPlacements({ ...task, hand, highestAnchor: hand.highestAnchor }, note);
  if (!held.some((placement) => withinReach({ ...task, hand }, placement))) return null;
  return rangeIssue(task.hand.school === 'thumb' ? 'below-thumb' : 'needs-thumb', names);
}

/** Reports two notes that no neighbouring strings hold together: wide apart (the fingers would skip a string), or both on one. */
function noDoubleStop(task: Task, low: Pitch, high: Pitch): Issue {
  const names = { low: readName(task, low), high: readName(task, high) };
  const alone = [low, high].every((pitch) => task.instrument.strings.some((string) => semitonesOf(pitch) >= string.semitones));
  const [first, second] = task.instrument.strings;
  const tuning = first && second ? first.semitones - second.semitones : 7;
  const skips = alone && semitonesOf(high) - semitonesOf(low) >= 12 && tuning < 7;
  return rangeIssue(skips ? 'double-stop-skips' : 'no-double-stop', names);
}

function impossibleLock(task: Task, pitch: Pitch, lock: NoteLock): Issue {
  const { finger } = lock;
  const name = readName(task, pitch);
  const string = lock.stringIndex === null ? null : stringOf(task.instrument, lock.stringIndex);
  const stringName = string && displayPitchClass(string.open);
  if (string && stringName !== null && semitonesOf(pitch) < string.semitones)
    return lockIssue('below-string', { pitch: name, string: stringName });
  if (finger === null) return lockIssue('out-of-reach', { pitch: name, finger, string: stringName });
  if (finger === '0')
    return lockIssue('not-open', { pitch: name, strings: task.instrument.strings.map(({ open }) => readName(task, open)) });
  if (standsBehindNut(task, pitch, lock)) return lockIssue('behind-nut', { pitch: name, finger, string: stringName });
  if (string === null) return lockIssue('finger-not-in-school', { finger, pitch: name });
  return lockIssue('out-of-reach', { pitch: name, finger, string: stringName });
}

/** Tells whether the note lies too near the nut for the finger on every string asked about. */
function standsBehindNut(task: Task, pitch: Pitch, lock: NoteLock): boolean {
  const strings = task.instrument.strings.filter((_, index) => lock.stringIndex === null || index === lock.stringIndex);
  return strings.every((string) => semitonesOf(pitch) - string.semitones < Number(lock.finger));
}

/** A barrier that excludes placements: the reach of the hand, or a limit of the brief. */
interface Barrier {
  /** The words for what the brief excludes by it. */
  readonly leftOut: string;
  /** Tells whether a placement gets past it. */
  readonly lets: (placement: Placement) => boolean;
  /** Reports the fault where it alone excludes these placements. */
  readonly issue: (placements: readonly Placement[]) => Issue;
}

/** Finds the single barrier that, lifted, would let the note in; where none does, all that stand in the way. */
function explainExclusion(
  task: Task,
  { pitch, upper }: Pick<WantedNote, 'pitch' | 'upper'>,
  lock: NoteLock | null,
  wanted: readonly Placement[],
): Issue {
  const barriers = [reachBarrier(task, pitch), ...task.limits.map((limit) => limitBarrier(task, limit, { pitch, upper }, lock))];
  for (const lifted of barriers) {
    const found = wanted.filter((placement) => barriers.every((barrier) => barrier === lifted || barrier.lets(placement)));
    if (found.length > 0) return lifted.issue(found);
  }
  const closed = barriers.filter(({ lets }) => !wanted.some(lets)).map(({ leftOut }) => leftOut);
  const limits = closed.length > 0 ? closed : EVERY_BARRIER;
  return limitIssue('excluded-by-several', { pitch: readName(task, pitch), wish: wishOf(task, lock), limits });
}

const REACH = 'reach of this hand';

/** Lists every barrier that may exclude a placement. */
const EVERY_BARRIER: readonly string[] = [REACH, ...LIMIT_NAMES.map(limitPart).flatMap(({ need, words }) => (need ? [words.leftOut] : []))];

/** Makes the barrier of reach; the hand that spans most for what a placement needs decides the message. */
function reachBarrier(task: Task, pitch: Pitch): Barrier {
  const hand = task.playerHand ?? task.doubleStopHand;
  return {
    leftOut: REACH,
    lets: (placement) => withinReach(task, placement),
    issue: (placements) => {
      const [least] = placements
        .map((placement) => reachOf(task.hand, hand, task.instrument, placement))
        .toSorted((one, other) => one.needMm - one.span.maxMm - (other.needMm - other.span.maxMm));
      const [needMm, maxMm] = [least?.needMm ?? 0, least?.span.maxMm ?? 0];
      return limitIssue('beyond-reach', { pitch: readName(task, pitch), needMm, maxMm, assumed: task.playerHand === null });
    },
  };
}

function limitBarrier(task: Task, limit: ReadLimit, { pitch, upper }: Pick<WantedNote, 'pitch' | 'upper'>, lock: NoteLock | null): Barrier {
  const { words, need } = limitPart(limit.name);
  return {
    leftOut: words.leftOut,
    lets: (placement) => keepsLimit(limit, placement, lock),
    issue: (placements) => {
      // The lowest position that does it is named.
      const [found] = placements.toSorted((one, other) => one.anchor - other.anchor);
      return limitIssue('excluded-by-one', {
        pitch: readName(task, pitch),
        other: upper && readName(task, upper),
        wish: wishOf(task, lock),
        limit: words.leftOut,
        need: found && need ? need(found, placeNames(task, found)) : words.name,
      });
    },
  };
}

function placeNames(task: Task, placement: Placement): { readonly string: string; readonly position: string } {
  return {
    string: displayPitchClass(stringOf(task.instrument, placement.stringIndex).open),
    position: positionWords({ ...task.hand.positionName(placement, task.key), alteration: null }),
  };
}

function wishOf(task: Task, lock: NoteLock | null): string | null {
  if (!lock) return null;
  const string = lock.stringIndex === null ? null : displayPitchClass(stringOf(task.instrument, lock.stringIndex).open);
  return wishedText({ finger: lock.finger, string, position: lock.position });
}
