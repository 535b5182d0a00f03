import type { DueNote, Sound } from '#core/listening';
import { readArrival } from './arrival.ts';
import { follow, type Stretch } from './follow.ts';
import { centsOfHz, pitchCosts, sonorityCosts } from './frame-costs.ts';
import { type Frames, framesOf } from './frames.ts';
import type { HeardNote, TakeReading } from './heard.ts';
import { type KnownSounds, NOTHING_KNOWN, withoutKnown } from '#core/listening/along';
import { onsetsOf } from './onsets.ts';
import { type Begun, LOOKED_AROUND, readNote, type ReadNote } from './read-note.ts';
import { readPair } from './read-pair.ts';

/** Room below the lowest note due, for one that is played too low. */
const ROOM_BELOW = 0.85;

/** Reads a take: its notes, and the voices of its double stops. */
export function readTake(heardSound: Sound, due: readonly DueNote[], known: KnownSounds = NOTHING_KNOWN): TakeReading {
  if (due.length === 0) return { heard: [], leftOut: [], trace: { every: 1, cents: new Float32Array() } };
  const lowest = due.reduce((least, { hz }) => Math.min(least, ...hz), Infinity);
  const sound = withoutKnown(heardSound, known);
  const frames = framesOf(sound, lowest * ROOM_BELOW);
  const onsets = onsetsOf(frames);
  const costs = due.some(({ hz }) => hz.length > 1) ? sonorityCosts(sound, frames, due) : pitchCosts(frames, due);
  const stretches = beginnings(follow(costs, onsets, due.map(isLikeBefore)), onsets, due);
  const heard = readStretches(sound, frames, due, stretches);
  return {
    heard,
    leftOut: due.flatMap((_, order) => (heard.some((note) => note.order === order) ? [] : [order])),
    trace: { every: frames.every, cents: frames.cents },
  };
}

/** Reads the note of each stretch. */
function readStretches(sound: Sound, frames: Frames, due: readonly DueNote[], stretches: readonly Begun[]): readonly HeardNote[] {
  const heard: HeardNote[] = [];
  let cameFrom: number | null = null;
  for (const stretch of stretches) {
    const hz = due[stretch.order]?.hz ?? [];
    const read: ReadNote | null =
      hz.length > 1 ? readPair(sound, frames, stretch, hz) : readNote(frames, { ...stretch, cameFrom }, centsOfHz(hz[0] ?? 440));
    if (read) {
      const arrival = arrivalOf(sound, { due, before: heard.at(-1), oldCents: cameFrom, read });
      heard.push({ ...read.note, arrival, again: heard.some(({ order }) => order === read.note.order) });
    }
    cameFrom = read?.pitch ?? null;
  }
  return heard;
}

/** A note that was read, and the one before it. */
interface After {
  readonly due: readonly DueNote[];
  readonly before: HeardNote | undefined;
  /** The pitch of the note before, cents above A4 at 440 Hz; null for two voices. */
  readonly oldCents: number | null;
  readonly read: ReadNote;
}

/** Reads how a note was reached, where it is reached by a shift within one bow from the note before it. */
function arrivalOf(sound: Sound, { due, before, oldCents, read: { note, pitch } }: After): HeardNote['arrival'] {
  const owed = due[note.order];
  if (!owed?.shift || !owed.slurred || before?.order !== note.order - 1) return null;
  if (note.wrongBy !== 0 || pitch === null || oldCents === null) return null;
  const { at, until } = note;
  return readArrival(sound, { oldCents, aimCents: centsOfHz(owed.hz[0] ?? 440), steadyCents: pitch, at, until });
}

/** Tells whether a note has the very pitches of the one before it. */
function isLikeBefore({ hz }: DueNote, order: number, due: readonly DueNote[]): boolean {
  const before = due[order - 1]?.hz ?? [];
  return hz.length === before.length && hz.every((one, voice) => Math.abs(centsOfHz(one) - centsOfHz(before[voice] ?? 0)) < 50);
}

/** Moves the beginning of each stretch to the beginning of its sound, where one is heard close by and no bow was to go on. */
function beginnings(stretches: readonly Stretch[], onsets: Float32Array, due: readonly DueNote[]): readonly Begun[] {
  const starts = stretches.map(({ from, order }, index) => {
    const goesOn = due[order]?.slurred === true && stretches[index - 1]?.order === order - 1;
    let [best, most] = [-1, goesOn ? 0.9 : 0.2];
    for (let step = -LOOKED_AROUND; step <= LOOKED_AROUND; step += 1) {
      const onset = onsets[from + step] ?? 0;
      if (onset > most) [best, most] = [from + step, onset];
    }
    return best;
  });
  return stretches.map((stretch, index) => {
    const [start = -1, next = -1] = [starts[index], starts[index + 1]];
    const begun = start >= 0;
    return { ...stretch, from: begun ? start : stretch.from, to: next >= 0 ? next : stretch.to, begun };
  });
}
