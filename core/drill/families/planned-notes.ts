import type { Brief } from '#core/brief';
import { formatKey, type Key } from '#core/key';
import { type DrillFor, type DrillNote, noteOfPlan } from '#core/drill';
import { bestOn, soundsOf } from './from-the-key.ts';

/** A line that the engine fingers. */
interface Unfingered {
  readonly key: Key;
  /** One after the other, documents' form. */
  readonly pitches: readonly string[];
  /** Of each, of a whole note. */
  readonly duration: string;
  readonly limits: NonNullable<Brief['limits']>;
}

/** Notes as the engine fingers them within limits; null where it finds no hand. */
export function plannedNotes(player: DrillFor, { key, pitches, duration, limits }: Unfingered): readonly DrillNote[] | null {
  const notes = pitches.map((pitch) => ({ pitches: [pitch], duration }));
  const best = bestOn(player, { kind: 'line', key: formatKey(key), notes }, limits);
  return best && soundsOf(best).map((note) => noteOfPlan(note, duration));
}
