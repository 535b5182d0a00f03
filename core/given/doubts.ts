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
  /** A string on which the finger does not reach the note; on these it does. */
  | { readonly kind: 'string'; readonly note: number; readonly string: StringNumber; readonly could: readonly StringNumber[] }
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
    if (placements.length > 0)
      return { given, order, lock, placements, doubt: doubts === null ? null : doubtOf(task, given, doubts, placements) };
  }
  return { given, order, lock: null, placements: [], doubt: doubtOf(task, given, 'finger', every) };
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
  const bare = { ...whole, finger: null, upperFinger: null, topFinger: null };
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
function lockOf({ instrument, hand }: Task, { string, finger, upperFinger, topFinger, position }: GivenFinger): NoteLock {
  return {
    stringIndex: string === undefined ? null : stringIndexOf(instrument, string),
    finger: finger ?? null,
    upperFinger: upperFinger ?? null,
    topFinger: topFinger ?? null,
    position: position !== undefined && hand.positionLabels.includes(position) ? position : null,
  };
}

function doubtOf(task: Task, given: GivenFinger, kind: Doubt['kind'], placements: readonly Placement[]): Doubt | null {
  const { note, finger, string, position } = given;
  const stringIndex = string === undefined ? null : stringIndexOf(task.instrument, string);
  switch (kind) {
    case 'finger':
      return finger === undefined
        ? null
        : { kind, note, finger, could: distinct(placements.map((placement) => placement.finger)).toSorted() };
    case 'string': {
      if (stringIndex === null) return null;
      const could = distinct(placements.flatMap((placement) => soundingIn(placement)[0]?.stringIndex ?? []));
      return {
        kind,
        note,
        string: stringOf(task.instrument, stringIndex).number,
        could: could.map((index) => stringOf(task.instrument, index).number),
      };
    }
    case 'position':
      return position === undefined ? null : { kind, note, label: position, could: distinct(placements.flatMap(labels(task))) };
  }
}

function labels({ hand }: Task): (placement: Placement) => readonly string[] {
  return (placement) => hand.labelsOf(placement).slice(0, 1);
}

function distinct<Item>(items: readonly Item[]): readonly Item[] {
  return [...new Set(items)];
}
