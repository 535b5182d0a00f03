import { useMemo } from 'react';
import { fingerWork } from '#core/fit';
import type { Plan } from '#core/plan/describe';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { fingerWorkText } from '../../../words/hand/finger-work.ts';

/** Shows what the other fingers do while this note sounds. */
export function FingerWork({ plan, index }: { readonly plan: Plan; readonly index: number }) {
  return <OpenedSection title="What the fingers do">{() => <Sentences plan={plan} index={index} />}</OpenedSection>;
}

function Sentences({ plan, index }: { readonly plan: Plan; readonly index: number }) {
  const work = useMemo(() => fingerWork(plan), [plan]);
  const at = work[index];
  const told = at ? fingerWorkText(at) : [];
  if (told.length === 0) return <p className="mt-1 text-dove-dark">No other finger has anything to do here.</p>;
  return (
    <ul className="mt-1 text-[15px] leading-snug">
      {told.map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  );
}
