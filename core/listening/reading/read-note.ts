import { middleOf } from '#core/listening';
import type { Stretch } from './follow.ts';
import type { Frames } from './frames.ts';
import type { HeardNote } from './heard.ts';
import { steadyPitch } from './steady-pitch.ts';

/** A stretch with what decides where its note begins. */
export interface Begun extends Stretch {
  /** Whether the beginning of a sound is heard at its own; otherwise the pitch moves into it. */
  readonly begun: boolean;
}

/** The stretch of a note of one voice. */
interface NoteStretch extends Begun {
  /** The pitch of the note before, cents above A4 at 440 Hz; null for the first, and after two voices. */
  readonly cameFrom: number | null;
}

/** A note that was read. */
export interface ReadNote {
  readonly note: Omit<HeardNote, 'again'>;
  /** The pitch, cents above A4 at 440 Hz; null for two voices. */
  readonly pitch: number | null;
}

/** The frames around the beginning of a stretch in which a beginning is looked for. */
export const LOOKED_AROUND = 9;

/** The time at either end of a note that belongs to its beginning and its end, seconds, and the most of it as a share. */
const EDGE = { seconds: 0.05, share: 0.25 } as const;

/** The frames that a note needs, and the distance from their middle at which a frame is no part of it, cents. */
const FEWEST = 4;
const PART_OF_IT = 70;

/** The distance from which another note was played, cents. */
const ANOTHER = 65;

/** The furthest a wrong note lies from the one due, semitones: what is further is no note of the line. */
const FURTHEST_WRONG = 14;

/** Reads a note of one voice, and its pitch in cents above A4 at 440 Hz; null where nothing is heard in it. */
export function readNote(frames: Frames, { order, from, to, begun, cameFrom }: NoteStretch, aim: number): ReadNote | null {
  const { cents, clarity, decibels, every, window } = frames;
  const sounding = [...cents.subarray(from, to).keys()].map((step) => from + step).filter((frame) => !Number.isNaN(cents[frame] ?? NaN));
  if (sounding.length < FEWEST) return null;
  const loudest = sounding.reduce((most, frame) => Math.max(most, decibels[frame] ?? -120), -120);
  const bowed = sounding.filter((frame) => (decibels[frame] ?? -120) > loudest - 12);
  const [first = from, last = to] = [bowed[0], bowed.at(-1)];
  const length = (last - first) * every;
  const edge = Math.max(Math.min(EDGE.seconds, EDGE.share * length), Math.min(window / 2, 0.35 * length)) / every;
  const inner = bowed.filter((frame) => frame >= first + edge && frame <= last - edge);
  const judged = inner.length >= FEWEST ? inner : bowed;
  const middle = middleOf(judged.map((frame) => cents[frame] ?? 0));
  const kept = judged.filter((frame) => Math.abs((cents[frame] ?? 0) - middle) < PART_OF_IT);
  const pitch = steadyPitch(
    kept.map((frame) => frame * every),
    kept.map((frame) => cents[frame] ?? 0),
  );
  const off = foldedOctave(pitch.centre - aim);
  const wrongBy = Math.abs(off) < ANOTHER ? 0 : Math.round(off / 100);
  if (Math.abs(wrongBy) > FURTHEST_WRONG) return null;
  const clear = kept.reduce((sum, frame) => sum + (clarity[frame] ?? 0), 0) / kept.length;
  const note = {
    order,
    at: (begun ? from - SPEAKS_FOR : arrivalOf(frames, { from, last, pitch: middle, cameFrom })) * every,
    until: (last + 1) * every,
    wrongBy,
    voices: [{ cents: off - 100 * wrongBy, vibrato: pitch.vibrato, drift: pitch.drift, track: null }],
    interval: null,
    arrival: null,
    confidence: Math.max(0, Math.min(1, ((kept.length / judged.length) * (clear - 0.5)) / 0.45)),
  };
  return { note, pitch: middle };
}

/** The frames for which a sound has spoken already when it grows most. */
export const SPEAKS_FOR = 1;

/** The distance from its steady pitch within which a note has arrived, cents, and the frames for which it stays there. */
const ARRIVED_WITHIN = 30;
const STAYS_FOR = 3;

/** The distance from its goal at which a slide has not ended, and the least by which it comes nearer in a frame, cents. */
const SLIDES_FROM = 8;
const SLIDES_BY = 1;

/** A way into a note without a beginning of its own: frames, and pitches in cents above A4 at 440 Hz. */
interface WayIn {
  readonly from: number;
  readonly last: number;
  readonly pitch: number;
  readonly cameFrom: number | null;
}

/**
 * Finds the moment, in frames, in which a note that is reached in a slur or a slide arrives at its pitch. Where the pitch leaps, each frame
 * hears the note before for half its length, so the leap lies in the middle of what is neither; a slide arrives when its pitch does.
 */
function arrivalOf({ cents, window, every }: Frames, { from, last, pitch, cameFrom }: WayIn): number {
  const isAt = (frame: number, there: number): boolean => Math.abs((cents[frame] ?? NaN) - there) < ARRIVED_WITHIN;
  const staysFrom = (frame: number): boolean => Array.from({ length: STAYS_FOR }).every((_, step) => isAt(frame + step, pitch));
  let arrival = Math.max(0, from - LOOKED_AROUND);
  while (arrival < last && !staysFrom(arrival)) arrival += 1;
  if (arrival >= last) return from;
  if (cameFrom === null) return arrival;
  const leap = Math.ceil(window / every) + 1;
  for (let back = 1; back <= leap; back += 1) if (isAt(arrival - back, cameFrom)) return arrival - back / 2;
  const off = (frame: number): number => Math.abs((cents[frame] ?? pitch) - pitch);
  const slidesOnAt = (frame: number): boolean => off(frame) > SLIDES_FROM && off(frame + 1) < off(frame) - SLIDES_BY;
  while (arrival < last && slidesOnAt(arrival)) arrival += 1;
  return arrival;
}

/** Takes an octave away that the reader has taken for another. */
function foldedOctave(off: number): number {
  const octaves = Math.round(off / 1200);
  return octaves !== 0 && Math.abs(off - 1200 * octaves) < ANOTHER ? off - 1200 * octaves : off;
}
