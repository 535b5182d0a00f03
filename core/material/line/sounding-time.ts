import { asNumber } from '#core/fraction';
import { isGrace, type Line } from './line.ts';

/** The time at which an element of a line sounds, in whole notes. */
export interface SoundingTime {
  /** The onset, from the beginning of the line. */
  readonly onset: number;
  /** The time for which it sounds. */
  readonly length: number;
}

/** The share of a grace note: a 32nd of the note it leads to, or as much as leaves that note half its own time. */
const GRACE = { longest: 1 / 32, mostShare: 0.5 } as const;

/**
 * Gives the time at which each note and rest of a line sounds. Grace notes take their time from the note they lead to, on its beat;
 * everything else sounds as it is written.
 */
export function soundingTimes({ notes }: Line): readonly SoundingTime[] {
  const times: SoundingTime[] = [];
  let graces = 0;
  for (const [index, note] of notes.entries()) {
    if (isGrace(note)) {
      graces += 1;
      continue;
    }
    const [onset, length] = [asNumber(note.onset), asNumber(note.duration)];
    const graceLength = graces === 0 ? 0 : Math.min(GRACE.longest, (GRACE.mostShare * length) / graces);
    for (let before = 0; before < graces; before += 1)
      times[index - graces + before] = { onset: onset + before * graceLength, length: graceLength };
    times[index] = { onset: onset + graces * graceLength, length: length - graces * graceLength };
    graces = 0;
  }
  return times;
}
