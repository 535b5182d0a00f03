import { loudnessOf } from '#core/listening';
import { pitchFinder } from '#core/listening/reading';
import { FRAME, isBurst, meanOf, RINGS_FOR } from './bursts.ts';

/** The state on a music stand: nobody plays, a try is under way, or it has just ended. */
export interface StandNow {
  readonly state: 'waiting' | 'playing' | 'over';
  /** The beginning of the try, seconds since the ear was made, with a little more before it; 0 while nobody plays. */
  readonly from: number;
  /** The end of the try, seconds, with a little more after it. */
  readonly until: number;
  /** Whether the second of two claps has just been heard. */
  readonly clapped: boolean;
}

/** The state where nothing has been heard. */
export const NOTHING_HEARD: StandNow = { state: 'waiting', from: 0, until: 0, clapped: false };

/** An ear that hears what is played on a music stand, part by part. */
export interface StandEar {
  /** Hears the next samples, −1 … 1, and tells what goes on now. */
  readonly hear: (samples: Float32Array) => StandNow;
}

/** The circumstances of an ear. */
export interface StandHearing {
  /** The samples a second. */
  readonly sampleRate: number;
  /** The silence after which a try is over, seconds: longer than any rest in the line. */
  readonly pause: number;
  /** The time at the beginning in which the model sounds, and nothing is heard, seconds. */
  readonly deaf: number;
}

/** The sound of a short time, in frames. */
interface Frames {
  /** The loudness of each frame; 0 while the model sounds. */
  loudness: number[];
  /** The same as a part of a try: ignored while the model sounds, and while claps ring. */
  played: number[];
  /** The frame, counted from the first of all, before which everything is ignored. */
  ignoredUntil: number;
  /** The number of frames that were forgotten before the first. */
  forgotten: number;
  /** The next frame at which a burst may begin. */
  looked: number;
  /** The frame in which the last clap began; null for none. */
  clap: number | null;
}

/** The loudness below which nothing sounds, 0 … 1, and how much louder than the quietest moment a sound is. */
const SOUNDS_FROM = 0.004;
const OVER_QUIETEST = 2.2;

/** The loudness of a frame that is not listened to: under the model, and while claps ring. It is neither sound nor silence. */
const IGNORED = -1;

/** The frames in which the quietest moment is looked for. */
const QUIET_FRAMES = 30;

/** The shortest sound that is a note, and the gap that does not end it, in frames. */
const SHORTEST = 15;
const GAP = 6;

/** The sound that a try takes along on either side, in frames. */
const MARGIN = 50;

/** The frames between two claps. */
const CLAPS_APART = { least: 12, most: 90 } as const;

/** The clarity below which a burst has no pitch, and the samples in which that is seen. */
const PITCHED_FROM = 0.7;
const LOOKED_AT = 2048;
const LOWEST_HZ = 60;

/** The longest try, in frames: ten minutes. And the frames that are remembered while nobody plays. */
const LONGEST = 60_000;
const WAITS_WITH = 500;

/**
 * Makes an ear for a music stand. A try lasts from silence to silence: what sounds longer than a click, well above the quietest moment, so
 * that a drone or a fan is silence too. Two bursts without a pitch, one soon after the other, are claps.
 */
export function standEar({ sampleRate, pause, deaf }: StandHearing): StandEar {
  const size = Math.round(FRAME * sampleRate);
  const findPitch = pitchFinder(LOOKED_AT, sampleRate, LOWEST_HZ);
  const frames: Frames = { loudness: [], played: [], ignoredUntil: deaf / FRAME, forgotten: 0, looked: 0, clap: null };
  // The sound of the frames in which a burst may still be looked at.
  let kept = new Float32Array();
  const hasPitch = (frame: number): boolean => {
    const first = kept.length - (frames.loudness.length - frame) * size;
    const part = kept.subarray(Math.max(0, first), Math.max(0, first) + LOOKED_AT);
    return part.length === LOOKED_AT && findPitch(part).clarity >= PITCHED_FROM;
  };
  let rest = new Float32Array();
  return {
    hear: (samples) => {
      const sound = joinSounds(rest, samples);
      const count = Math.floor(sound.length / size);
      rest = sound.slice(count * size);
      for (let frame = 0; frame < count; frame += 1) {
        const at = frames.loudness.length + frames.forgotten;
        const loudness = at * FRAME < deaf ? 0 : loudnessOf(sound.subarray(frame * size, (frame + 1) * size));
        frames.loudness.push(loudness);
        frames.played.push(at < frames.ignoredUntil ? IGNORED : loudness);
      }
      kept = joinSounds(kept, sound.subarray(0, count * size)).slice(-(LOOKED_AT + KEPT_FRAMES * size));
      const clapped = hearClaps(frames, hasPitch);
      return { ...tryIn(frames, pause), clapped };
    },
  };
}

/** The frames whose sound is kept. */
const KEPT_FRAMES = 60;

function joinSounds(before: Float32Array, after: Float32Array): Float32Array<ArrayBuffer> {
  const both = new Float32Array(before.length + after.length);
  both.set(before);
  both.set(after, before.length);
  return both;
}

/** Looks for claps in the frames that were not looked at yet, and takes them out; true where the second of two is heard. */
function hearClaps(frames: Frames, hasPitch: (frame: number) => boolean): boolean {
  let isSecond = false;
  while (frames.looked < frames.loudness.length) {
    const at = frames.looked;
    const burst = isBurst(frames.loudness, at);
    if (burst === undefined) return isSecond;
    frames.looked = at + 1;
    if (!burst || hasPitch(at)) continue;
    const apart = frames.clap === null ? Infinity : at - frames.clap;
    const isPair = apart >= CLAPS_APART.least && apart <= CLAPS_APART.most;
    isSecond ||= isPair;
    frames.clap = isPair ? null : at;
    // The claps are no part of a try, nor is the room that rings after them.
    frames.played.fill(IGNORED, Math.max(0, at - 1), at + RINGS_FOR);
    frames.ignoredUntil = at + frames.forgotten + RINGS_FOR;
    frames.looked = at + CLAPS_APART.least;
  }
  return isSecond;
}

/** Finds the try in the frames; one that is over is forgotten after it has been told. */
function tryIn(frames: Frames, pause: number): Omit<StandNow, 'clapped'> {
  const { played, forgotten } = frames;
  const limit = Math.max(SOUNDS_FROM, OVER_QUIETEST * quietestOf(played));
  const [first, last] = ends(played, limit);
  if (first === null || last === null) {
    if (played.length > 2 * WAITS_WITH) forget(frames, played.length - WAITS_WITH);
    return { state: 'waiting', from: 0, until: 0 };
  }
  const isOver = (played.length - last) * FRAME >= pause || played.length > LONGEST;
  const from = (forgotten + Math.max(0, first - MARGIN)) * FRAME;
  const until = (forgotten + Math.min(played.length, last + MARGIN)) * FRAME;
  if (isOver) forget(frames, last + GAP);
  return { state: isOver ? 'over' : 'playing', from, until };
}

/** Forgets the frames before one of them. */
function forget(frames: Frames, before: number): void {
  frames.loudness = frames.loudness.slice(before);
  frames.played = frames.played.slice(before);
  frames.forgotten += before;
  frames.looked = Math.max(0, frames.looked - before);
  if (frames.clap !== null) frames.clap -= before;
}

/** Gives the loudness of the quietest moment that is listened to. */
function quietestOf(played: readonly number[]): number {
  let quietest = Infinity;
  for (let frame = 0; frame + QUIET_FRAMES <= played.length; frame += QUIET_FRAMES / 2) {
    const isHeard = !played.slice(frame, frame + QUIET_FRAMES).includes(IGNORED);
    if (isHeard) quietest = Math.min(quietest, meanOf(played, frame, frame + QUIET_FRAMES));
  }
  return quietest === Infinity ? 0 : quietest;
}

/** Finds the first frame of the first note, and the one after the last; null where there is no note. */
function ends(played: readonly number[], limit: number): readonly [number | null, number | null] {
  let [first, last, begun, sounded]: [number | null, number | null, number, number] = [null, null, 0, -Infinity];
  for (const [frame, value] of played.entries()) {
    if (value < limit) continue;
    if (frame - sounded > GAP) begun = frame;
    sounded = frame;
    if (frame - begun + 1 < SHORTEST) continue;
    first ??= begun;
    last = frame + 1;
  }
  return [first, last];
}
