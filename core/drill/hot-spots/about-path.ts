import { ringingNotes } from '#core/fit/intoned';
import type { Plan } from '#core/plan/describe';
import type { HotSpot, KnownOfPlayer } from './hot-spot.ts';
import { hotSpotsOf } from './hot-spots.ts';

/** The facts that are shown beside a fingering. */
export interface AboutPath {
  /** The stops, by note, with which an open string rings (see `ringingNotes`). */
  readonly ringing: ReturnType<typeof ringingNotes>;
  /** The hot spots, the hardest first. */
  readonly hotSpots: readonly HotSpot[];
}

/** Finds what rings in a plan, and its hardest hot spots for a player up to a given number. */
export function aboutPath(plan: Plan, mostHotSpots: number, known: KnownOfPlayer): AboutPath {
  return { ringing: ringingNotes(plan), hotSpots: hotSpotsOf(plan, known).slice(0, mostHotSpots) };
}
