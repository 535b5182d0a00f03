import { useEffect } from 'react';
import type { Alternative, Plan } from '#core/plan';
import { benchStore, useBench } from '../../store/bench-store.ts';
import { advisor } from '../../workers/client.ts';

/** How many other fingerings are offered. */
const MOST_OFFERED = 6;

/** How long a plan must stand before others are looked for, ms. */
const SETTLED_MS = 300;

/** Other fingerings of a plan, kept with the bench; null until they are found. */
export function useOtherFingerings(plan: Plan): readonly Alternative[] | null {
  const others = useBench((bench) => bench.others);
  useEffect(() => {
    let gone = false;
    // Whoever turns the brief over and over is not kept busy with fingerings nobody looks at.
    const timer = window.setTimeout(() => {
      void advisor.alternatives(plan.brief, MOST_OFFERED).then((found) => {
        if (!gone) benchStore.setState({ others: { plan, found }, laidOver: null });
      });
    }, SETTLED_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [plan]);
  return others?.plan === plan ? others.found : null;
}
