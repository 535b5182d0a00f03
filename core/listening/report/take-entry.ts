import type { EntryOf } from '#core/practice/log';
import { type NoteMiss, voiceOf } from './note-misses.ts';

/** The entry of a take in a log, without what was practised. */
export type TakeEntry = Pick<EntryOf<'take'>, 'tolerance' | 'notes' | 'leftOut' | 'others'>;

/** Writes a take for the log: each note with its distance from the target and its certainty. What is unclear is left out. */
export function takeEntry(misses: readonly NoteMiss[], leftOut: number, toleranceCents: number): TakeEntry {
  const notes = misses.flatMap((miss): TakeEntry['notes'] => {
    const { note, cents, heard, doubtful } = miss;
    if (cents === null || doubtful) return [];
    const voice = voiceOf(miss);
    return [{ note, cents: Math.round(cents), sure: Math.round(100 * heard.confidence) / 100, ...(voice ? { voice } : {}) }];
  });
  const others = new Set(misses.filter(({ heard }) => heard.wrongBy !== 0).map(({ heard }) => heard));
  return { tolerance: toleranceCents, notes, leftOut, others: others.size };
}
