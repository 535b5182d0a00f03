import { useEffect, useState } from 'react';
import type { Alternative } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import type { Asked } from '../../../engine/asked.ts';
import { useEngine } from '../../../engine/queries.ts';
import { keepOthers } from '../../../state/planning-actions.ts';

/** How many other fingerings are offered. */
const MOST_OFFERED = 6;

/** How long a plan must stand before others are looked for, ms. */
const SETTLED_MS = 300;

/** Longer lines are asked about only when the teacher asks: what comes back is long, too. */
const MOST_NOTES_UNASKED = 600;

/** Other fingerings of a plan, kept with the bench; `unasked` for a long line until somebody asks. */
export function useOtherFingerings(plan: Plan): { readonly others: Asked<readonly Alternative[]> | 'unasked'; readonly ask: () => void } {
  const [asked, setAsked] = useState<Plan | null>(null);
  const unasked = plan.notes.length > MOST_NOTES_UNASKED && asked !== plan;
  const settled = useSettled(plan);
  const others = useEngine(plan.brief, { kind: 'alternatives', most: MOST_OFFERED }, settled && !unasked);
  const found = others.state === 'answered' ? others.value : null;
  useEffect(() => {
    if (found) keepOthers({ plan, found });
  }, [plan, found]);
  return { others: unasked ? 'unasked' : others, ask: () => setAsked(plan) };
}

/** Whoever turns the brief over and over is not kept busy with fingerings nobody looks at. */
function useSettled(plan: Plan): boolean {
  const [settled, setSettled] = useState<Plan | null>(null);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(plan), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [plan]);
  return settled === plan;
}
