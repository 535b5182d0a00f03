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
  /** The pairs whose voices hide each other: octaves and unisons. */
  readonly pairs: readonly JudgedPair[];
  /** The notes that were read and that nobody played. */
  readonly invented: number;
}

/** An octave or a unison that was played long enough to beat. */
export interface JudgedPair {
  /** The real distance from the pure interval, cents. */
  readonly missed: number;
  /** The size that was read, cents; null where none was. */
  readonly size: number | null;
  /** The side that was told; null where none was. */
  readonly side: 1 | -1 | null;
}

/** The time that a pair sounds so that it beats, seconds, below G3 and above. */
const BEATS = { hz: 196, below: 1, above: 0.5 } as const;

/** The notes that are given apart: shorter than this, seconds, and below G2, Hz. */
const SHORT = { seconds: 0.25, hz: 97 } as const;

/** The time within which a note that was read is the one that was played, seconds. */
const NEAR = 0.12;

/** Judges a reading against what was really played. */
export function judgedTake(due: readonly DueNote[], played: readonly SimulatedNote[], { heard }: TakeReading): JudgedTake {
  const used = new Set<HeardNote>();
  const pairs: JudgedPair[] = [];
  const notes = played.flatMap((note): readonly JudgedNote[] => {
    const owed = due[note.order];
    const found = heard.find((other) => !used.has(other) && other.order === note.order && Math.abs(other.at - note.at) < NEAR);
    if (found) used.add(found);
    const isRight = found !== undefined && found.wrongBy === note.wrongBy && found.again === note.again;
    if (owed && isHidden(owed) && owed.seconds >= (Math.min(...owed.hz) > BEATS.hz ? BEATS.above : BEATS.below))
      pairs.push(judgedPair(note, isRight ? found : null));
    return note.hz.map((hz, voice) => {
      const aim = owed?.hz[voice] ?? 1;
      return {
        apart: note.until - note.at < SHORT.seconds && aim < SHORT.hz,
        aligned: isRight,
        missed: 1200 * Math.log2(hz / aim) - 100 * note.wrongBy,
        read: isRight ? (found.voices[voice]?.cents ?? null) : null,
        late: isRight ? found.at - note.at : null,
      };
    });
  });
  return { notes, pairs, invented: heard.filter((note) => !used.has(note)).length };
}

/** Gives the interval of two sounds, cents. */
function intervalOf([one = 1, other = 1]: readonly number[]): number {
  return Math.abs(1200 * Math.log2(other / one));
}

/** Tells whether a double stop is an octave or a unison. */
function isHidden({ hz }: DueNote): boolean {
  const apart = intervalOf(hz);
  return hz.length > 1 && Math.abs(apart - 1200 * Math.round(apart / 1200)) < 40;
}

function judgedPair({ hz }: SimulatedNote, found: HeardNote | null): JudgedPair {
  const apart = intervalOf(hz);
  const { interval = null } = found ?? {};
  const read = interval?.by === 'beats' ? interval : null;
  return { missed: apart - 1200 * Math.round(apart / 1200), size: read?.size ?? null, side: read?.side ?? null };
}
