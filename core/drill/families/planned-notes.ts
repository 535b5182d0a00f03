import type { Brief } from '#core/brief';
import { formatKey, type Key } from '#core/key';
import { type DrillFor, type DrillNote, noteOfPlan } from '#core/drill';
import { bestOn, soundsOf } from './from-the-key.ts';

/** A line that the engine fingers. */
interface Unfingered {
  readonly key: Key;
  /** The pitches one after the other, documents' form. */
  readonly pitches: readonly string[];
  /** The length of each, as a share of a whole note. */
  readonly duration: string;
  readonly limits: NonNullable<Brief['limits']>;
}

/** Fingers notes within limits; null where no hand is found. */
export function plannedNotes(player: DrillFor, { key, pitches, duration, limits }: Unfingered): readonly DrillNote[] | null {
  const notes = pitches.map((pitch) => ({ pitches: [pitch], duration }));
  const best = bestOn(player, { kind: 'line', key: formatKey(key), notes }, limits);
  return best && soundsOf(best).map((note) => noteOfPlan(note, duration));
}
