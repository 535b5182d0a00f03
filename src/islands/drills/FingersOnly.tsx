import type { Plan } from '#core/plan/describe';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { NamesByMeasure } from '../score/index.ts';

/** Shows the drill without notation, measure by measure; while it is open it is printed, too. */
export function FingersOnly({ plan }: { readonly plan: Plan }) {
  return (
    <OpenedSection title="Fingers and names only">
      {() => <NamesByMeasure plan={plan} className="mt-1 columns-[18rem] text-[15px]" />}
    </OpenedSection>
  );
}
