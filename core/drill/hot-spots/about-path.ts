import { ringingNotes } from '#core/fit/intoned';
import type { Plan } from '#core/plan/describe';
import type { HotSpot, KnownOfPlayer } from './hot-spot.ts';
import { hotSpotsOf } from './hot-spots.ts';

/** What is told beside a fingering. */
export interface AboutPath {
  /** Which stops of which notes an open string rings with (see `ringingNotes`). */
  readonly ringing: ReturnType<typeof ringingNotes>;
  /** The hardest places, the hardest first. */
  readonly hotSpots: readonly HotSpot[];
}

/** What rings in a plan, and at most so many of its hot spots for a player. */
export function aboutPath(plan: Plan, mostHotSpots: number, known: KnownOfPlayer): AboutPath {
  return { ringing: ringingNotes(plan), hotSpots: hotSpotsOf(plan, known).slice(0, mostHotSpots) };
}
