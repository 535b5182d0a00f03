import type { Brief, Mark } from '#core/brief';
import { lockIssue } from '#core/messages';
import { badReading, goodReading, type Reading, readingOf } from '#core/result';
import type { LockedBow } from '#core/rhythm';
import { withMark } from './marks.ts';

/** One bow that is prescribed: the number of notes in it and its direction; null where the direction follows from the bow before. */
export interface PrescribedBow {
  /** The number of notes with time of their own. */
  readonly notes: number;
  /** Down or up; null where it follows from the bow before. */
  readonly direction: NonNullable<Mark['bow']> | null;
}

/** Reads a bowing typed as one row: `4 4 | d2 u1 u1`. The notes to each bow, blanks between; `d` is a down bow, `u` an up bow. */
export function parseBowing(text: string): Reading<readonly PrescribedBow[]> {
  const words = text.split(/[\s|,]+/).filter(Boolean);
  const read = words.map((word) => ({ word, bow: prescribedBow(word) }));
  return readingOf(
    read.flatMap(({ bow }) => bow ?? []),
    read.flatMap(({ word, bow }, place) => (bow ? [] : [lockIssue('not-a-bow', { word }, { note: place })])),
  );
}

const DIRECTIONS: Readonly<Record<string, PrescribedBow['direction']>> = { d: 'down', u: 'up', '': null };

function prescribedBow(word: string): PrescribedBow | null {
  const [, letter, digits] = /^([du]?)([1-9][0-9]?)$/.exec(word.toLowerCase()) ?? [];
  return digits === undefined ? null : { notes: Number(digits), direction: DIRECTIONS[letter ?? ''] ?? null };
}

/** An element of the line, as far as a row of bows needs to know. */
interface LineElement {
  /** Whether the element sounds. */
  readonly kind: 'note' | 'rest';
  /** Whether it is a grace note, which has no time of its own. */
  readonly grace?: boolean;
}

/** Locks bows from the note at `from` on, with their bow signs. Refuses more than there are notes, and a bow over a rest. */
export function withBowing(brief: Brief, notes: readonly LineElement[], from: number, bows: readonly PrescribedBow[]): Reading<Brief> {
  const places = notes.flatMap(({ kind, grace }, index) => (kind === 'note' && grace !== true && index >= from ? [index] : []));
  const bowed = bows.reduce((sum, bow) => sum + bow.notes, 0);
  if (bowed > places.length) return badReading(lockIssue('too-many-bows', { bowed, notes: places.length }));
  const locked: LockedBow[] = [];
  let next = 0;
  for (const bow of bows) {
    const [first = 0, last = first] = [places[next], places[next + bow.notes - 1]];
    const rest = notes.slice(first, last + 1).findIndex(({ kind }) => kind === 'rest');
    if (rest >= 0) return badReading(lockIssue('bow-over-rest', { note: first + rest }, { note: first + rest }));
    locked.push({ from: first, to: last });
    next += bow.notes;
  }
  const signed = bows.reduce(
    (now, { direction }, order) => withMark(now, locked[order]?.from ?? 0, direction ? { bow: direction } : {}),
    brief,
  );
  return goodReading(withLockedBows(signed, [...(brief.rhythm?.lockedBows ?? []).filter(isApartFrom(locked)), ...locked]));
}

/** Replaces the locked bows, in order; the bow signs stay. */
export function withLockedBows(brief: Brief, bows: readonly LockedBow[]): Brief {
  const { lockedBows: _, ...rhythm } = brief.rhythm ?? {};
  const inOrder = bows.toSorted((one, other) => one.from - other.from);
  return { ...brief, rhythm: inOrder.length === 0 ? rhythm : { ...rhythm, lockedBows: inOrder } };
}

function isApartFrom(locked: readonly LockedBow[]): (bow: LockedBow) => boolean {
  const [first, last] = [locked[0]?.from ?? Infinity, locked[locked.length - 1]?.to ?? -Infinity];
  return (bow) => bow.to < first || bow.from > last;
}
