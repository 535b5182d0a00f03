import type { PartSetting } from '#core/brief/parts';
import { type NoteLock, stringIndexOf, unknownString } from '#core/brief/parts/limits';
import type { Line } from '#core/material/line';
import { type Issue, type IssuePlace, limitIssue, lockIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { Lock } from '../schema/lock.ts';

/** Reads the locks of the teacher, by line index. Two locks on one note are joined; locks that contradict each other are refused. */
export function readLocks(locks: readonly Lock[] = [], setting: PartSetting, line: Line): Reading<ReadonlyMap<number, NoteLock>> {
  const read = new Map<number, NoteLock>();
  for (const [index, lock] of locks.entries()) {
    const pointer = `/locks/${index}`;
    const [wrong] = [...placeIssues(lock, line, pointer), ...nameIssues(lock, setting, pointer)];
    if (wrong) return badReading(wrong);
    const joined = joinedLocks(read.get(lock.note) ?? null, noteLock(lock, setting));
    if (joined === null) return badReading(lockIssue('contradict', { note: lock.note }, { note: lock.note, pointer }));
    read.set(lock.note, joined);
  }
  return goodReading(read);
}

/** Reports a lock that does not stand on a note of the line. */
function placeIssues({ note }: Lock, { notes }: Line, pointer: string): readonly Issue[] {
  const there = notes[note];
  if (!there) return [lockIssue('outside-line', { note, count: notes.length }, { pointer: `${pointer}/note` })];
  return there.kind === 'rest' ? [lockIssue('on-rest', { note }, { note, pointer })] : [];
}

/** Reports a lock that names a string the instrument does not have or a position the school does not have. */
function nameIssues({ note, string, position }: Lock, { instrument, hand }: PartSetting, pointer: string): readonly Issue[] {
  const at = (part: string): IssuePlace => ({ pointer: `${pointer}/${part}`, note });
  if (string !== undefined && stringIndexOf(instrument, string) === null) return [unknownString(string, instrument, at('string'))];
  if (position === undefined || hand.positionLabels.includes(position)) return [];
  return [limitIssue('unknown-position', { label: position, known: hand.positionLabels }, at('position'))];
}

function noteLock({ string, finger, upperFinger, topFinger, position }: Lock, { instrument }: PartSetting): NoteLock {
  return {
    stringIndex: string === undefined ? null : stringIndexOf(instrument, string),
    finger: finger ?? null,
    upperFinger: upperFinger ?? null,
    topFinger: topFinger ?? null,
    position: position ?? null,
  };
}

function joinedLocks(before: NoteLock | null, lock: NoteLock): NoteLock | null {
  if (before === null) return lock;
  const parts = ['stringIndex', 'finger', 'upperFinger', 'topFinger', 'position'] as const;
  if (parts.some((part) => before[part] !== null && lock[part] !== null && before[part] !== lock[part])) return null;
  return {
    stringIndex: lock.stringIndex ?? before.stringIndex,
    finger: lock.finger ?? before.finger,
    upperFinger: lock.upperFinger ?? before.upperFinger,
    topFinger: lock.topFinger ?? before.topFinger,
    position: lock.position ?? before.position,
  };
}
