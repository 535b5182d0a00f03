import type { DueNote } from '#core/listening';
import { follow, type Stretch } from './follow.ts';
import { centsOfHz, pitchCosts, sonorityCosts } from './frame-costs.ts';
import { framesOf, type Sound } from './frames.ts';
import type { HeardNote, TakeReading } from './heard.ts';
import { type KnownSounds, NOTHING_KNOWN, withoutKnown } from './known-sounds.ts';
import { onsetsOf } from './onsets.ts';
import { type Begun, LOOKED_AROUND, readNote, type ReadNote } from './read-note.ts';
import { readPair } from './read-pair.ts';

/** Room below the lowest note due, for one that is played too low. */
const ROOM_BELOW = 0.85;

/** Reads a take: its notes, and the voices of its double stops. */
export function readTake(heardSound: Sound, due: readonly DueNote[], known: KnownSounds = NOTHING_KNOWN): TakeReading {
  const lowest = due.reduce((least, { hz }) => Math.min(least, ...hz), Infinity);
  if (!Number.isFinite(lowest)) return { heard: [], leftOut: [] };
  const sound = withoutKnown(heardSound, known);
  const frames = framesOf(sound, lowest * ROOM_BELOW);
  const onsets = onsetsOf(frames);
  const costs = due.some(({ hz }) => hz.length > 1) ? sonorityCosts(sound, frames, due) : pitchCosts(frames, due);
  const stretches = beginnings(follow(costs, onsets, due.map(isLikeBefore)), onsets, due);
  const heard: HeardNote[] = [];
  let cameFrom: number | null = null;
  for (const stretch of stretches) {
    const hz = due[stretch.order]?.hz ?? [];
    const read: ReadNote | null = hz.length > 1 ? readPair(sound, frames, stretch, hz) : readNote(frames, { ...stretch, cameFrom }, centsOfHz(hz[0] ?? 440));
    cameFrom = read?.pitch ?? null;
    if (!read) continue;
    heard.push({ ...read.note, again: heard.some(({ order }) => order === read.note.order) });
  }
  return { heard, leftOut: due.flatMap((_, order) => (heard.some((note) => note.order === order) ? [] : [order])) };
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
