import { type DueNote, middleOf } from '#core/listening';
import type { HeardNote, TakeReading } from '#core/listening/reading';
import { isThisLine, type NoteMiss, voiceOf } from '#core/listening/report';
import type { Voice } from '#core/practice/ladder';

/** The fault of a note of a try: its pitch, another note in its place, left out, begun again, or late. */
export type TryFault = 'flat' | 'sharp' | 'another note' | 'left out' | 'again' | 'late';

/** The judgement on a try that was heard: clean, missed at a note, or too little of the line was heard to say. */
export type JudgedTry =
  | { readonly judged: 'clean' | 'unclear' }
  | {
      readonly judged: 'missed';
      readonly fault: TryFault;
      /** The line index. */
      readonly note: number;
      /** The voice of a double stop; null for a single note, and for both. */
      readonly voice: Voice | null;
      /** The distance from its place, cents, sharp positive; null where that is not the fault. */
      readonly cents: number | null;
    };

/** The share of the notes that must be heard clearly before a try is called clean. */
const CLEAR_SHARE = 0.6;

/**
 * Judges a try by what was heard of it, against a tolerance that its misses know: a note that is left out, another one, or one begun again
 * spoils it first, the earliest of these; then the note that lies furthest out. Nothing is said of notes that are unclear.
 */
export function judgeTry(due: readonly DueNote[], reading: TakeReading, misses: readonly NoteMiss[]): JudgedTry {
  if (!isThisLine(due, reading, misses)) return { judged: 'unclear' };
  const played = clearlyPlayed(misses);
  const slip = firstSlip(due, reading, played);
  if (slip) return slip;
  const clear = played.filter(({ cents }) => cents !== null);
  const worst = clear.reduce<NoteMiss | null>((most, miss) => (Math.abs(miss.cents ?? 0) > Math.abs(most?.cents ?? 0) ? miss : most), null);
  if (worst?.side === 'flat' || worst?.side === 'sharp')
    return { judged: 'missed', fault: worst.side, note: worst.note, voice: voiceOf(worst), cents: worst.cents };
  return { judged: clear.length < CLEAR_SHARE * due.length ? 'unclear' : 'clean' };
}

/** A note of the line that was not played as it stands there, by its order among the notes due. */
interface Slip {
  readonly order: number;
  readonly fault: TryFault;
}

/** Finds the first note of the line that was left out, begun again, or replaced by another. */
function firstSlip(due: readonly DueNote[], { leftOut }: TakeReading, played: readonly NoteMiss[]): JudgedTry | null {
  const missing = leftOut.filter((order) => !isLikeNeighbour(due, order));
  const slips = [...missing.map((order): Slip => ({ order, fault: 'left out' })), ...slipsHeard(played)];
  const [first] = slips.toSorted((one, other) => one.order - other.order);
  const owed = first && due[first.order];
  return owed ? { judged: 'missed', fault: first.fault, note: owed.note, voice: null, cents: null } : null;
}

/** Tells whether the note before or after has the very pitches of a note: then it is not sure which of them was left out, or any. */
function isLikeNeighbour(due: readonly DueNote[], order: number): boolean {
  const own = due[order]?.hz.join();
  return own === due[order - 1]?.hz.join() || own === due[order + 1]?.hz.join();
}

/**
 * Leaves out what is no part of the line as it went: unclear notes, and of a note that is read several times on end all but the longest,
 * since a click of the metronome is easily taken for a new beginning.
 */
function clearlyPlayed(misses: readonly NoteMiss[]): readonly NoteMiss[] {
  const heard = [...new Set(misses.map((miss) => miss.heard))];
  const isShorter = (one: HeardNote, other: HeardNote | undefined): boolean =>
    other?.order === one.order && other.until - other.at > one.until - one.at;
  const shorter = new Set(heard.filter((one, place) => isShorter(one, heard[place - 1]) || isShorter(one, heard[place + 1])));
  return misses.filter((miss) => !miss.doubtful && !shorter.has(miss.heard));
}

/** Lists the notes that were another, and those to which the player went back. */
function slipsHeard(played: readonly NoteMiss[]): readonly Slip[] {
  let furthest = -1;
  return played.flatMap(({ heard: { order, again, wrongBy } }): readonly Slip[] => {
    const goesBack = again && order < furthest;
    furthest = Math.max(furthest, order);
    if (wrongBy !== 0) return [{ order, fault: 'another note' }];
    return goesBack ? [{ order, fault: 'again' }] : [];
  });
}

/** The lateness from which a note is late: as a share of the length of the note before it, and in seconds, which a reading may be off. */
const LATE_FROM = { share: 0.35, seconds: 0.08 } as const;

/** The fewest notes whose lengths tell how fast it was played. */
const FEWEST_GAPS = 2;

/** Finds the first note that comes late against the others, at whatever tempo they were played; null for none, and where too few tell. */
export function lateNote(due: readonly DueNote[], { heard }: TakeReading): number | null {
  const gaps = heard.flatMap(
    ({ order, at }, index): readonly { readonly note: number; readonly seconds: number; readonly due: number }[] => {
      const [before, owed, last] = [heard[index - 1], due[order], due[order - 1]];
      return before?.order === order - 1 && owed && last ? [{ note: owed.note, seconds: at - before.at, due: owed.at - last.at }] : [];
    },
  );
  if (gaps.length < FEWEST_GAPS) return null;
  const pace = middleOf(gaps.map((gap) => gap.seconds / gap.due));
  const late = gaps.find((gap) => {
    const expected = pace * gap.due;
    return gap.seconds > (1 + LATE_FROM.share) * expected && gap.seconds > expected + LATE_FROM.seconds;
  });
  return late?.note ?? null;
}
