import type { Lock } from './schema.ts';
import type { PlannedSound } from './types.ts';

/** The lock that fixes a note as it is fingered. */
export function lockOf(note: number, { stops: [lower, upper] }: PlannedSound): Lock {
  return { note, string: lower.open, finger: lower.finger, ...(upper ? { upperFinger: upper.finger } : {}) };
}
