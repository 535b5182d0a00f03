import type { Plan } from '#core/plan/describe';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { NamesByMeasure } from '../score/index.ts';

interface FingersOnlyProps {
  readonly plan: Plan;
  /** Whether it is open at first: some drills are said rather than read. */
  readonly opened: boolean;
}

/** Shows the drill without notation, measure by measure; while it is open it is printed, too. */
export function FingersOnly({ plan, opened }: FingersOnlyProps) {
  return (
    <OpenedSection title="Fingers and names only" opened={opened}>
      {() => <NamesByMeasure plan={plan} className="mt-1 columns-[18rem] text-[15px]" />}
    </OpenedSection>
  );
}
