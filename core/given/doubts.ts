import type { GivenFinger, Task } from '#core/brief';
import type { NoteLock } from '#core/brief/parts/limits';
import { stringIndexOf } from '#core/brief/parts/limits';
import { type Finger, type Placement, soundingIn } from '#core/hand/placement';
import { type StringNumber, stringOf } from '#core/instrument';
import { keepsLock, withinReach } from '#core/search/candidates';
import { placementsOfNote } from '#core/solve';

/** A sign in a fingering that fits no hand at its note, so that it is likely a misprint; note is a line index. */
export type Doubt =
  /** A finger that reaches the note on no string; these do. */
  | { readonly kind: 'finger'; readonly note: number; readonly finger: Finger; readonly could: readonly Finger[] }
  /** A finger and a string that do not go together: with the finger it could be these strings, on the string these fingers. */
  | {
      readonly kind: 'string';
      readonly note: number;
      readonly finger: Finger;
      readonly string: StringNumber;
      readonly could: readonly StringNumber[];
      readonly fingers: readonly Finger[];
    }
  /** A position in which the note does not lie so; in these it does. */
  | { readonly kind: 'position'; readonly note: number; readonly label: string; readonly could: readonly string[] };

/** One note of a given fingering, read. */
export interface ReadFinger {
  /** The entry of the fingering. */
  readonly given: GivenFinger;
  /** The order among the sounding notes. */
  readonly order: number;
  /** The part of it that a hand can play; null where that is nothing. */
  readonly lock: NoteLock | null;
  /** The lock in which the finger is left out and its string is kept, where the two do not go together; null elsewhere. */
  readonly otherLock: NoteLock | null;
  /** The placements that play it so. */
  readonly placements: readonly Placement[];
  /** The sign that fits no hand; null where all fit. */
  readonly doubt: Doubt | null;
}

const NO_LOCK: NoteLock = { stringIndex: null, finger: null, upperFinger: null, topFinger: null, position: null };

/** Reads one note of a fingering: keeps of it as much as some hand can play at that note, and doubts the least that it has to. */
export function readFinger(task: Task, given: GivenFinger, order: number): ReadFinger {
  const every = placementsOfNote(task, order).filter((placement) => withinReach(task, placement));
  const playing = (lock: NoteLock): readonly Placement[] => every.filter((placement) => keepsLock(task.hand, placement, lock));
  for (const { lock, doubts } of readings(task, given)) {
    const placements = playing(lock);
    if (placements.length === 0) continue;
    const otherLock = doubts === 'string' ? withoutFingers({ ...lockOf(task, given), position: null }) : null;
    const there = otherLock ? playing(otherLock) : [];
    return {
      given,
      order,
      lock,
      otherLock: there.length > 0 ? otherLock : null,
      placements,
      doubt: doubts === null ? null : doubtOf(task, given, doubts, { placements, there }),
    };
  }
  return {
    given,
    order,
    lock: null,
    otherLock: null,
    placements: [],
    doubt: doubtOf(task, given, 'finger', { placements: every, there: [] }),
  };
}

/** One way to take an entry, and the part of it that is then doubted; null for none. */
interface Taken {
  readonly lock: NoteLock;
  readonly doubts: Doubt['kind'] | null;
}

/** Lists the ways to take an entry, from all of it down; the other finger it gives comes before a doubt. */
function readings(task: Task, given: GivenFinger): readonly Taken[] {
  const whole = lockOf(task, given);
  const other = given.alternate === undefined ? [] : [{ ...whole, finger: given.alternate, upperFinger: null, topFinger: null }];
  const bare = withoutFingers(whole);
  const isKnown = given.position === undefined || whole.position !== null;
  const doubtful: readonly Taken[] = [
    { lock: { ...whole, position: null }, doubts: given.position === undefined ? null : 'position' },
    { lock: { ...whole, position: null, stringIndex: null }, doubts: 'string' },
    { lock: bare, doubts: 'finger' },
    { lock: { ...bare, position: null }, doubts: 'finger' },
    { lock: NO_LOCK, doubts: 'finger' },
  ];
  return [...(isKnown ? [whole, ...other] : []).map((lock) => ({ lock, doubts: null })), ...doubtful];
}

/** Turns an entry into a lock; a string or a position that instrument and hand do not have is left out. */
export function lockOf(
  { instrument, hand }: Pick<Task, 'instrument' | 'hand'>,
  { string, finger, upperFinger, topFinger, position }: GivenFinger,
): NoteLock {
  return {
    stringIndex: string === undefined ? null : stringIndexOf(instrument, string),
    finger: finger ?? null,
    upperFinger: upperFinger ?? null,
    topFinger: topFinger ?? null,
    position: position !== undefined && hand.positionLabels.includes(position) ? position : null,
  };
}

function withoutFingers(lock: NoteLock): NoteLock {
  return { ...lock, finger: null, upperFinger: null, topFinger: null };
}

/** The placements that are left where something is doubted: without it, and on the string that was written. */
interface Left {
  readonly placements: readonly Placement[];
  readonly there: readonly Placement[];
}

function doubtOf(task: Task, given: GivenFinger, kind: Doubt['kind'], { placements, there }: Left): Doubt | null {
  const { note, finger, string, position } = given;
  const stringIndex = string === undefined ? null : stringIndexOf(task.instrument, string);
  switch (kind) {
    case 'finger':
      return finger === undefined ? null : { kind, note, finger, could: fingersIn(placements) };
    case 'string': {
      if (stringIndex === null || finger === undefined) return null;
      const could = distinct(placements.flatMap((placement) => soundingIn(placement)[0]?.stringIndex ?? []));
      return {
        kind,
        note,
        finger,
        string: stringOf(task.instrument, stringIndex).number,
        could: could.map((index) => stringOf(task.instrument, index).number),
        fingers: fingersIn(there),
      };
    }
    case 'position':
      return position === undefined ? null : { kind, note, label: position, could: distinct(placements.flatMap(labels(task))) };
  }
}

function fingersIn(placements: readonly Placement[]): readonly Finger[] {
  return distinct(placements.map(({ finger }) => finger)).toSorted();
}

function labels({ hand }: Task): (placement: Placement) => readonly string[] {
  return (placement) => hand.labelsOf(placement).slice(0, 1);
}

function distinct<Item>(items: readonly Item[]): readonly Item[] {
  return [...new Set(items)];
}
