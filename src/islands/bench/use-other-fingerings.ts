import { useEffect, useState } from 'react';
import type { Alternative, Plan } from '#core/plan';
import { benchStore, useBench } from '../../store/bench-store.ts';
import { advisor } from '../../workers/client.ts';

/** How many other fingerings are offered. */
const MOST_OFFERED = 6;

/** How long a plan must stand before others are looked for, ms. */
const SETTLED_MS = 300;

/** Longer lines are asked about only when the teacher asks: what comes back is long, too. */
const MOST_NOTES_UNASKED = 600;

/** Other fingerings of a plan, kept with the bench: null until they are found, and `unasked` for a long line until somebody asks. */
export function useOtherFingerings(plan: Plan): { readonly found: readonly Alternative[] | null | 'unasked'; readonly ask: () => void } {
  const others = useBench((bench) => bench.others);
  const [asked, setAsked] = useState<Plan | null>(null);
  const unasked = plan.notes.length > MOST_NOTES_UNASKED && asked !== plan;
  useEffect(() => {
    if (unasked) return;
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
  }, [plan, unasked]);
  return { found: unasked ? 'unasked' : others?.plan === plan ? others.found : null, ask: () => setAsked(plan) };
}
