import { asNumber } from '#core/fraction';
import { isGrace, type Line } from './line.ts';

/** When an element of a line sounds, in whole notes. */
export interface SoundingTime {
  /** From the beginning of the line. */
  readonly onset: number;
  /** How long. */
  readonly length: number;
}

/** A small note takes a 32nd of the note it leads to, or as much as leaves that note half its own time. */
const GRACE = { longest: 1 / 32, mostShare: 0.5 } as const;

/**
 * When each note and rest of a line sounds. Small notes take their time from the note they lead to, on its beat; everything
 * else sounds as it is written.
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
    const each = graces === 0 ? 0 : Math.min(GRACE.longest, (GRACE.mostShare * length) / graces);
    for (let before = 0; before < graces; before += 1) times[index - graces + before] = { onset: onset + before * each, length: each };
    times[index] = { onset: onset + graces * each, length: length - graces * each };
    graces = 0;
  }
  return times;
}
