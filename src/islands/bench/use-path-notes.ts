import { useCallback, useMemo } from 'react';
import type { HardPlace, Plan } from '#core/plan';
import { useBench } from '../../store/bench-store.ts';
import { useSound } from '../../store/sound-store.ts';
import { advisor } from '../../workers/client.ts';
import type { Ringing } from '../../workers/protocol.ts';
import type { PathNotes } from '../score/PathDrawing.tsx';
import { useAnswer } from '../use-answer.ts';

/** How many hard places are pointed at. */
const MOST_HARD = 3;

const NO_RINGING: Ringing = new Map();
const NO_PLACES: readonly HardPlace[] = [];

/** What rings, what is hard, what the engine changed: asked when the plan stands on the screen, so that the drawing does not wait. */
export function usePathNotes(plan: Plan, idle: boolean): PathNotes {
  const refingered = useBench((bench) => bench.refingered);
  const slides = useSound((sound) => sound.slides);
  const asked = useAnswer(
    useCallback(async () => {
      if (!idle) return null;
      return { plan, ...(await advisor.aboutPath(plan.brief, MOST_HARD)) };
    }, [plan, idle]),
  );
  const here = asked?.plan === plan ? asked : null;
  return useMemo(
    () => ({ ringing: here?.ringing ?? NO_RINGING, hardest: here?.hardest ?? NO_PLACES, refingered, slides }),
    [here, refingered, slides],
  );
}
