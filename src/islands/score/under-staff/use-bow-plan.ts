import { useEffect, useState } from 'react';
import type { BowPlan } from '#core/bow';
import type { Plan } from '#core/plan/describe';

/** Gives the bow of a plan, where it is asked for; null before it has come, and where nobody asked. */
export function useBowPlan(plan: Plan, asked: boolean): BowPlan | null {
  const [found, setFound] = useState<{ readonly plan: Plan; readonly bow: BowPlan } | null>(null);
  useEffect(() => {
    if (!asked) return;
    let gone = false;
    void import('#core/bow').then(({ bowPlan }) => {
      if (!gone) setFound({ plan, bow: bowPlan(plan) });
    });
    return () => {
      gone = true;
    };
  }, [plan, asked]);
  return asked && found?.plan === plan ? found.bow : null;
}
