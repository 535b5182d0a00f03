import { type Placement, reachOf } from '#core/hand';
import { stringOf, writtenPitch } from '#core/instrument';
import { displayPitch, displayPitchClass, type Pitch, pitchAt, semitonesOf } from '#core/pitch';
import { badReading, type Issue, type Reading } from '#core/reading';
import { allPlacements, type LimitName, type NoteLock, PLACEMENT_LIMITS, withinLimit } from '#core/search';
import {
  beyondReach,
  excludedByLimits,
  excludedByOneLimit,
  fingerNotInSchool,
  lockBehindNut,
  lockBelowString,
  lockNotOpen,
  lockOutOfReach,
  noteAboveSchool,
  noDoubleStopSkips,
  noDoubleStopThere,
  noHarmonic,
  noWayAtAll,
  noWayWithShifts,
  noteBelowStrings,
  positionWords,
  type Words,
} from '#core/words';
import { placementsOfNote, soundingNotes } from './note-steps.ts';
import type { Task } from './read-brief.ts';
import { MOST_SHIFTS } from './choices.ts';
import { type Laid, possibleShiftCounts } from './solve.ts';

/**
 * Why a note has no placement: asked in the order in which a teacher would. Is it on the instrument at all? Can the
 * fixed finger and string be played by any hand? Which single limit, lifted, would let it in (tried, not guessed)?
 */
export function whyNone(task: Task, index: number): Reading<never> {
  const note = task.line.notes[index];
  if (note?.kind !== 'note') throw new RangeError(`Element ${index} of the line is no note`);
  const lock = task.locks.get(index) ?? null;
  const every = placementsOfNote(
    task,
    soundingNotes(task).findIndex((sounding) => sounding.index === index),
  );
  const said = (code: Issue['code'], words: Words): Reading<never> => badReading({ code, where: { note: index }, ...words });
  if (every.length === 0)
    return said(
      'range',
      note.upper
        ? noDoubleStop(task, note.pitch, note.upper)
        : note.harmonic
          ? noHarmonic(read(task, note.pitch))
          : outOfRange(task, note.pitch),
    );
  const wanted = every.filter((placement) => withinLimit(task, placement, lock, 'lock'));
  if (lock && wanted.length === 0) return said('lock', impossibleLock(task, note.pitch, lock));
  return said(lock ? 'lock' : 'limit', excluded(task, note.pitch, lock, wanted));
}

/**
 * Why a line whose every note can be played cannot be played as a whole: the count of shifts asked for (the nearest
 * counts that can be had are tried), or down as up, or one pattern for every octave.
 */
export function whyNoWay(line: Laid): Reading<never> {
  const { shifts } = line.task.limits;
  if (shifts === null) return badReading({ code: 'limit', where: {}, ...noWayAtAll() });
  const counts = possibleShiftCounts(line, MOST_SHIFTS);
  return badReading({ code: 'limit', where: { pointer: '/limits/shifts' }, ...noWayWithShifts(shifts, counts) });
}

/** Two notes that no neighbouring strings hold together: too far apart (the fingers would skip a string), or both on one. */
function noDoubleStop(task: Task, low: Pitch, high: Pitch): Words {
  const names = [read(task, low), read(task, high)] as const;
  const alone = [low, high].every((pitch) => task.instrument.strings.some((string) => semitonesOf(pitch) >= string.semitones));
  const [first, second] = task.instrument.strings;
  const tuning = first && second ? first.semitones - second.semitones : 7;
  return alone && semitonesOf(high) - semitonesOf(low) >= 12 && tuning < 7 ? noDoubleStopSkips(...names) : noDoubleStopThere(...names);
}

function outOfRange(task: Task, pitch: Pitch): Words {
  const { instrument } = task;
  const lowest = stringOf(instrument, instrument.strings.length - 1);
  if (semitonesOf(pitch) < lowest.semitones) {
    const below = soundingPitches(task).filter((other) => semitonesOf(other) < lowest.semitones);
    const worst = below.reduce((low, other) => (semitonesOf(other) < semitonesOf(low) ? other : low), pitch);
    const octaves = Math.ceil((lowest.semitones - semitonesOf(worst)) / 12);
    return noteBelowStrings(read(task, worst), below.length, read(task, lowest.open), instrument.kind, octaves);
  }
  const highest = highestReached(task);
  const octaves = Math.ceil((semitonesOf(pitch) - semitonesOf(highest)) / 12);
  const fits = soundingPitches(task).every((other) => semitonesOf(other) - 12 * octaves >= lowest.semitones);
  return noteAboveSchool(read(task, pitch), read(task, highest), instrument.kind, fits ? octaves : 0);
}

/** The highest note for which the hand has a placement, spelled with a sharp where it needs one. */
function highestReached(task: Task): Pitch {
  const top = stringOf(task.instrument, 0);
  for (let above = task.instrument.highestSemitone; above > 0; above -= 1) {
    const pitch = plainPitch(top.semitones + above);
    const note = { pitch, upper: null, chromatic: false, harmonics: 'none' } as const;
    if (allPlacements(task.instrument, task.hand, note, task.hand.highestAnchor).length > 0) return pitch;
  }
  return top.open;
}

function plainPitch(semitones: number): Pitch {
  for (let steps = Math.floor((semitones * 7) / 12) + 1; ; steps -= 1) {
    const pitch = pitchAt(steps, semitones);
    if (pitch && (pitch.alteration === 0 || pitch.alteration === 1)) return pitch;
  }
}

function impossibleLock(task: Task, pitch: Pitch, lock: NoteLock): Words {
  const name = read(task, pitch);
  const string = lock.stringIndex === null ? null : stringOf(task.instrument, lock.stringIndex);
  const stringName = string && displayPitchClass(string.open);
  if (string && semitonesOf(pitch) < string.semitones) return lockBelowString(name, displayPitchClass(string.open));
  if (lock.finger === '0')
    return lockNotOpen(
      name,
      task.instrument.strings.map((open) => read(task, open.open)),
    );
  if (lock.finger !== null && standsBehindNut(task, pitch, lock)) return lockBehindNut(name, lock.finger, stringName);
  const anywhere = lock.finger !== null && string === null;
  return anywhere && lock.finger !== null ? fingerNotInSchool(lock.finger, name) : lockOutOfReach(name, lock.finger, stringName);
}

/** On every string asked about, the note lies too near the nut for the finger. */
function standsBehindNut(task: Task, pitch: Pitch, lock: NoteLock): boolean {
  const strings = task.instrument.strings.filter((_, index) => lock.stringIndex === null || index === lock.stringIndex);
  return strings.every((string) => semitonesOf(pitch) - string.semitones < Number(lock.finger));
}

const LIMIT_WORDS: Readonly<Record<Exclude<LimitName, 'lock'>, string>> = {
  positions: 'positions allowed',
  strings: 'strings allowed',
  fingers: 'fingers allowed',
  highestPerString: 'highest note on a string',
  openStrings: 'open strings',
  reach: 'reach of this hand',
};

function excluded(task: Task, pitch: Pitch, lock: NoteLock | null, wanted: readonly Placement[]): Words {
  const names = PLACEMENT_LIMITS.filter((name) => name !== 'lock');
  const wish = wishOf(task, lock);
  const passes = (placement: Placement, name: LimitName): boolean => withinLimit(task, placement, lock, name);
  for (const dropped of names) {
    const found = wanted.find((placement) => names.every((name) => name === dropped || passes(placement, name)));
    if (!found) continue;
    if (dropped === 'reach') {
      const others = wanted.filter((placement) => names.every((name) => name === dropped || passes(placement, name)));
      return reachWords(task, pitch, others);
    }
    return excludedByOneLimit(read(task, pitch), wish, LIMIT_WORDS[dropped], needOf(task, found, dropped));
  }
  const broken = names.filter((name) => !wanted.some((placement) => passes(placement, name)));
  return excludedByLimits(
    read(task, pitch),
    wish,
    (broken.length > 0 ? broken : names).map((name) => LIMIT_WORDS[name]),
  );
}

/** The narrowest hand with which one of the placements could be played, against the hand there is. */
function reachWords(task: Task, pitch: Pitch, placements: readonly Placement[]): Words {
  const hand = task.playerHand ?? task.doubleStopHand;
  const [least] = placements
    .map((placement) => reachOf(task.hand, hand, task.instrument, placement))
    .toSorted((one, other) => one.needMm - one.span.maxMm - (other.needMm - other.span.maxMm));
  return beyondReach(read(task, pitch), least?.needMm ?? 0, least?.span.maxMm ?? 0, task.playerHand === null);
}

function needOf(task: Task, placement: Placement, limit: Exclude<LimitName, 'lock' | 'reach'>): string {
  const string = displayPitchClass(stringOf(task.instrument, placement.stringIndex).open);
  switch (limit) {
    case 'positions':
      return `${positionWords({ ...task.hand.positionName(placement, task.line.key), alteration: null })} on the ${string} string`;
    case 'strings':
      return `the ${string} string`;
    case 'fingers':
      return `finger ${placement.finger}`;
    case 'openStrings':
      return `the open ${string} string`;
    case 'highestPerString':
      return `a higher place on the ${string} string`;
  }
}

function wishOf(task: Task, lock: NoteLock | null): string | null {
  if (!lock) return null;
  const parts = [
    lock.finger === null ? [] : [lock.finger === '0' ? 'the open string' : `finger ${lock.finger}`],
    lock.stringIndex === null ? [] : [`the ${displayPitchClass(stringOf(task.instrument, lock.stringIndex).open)} string`],
    lock.position === null ? [] : [`position ${lock.position}`],
  ].flat();
  return parts.length === 0 ? null : parts.join(' on ');
}

function soundingPitches(task: Task): readonly Pitch[] {
  return task.line.notes.flatMap((note) => (note.kind === 'note' ? [note.pitch] : []));
}

function read(task: Task, pitch: Pitch): string {
  return displayPitch(writtenPitch(task.instrument.kind, pitch));
}
