import type { Placement } from '#core/hand';
import { stringOf, writtenPitch } from '#core/instrument';
import { displayPitch, displayPitchClass, type Pitch, pitchAt, semitonesOf } from '#core/pitch';
import { badReading, type Issue, type Reading } from '#core/reading';
import { allPlacements, type LimitName, type NoteLock, withinLimits } from '#core/search';
import {
  excludedByLimits,
  excludedByOneLimit,
  fingerNotInSchool,
  lockBehindNut,
  lockBelowString,
  lockNotOpen,
  lockOutOfReach,
  noteAboveSchool,
  noteBelowStrings,
  type Words,
} from '#core/words';
import type { Task } from './read-brief.ts';

/**
 * Why a note has no placement: asked in the order in which a teacher would. Is it on the instrument at all? Can the
 * fixed finger and string be played by any hand? Which single limit, lifted, would let it in (tried, not guessed)?
 */
export function whyNone(task: Task, index: number): Reading<never> {
  const note = task.line.notes[index];
  if (note?.kind !== 'note') throw new RangeError(`Element ${index} of the line is no note`);
  const lock = task.locks.get(index) ?? null;
  const every = allPlacements(task.instrument, task.hand, note.pitch, task.hand.highestAnchor);
  const said = (code: Issue['code'], words: Words): Reading<never> => badReading({ code, where: { note: index }, ...words });
  if (every.length === 0) return said('range', outOfRange(task, note.pitch));
  const wanted = every.filter((placement) => withinLimits(task.hand, placement, task.limits, lock, 'lock'));
  if (lock && wanted.length === 0) return said('lock', impossibleLock(task, note.pitch, lock));
  return said(lock ? 'lock' : 'limit', excluded(task, note.pitch, lock, wanted));
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
    if (allPlacements(task.instrument, task.hand, pitch, task.hand.highestAnchor).length > 0) return pitch;
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
  openStrings: 'open strings',
};

function excluded(task: Task, pitch: Pitch, lock: NoteLock | null, wanted: readonly Placement[]): Words {
  const names = ['positions', 'strings', 'fingers', 'openStrings'] as const;
  const wish = wishOf(task, lock);
  const passes = (placement: Placement, name: LimitName): boolean => withinLimits(task.hand, placement, task.limits, lock, name);
  for (const dropped of names) {
    const found = wanted.find((placement) => names.every((name) => name === dropped || passes(placement, name)));
    if (found) return excludedByOneLimit(read(task, pitch), wish, LIMIT_WORDS[dropped], needOf(task, found, dropped));
  }
  const broken = names.filter((name) => !wanted.some((placement) => passes(placement, name)));
  return excludedByLimits(
    read(task, pitch),
    wish,
    (broken.length > 0 ? broken : names).map((name) => LIMIT_WORDS[name]),
  );
}

function needOf(task: Task, placement: Placement, limit: Exclude<LimitName, 'lock'>): string {
  const string = displayPitchClass(stringOf(task.instrument, placement.stringIndex).open);
  switch (limit) {
    case 'positions': {
      const { label } = task.hand.positionName(placement, task.line.key);
      return `${label === 'half' ? 'half position' : `position ${label}`} on the ${string} string`;
    }
    case 'strings':
      return `the ${string} string`;
    case 'fingers':
      return `finger ${placement.finger}`;
    case 'openStrings':
      return `the open ${string} string`;
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
