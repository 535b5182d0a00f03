import { useEffect, useSyncExternalStore } from 'react';
import { type Caution as Cautioned, CAUTIONS, cautionsOf } from '#core/fit';
import type { Plan } from '#core/plan/describe';
import { tellCautions, toldBefore } from '../../state/cautions-told.ts';
import { cautionText } from '../../words/cautions.ts';

interface CautionProps {
  /** Of what is played. */
  readonly plan: Plan;
  /** It is practised as a loop. */
  readonly repeated?: boolean;
  readonly className: string;
}

/** What is to be taken care of: each thing is said once a session, where it first comes. */
export function Caution({ plan, repeated = false, className }: CautionProps) {
  const before = useSyncExternalStore(neverChanges, toldBefore, allTold);
  const cautions: readonly Cautioned[] = [...cautionsOf(plan), ...(repeated ? (['repetition'] as const) : [])];
  const told = cautions.filter((each) => !before.includes(each));
  useEffect(() => tellCautions(told));
  const words = cautionText(told);
  return words === null ? null : <p className={className}>{words}</p>;
}

/** What was told before the page was opened stays as it was. */
function neverChanges(): () => void {
  return () => undefined;
}

/** On the server nobody knows what was told in this tab: nothing is said there. */
function allTold(): readonly Cautioned[] {
  return CAUTIONS;
}
