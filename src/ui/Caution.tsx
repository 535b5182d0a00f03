import { useEffect, useState } from 'react';
import { type Caution as Cautioned, cautionsOf } from '#core/fit';
import type { Plan } from '#core/plan/describe';
import { tellCautions, toldBefore } from '../state/cautions-told.ts';
import { cautionText } from '../words/cautions.ts';

interface CautionProps {
  /** Of what is played. */
  readonly plan: Plan;
  /** It is played again and again. */
  readonly repeated?: boolean;
  readonly className: string;
}

/** What is to be taken care of: each thing is said once a session, where it first comes. */
export function Caution({ plan, repeated = false, className }: CautionProps) {
  const cautions: readonly Cautioned[] = [...cautionsOf(plan), ...(repeated ? (['repetition'] as const) : [])];
  const [before, setBefore] = useState<readonly Cautioned[] | null>(null);
  const told = before === null ? [] : cautions.filter((each) => !before.includes(each));
  useEffect(() => setBefore(toldBefore()), []);
  useEffect(() => tellCautions(told));
  const words = cautionText(told);
  return words === null ? null : <p className={className}>{words}</p>;
}
