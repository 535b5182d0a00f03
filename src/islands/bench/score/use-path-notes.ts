import { useEffect, useMemo } from 'react';
import type { Plan } from '#core/plan/describe';
import { bringPathNotes } from '../../../state/planning-actions.ts';
import { usePlanning } from '../../../state/planning.ts';
import { useSound } from '../../../state/sound/index.ts';
import type { PathNotes } from '../../score/index.ts';

const NOTHING: Pick<PathNotes, 'ringing' | 'hotSpots'> = { ringing: new Map(), hotSpots: [] };

/** Asks what rings, what is hard and what the engine changed once the plan stands on the screen, so that the drawing does not wait. */
export function usePathNotes(plan: Plan, idle: boolean): PathNotes {
  const refingered = usePlanning((planning) => planning.refingered);
  const slides = useSound((sound) => sound.slides);
  const path = usePlanning((planning) => planning.path);
  useEffect(() => {
    if (idle) void bringPathNotes(plan);
  }, [plan, idle]);
  return useMemo(() => {
    const { ringing, hotSpots } = path?.plan === plan ? path : NOTHING;
    return { ringing, hotSpots, refingered, slides };
  }, [plan, path, refingered, slides]);
}
