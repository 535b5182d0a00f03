import { useCallback } from 'react';
import type { Plan } from '#core/plan';
import { advisor } from '../../workers/client.ts';
import type { Ringing } from '../../workers/protocol.ts';
import { useAnswer } from '../use-answer.ts';

const NONE: Ringing = new Map();

/** The notes that ring with an open string: asked when the plan stands on the screen, so that the drawing does not wait. */
export function useRinging(plan: Plan | null, idle: boolean): Ringing {
  const ringing = useAnswer(useCallback(async () => (plan && idle ? { plan, notes: await advisor.ringing(plan) } : null), [plan, idle]));
  return ringing?.plan === plan ? ringing.notes : NONE;
}
