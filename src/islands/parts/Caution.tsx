import { useEffect, useSyncExternalStore } from 'react';
import { type Caution as Cautioned, CAUTIONS, cautionsOf } from '#core/fit';
import type { Plan } from '#core/plan/describe';
import { tellCautions, cautionsToldBefore } from '../../state/cautions-told.ts';
import { cautionText } from '../../words/cautions.ts';

interface CautionProps {
  /** The plan of the piece. */
  readonly plan: Plan;
  /** Whether it is practised as a loop. */
  readonly repeated?: boolean;
  readonly className: string;
}

/** Shows the cautions: each is said once a session, where it first applies. */
export function Caution({ plan, repeated = false, className }: CautionProps) {
  const before = useSyncExternalStore(neverChanges, cautionsToldBefore, allTold);
  const cautions: readonly Cautioned[] = [...cautionsOf(plan), ...(repeated ? (['repetition'] as const) : [])];
  const told = cautions.filter((caution) => !before.includes(caution));
  useEffect(() => tellCautions(told));
  const words = cautionText(told);
  return words === null ? null : <p className={className}>{words}</p>;
}

/** The cautions told before the page was opened do not change. */
function neverChanges(): () => void {
  return () => undefined;
}

/** On the server nobody knows what was told in this tab, so nothing is said there. */
function allTold(): readonly Cautioned[] {
  return CAUTIONS;
}
