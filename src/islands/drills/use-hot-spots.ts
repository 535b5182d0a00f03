import type { AboutPath } from '#core/drill';
import type { Plan } from '#core/plan/describe';
import type { Asked } from '../../engine/asked.ts';
import { useEngine } from '../../engine/queries.ts';
import { knownOfPlayer } from '../../state/planning-actions.ts';

/** All hot spots of a plan for the player of the piece, the hardest first. */
export function useHotSpots(plan: Plan): Asked<AboutPath> {
  return useEngine(plan.brief, { kind: 'about-path', mostHotSpots: plan.notes.length, known: knownOfPlayer() });
}
