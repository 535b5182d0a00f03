import type { Sound } from '#core/listening';
import { heardPair, likenessOf, type VoiceTrack } from '#core/listening/voices';
import type { Frames } from './frames.ts';
import { type Begun, type ReadNote, SPEAKS_FOR } from './read-note.ts';

/** The time at either end of a double stop that belongs to its beginning and its end, seconds, and the most of it as a share. */
const EDGE = { seconds: 0.06, share: 0.2 } as const;

/** The frames that a double stop needs. */
const FEWEST = 8;

/** The semitones by which both fingers may be wrong together, and by how much more a wrong double stop is like what sounds. */
const WRONG_BY = [-3, -2, -1, 0, 1, 2, 3];
const CLEARLY_LIKE = 0.06;

/** The likeness to what is due at which nothing is sure, and the one from which all is. */
const UNLIKE = 0.5;
const ALIKE = 0.68;

/** Reads the two voices of a double stop; null where nothing is heard in its stretch. */
export function readPair(sound: Sound, frames: Frames, { order, from, to, begun }: Begun, hz: readonly number[]): ReadNote | null {
  const { decibels, every, heard } = frames;
  const sounding = [...heard.subarray(from, to).keys()].map((step) => from + step).filter((frame) => heard[frame] === 1);
  const loudest = sounding.reduce((most, frame) => Math.max(most, decibels[frame] ?? -120), -120);
  const bowed = sounding.filter((frame) => (decibels[frame] ?? -120) > loudest - 12);
  const [first = from, last = to] = [bowed[0], bowed.at(-1)];
  if (bowed.length < FEWEST) return null;
  const length = (last + 1 - first) * every;
  const edge = Math.min(EDGE.seconds, EDGE.share * length);
  const [begins, ends] = [first * every + edge, (last + 1) * every - edge];
  const { wrongBy, likeness } = bestShift(sound, (begins + ends) / 2, hz);
  const part = {
    samples: sound.samples.subarray(Math.round(begins * sound.sampleRate), Math.round(ends * sound.sampleRate)),
    sampleRate: sound.sampleRate,
  };
  const [one = 440, other = 440] = hz.map((aim) => aim * 2 ** (wrongBy / 12));
  const { cents, tracks, interval } = heardPair(part, [one, other]);
  return {
    pitch: null,
    note: {
      order,
      at: (begun ? from - SPEAKS_FOR : from) * every,
      until: (last + 1) * every,
      wrongBy,
      voices: cents.map((value, voice) => ({ cents: value, vibrato: 0, drift: 0, track: laterBy(begins, tracks[voice] ?? null) })),
      interval,
      arrival: null,
      confidence: Math.max(0, Math.min(1, (likeness - UNLIKE) / (ALIKE - UNLIKE))),
    },
  };
}

/** Moves a track to a later time, seconds. */
function laterBy(seconds: number, track: VoiceTrack | null): VoiceTrack | null {
  return track && { ...track, times: track.times.map((time) => time + seconds) };
}

/** Finds by how many semitones both voices are other notes than those due, at a time in seconds. */
function bestShift(sound: Sound, time: number, hz: readonly number[]): { readonly wrongBy: number; readonly likeness: number } {
  const sonorities = WRONG_BY.map((semitones) => hz.map((one) => one * 2 ** (semitones / 12)));
  const likeness = likenessOf(sound, { sonorities, times: [time] });
  const due = likeness[WRONG_BY.indexOf(0)] ?? 0;
  let best = { wrongBy: 0, likeness: due };
  for (const [order, wrongBy] of WRONG_BY.entries()) {
    const value = likeness[order] ?? 0;
    if (value > due + CLEARLY_LIKE && value > best.likeness) best = { wrongBy, likeness: value };
  }
  return best;
}
