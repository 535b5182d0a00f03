import type { HandModel } from '#core/hand';
import type { Instrument } from '#core/instrument';
import type { Line } from '#core/material';
import { badReading, goodReading, type Reading } from '#core/reading';
import type { NoteLock } from '#core/search';
import { lockOnRest, lockOutsideLine, locksContradict } from '#core/words';
import { stringIndexOf, unknownPositionAt, unknownStringAt } from './read-limits.ts';
import type { Brief } from './schema.ts';

/** Reads what the teacher fixed, by line index. Two locks on one note are joined; where they contradict each other they are refused. */
export function readLocks(brief: Brief, instrument: Instrument, hand: HandModel, line: Line): Reading<ReadonlyMap<number, NoteLock>> {
  const locks = new Map<number, NoteLock>();
  for (const [index, lock] of (brief.locks ?? []).entries()) {
    const pointer = `/locks/${index}`;
    const note = line.notes[lock.note];
    if (!note) {
      return badReading({ code: 'lock', where: { pointer: `${pointer}/note` }, ...lockOutsideLine(lock.note, line.notes.length) });
    }
    if (note.kind === 'rest') return badReading({ code: 'lock', where: { note: lock.note, pointer }, ...lockOnRest(lock.note) });
    const stringIndex = lock.string === undefined ? null : stringIndexOf(instrument, lock.string);
    if (stringIndex === -1) return unknownStringAt(`${pointer}/string`, lock.string ?? '', instrument, lock.note);
    if (lock.position !== undefined && !hand.positionLabels.includes(lock.position)) {
      return unknownPositionAt(`${pointer}/position`, lock.position, hand, lock.note);
    }
    const joined = joinedLocks(locks.get(lock.note) ?? null, {
      stringIndex,
      finger: lock.finger ?? null,
      upperFinger: lock.upperFinger ?? null,
      position: lock.position ?? null,
    });
    if (joined === null) return badReading({ code: 'lock', where: { note: lock.note, pointer }, ...locksContradict(lock.note) });
    locks.set(lock.note, joined);
  }
  return goodReading(locks);
}

function joinedLocks(before: NoteLock | null, lock: NoteLock): NoteLock | null {
  if (before === null) return lock;
  const parts = ['stringIndex', 'finger', 'upperFinger', 'position'] as const;
  if (parts.some((part) => before[part] !== null && lock[part] !== null && before[part] !== lock[part])) return null;
  return {
    stringIndex: lock.stringIndex ?? before.stringIndex,
    finger: lock.finger ?? before.finger,
    upperFinger: lock.upperFinger ?? before.upperFinger,
    position: lock.position ?? before.position,
  };
}
