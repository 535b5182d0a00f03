import type { DueNote } from '#core/listening';
import type { HeardNote, TakeReading } from '#core/listening/reading';
import type { SimulatedNote } from '#core/listening/simulated';

/** A note that was played, and what the reader made of it. */
export interface JudgedNote {
  /** Whether it is one of the notes that are given apart: under a quarter of a second, below G2. */
  readonly apart: boolean;
  /** Whether the right note due was found at the right time, or the right wrong note in its place. */
  readonly aligned: boolean;
  /** The real miss, cents. */
  readonly missed: number;
  /** The miss that was read, cents; null where the note was not found. */
  readonly read: number | null;
  /** The time by which its beginning was read too late, seconds; null where it was not found. */
  readonly late: number | null;
}

/** A take with every note judged. */
export interface JudgedTake {
  readonly notes: readonly JudgedNote[];
  /** The notes that were read and that nobody played. */
  readonly invented: number;
}

/** The notes that are given apart: shorter than this, seconds, and below G2, Hz. */
const SHORT = { seconds: 0.25, hz: 97 } as const;

/** The time within which a note that was read is the one that was played, seconds. */
const NEAR = 0.12;

/** Judges a reading against what was really played. */
export function judgedTake(due: readonly DueNote[], played: readonly SimulatedNote[], { heard }: TakeReading): JudgedTake {
  const used = new Set<HeardNote>();
  const notes = played.map((note): JudgedNote => {
    const aim = due[note.order]?.hz[0] ?? 1;
    const missed = 1200 * Math.log2((note.hz[0] ?? 1) / aim) - 100 * note.wrongBy;
    const found = heard.find((other) => !used.has(other) && other.order === note.order && Math.abs(other.at - note.at) < NEAR);
    if (found) used.add(found);
    const isRight = found !== undefined && found.wrongBy === note.wrongBy && found.again === note.again;
    return {
      apart: note.until - note.at < SHORT.seconds && aim < SHORT.hz,
      aligned: isRight,
      missed,
      read: isRight ? found.cents : null,
      late: isRight ? found.at - note.at : null,
    };
  });
  return { notes, invented: heard.filter((note) => !used.has(note)).length };
}
