import { readMaterial } from '#core/material';
import { type Pitch, samePitch } from '#core/pitch';
import type { Brief, Lock } from './schema.ts';

/** A brief whose locks fit its material, and how many had to go. */
export interface CarriedLocks {
  readonly brief: Brief;
  readonly dropped: number;
}

/**
 * Keeps the locks of the brief before where the same note still stands at the same place of the changed brief, on the
 * same instrument; drops the others and counts them.
 */
export function carryLocks(before: Brief, after: Brief): CarriedLocks {
  const locks = after.locks ?? [];
  if (locks.length === 0) return { brief: after, dropped: 0 };
  const kept = before.instrument.kind === after.instrument.kind ? locks.filter((lock) => sameNote(before, after, lock.note)) : [];
  return { brief: withLocks(after, kept), dropped: locks.length - kept.length };
}

/** The brief with one note's lock merged into what was fixed for it before; the position gives way to a new string or finger. */
export function withLock(brief: Brief, lock: Lock): Brief {
  const locks = brief.locks ?? [];
  const before = locks.find((other) => other.note === lock.note);
  const { position: _, upperFinger: __, ...kept } = before ?? { note: lock.note };
  const merged = [...locks.filter((other) => other.note !== lock.note), { ...kept, ...lock }];
  return withLocks(
    brief,
    merged.toSorted((one, other) => one.note - other.note),
  );
}

/** The brief with nothing fixed for a note; the very same brief where nothing was. */
export function withoutLock(brief: Brief, note: number): Brief {
  const kept = (brief.locks ?? []).filter((lock) => lock.note !== note);
  return kept.length === (brief.locks ?? []).length ? brief : withLocks(brief, kept);
}

function withLocks(brief: Brief, locks: readonly Lock[]): Brief {
  const { locks: _, ...rest } = brief;
  return locks.length === 0 ? rest : { ...rest, locks: [...locks] };
}

function sameNote(before: Brief, after: Brief, index: number): boolean {
  const [one, other] = [before, after].map((brief) => {
    const line = readMaterial(brief.material, brief.rhythm);
    return line.ok ? line.value.notes[index] : undefined;
  });
  return one?.kind === 'note' && other?.kind === 'note' && samePitch(one.pitch, other.pitch) && sameUpper(one.upper, other.upper);
}

function sameUpper(one: Pitch | null, other: Pitch | null): boolean {
  return one === null || other === null ? one === other : samePitch(one, other);
}
