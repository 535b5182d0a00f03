import { useEffect, useState } from 'react';
import type { Alternative } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { type Asked, useEngine } from '../../../engine/index.ts';
import { keepOthers } from '../../../state/planning-actions.ts';

/** The number of other fingerings offered. */
const MOST_OFFERED = 6;

/** The time for which a plan must stand before others are looked for, ms. */
const SETTLED_MS = 300;

/** The number of notes up to which others are looked for unasked: the answer for a longer line is long, too. */
const MOST_NOTES_UNASKED = 600;

/** Gives other fingerings of a plan, kept with the bench; `unasked` for a long line until the teacher asks. */
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

/** Waits until the plan has settled: while a teacher changes the brief repeatedly, nothing is searched that nobody looks at. */
function useSettled(plan: Plan): boolean {
  const [settled, setSettled] = useState<Plan | null>(null);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(plan), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [plan]);
  return settled === plan;
}
