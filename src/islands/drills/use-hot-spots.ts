import { type AboutPath, NOTHING_KNOWN } from '#core/drill/hot-spots';
import type { Plan } from '#core/plan/describe';
import { answerOf, type Asked, engine, useAsked, useEngine } from '../../engine/index.ts';
import { knownOfPlayer } from '../../state/planning-actions.ts';

/** Gives all hot spots of a plan for the player of the piece, the hardest first. */
export function useHotSpots(plan: Plan): Asked<AboutPath> {
  const known = useAsked({ key: ['known of the player', engine.sessionOf(plan.brief)], ask: async () => await knownOfPlayer(plan) });
  const asked = { kind: 'about-path', mostHotSpots: plan.notes.length, known: answerOf(known) ?? NOTHING_KNOWN } as const;
  return useEngine(plan.brief, asked, known.state !== 'waiting');
}
