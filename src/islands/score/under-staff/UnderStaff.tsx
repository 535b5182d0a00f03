import type { BowPlan } from '#core/bow';
import type { Plan } from '#core/plan/describe';
import type { Head, StaffLayout } from '../../../engraving/index.ts';
import { bowLaneMarks, fingerLaneMarks, stepRowMarks } from '../../../under-staff/index.ts';
import { DrawnMark } from '../index.ts';

interface UnderStaffProps {
  readonly plan: Plan;
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
}

/** Draws tones and semitones from note to note. */
export function StepRow({ plan, heads, layout }: UnderStaffProps) {
  return (
    <g data-steps>
      {stepRowMarks(plan, heads, layout).map((mark) => (
        <DrawnMark key={mark.key} mark={mark} />
      ))}
    </g>
  );
}

/** Draws a lane for every finger. */
export function FingerLanes({ plan, heads, layout }: UnderStaffProps) {
  return (
    <g data-finger-lanes>
      {fingerLaneMarks(plan, heads, layout).map((mark) => (
        <DrawnMark key={mark.key} mark={mark} />
      ))}
    </g>
  );
}

/** Draws the place of the bow from note to note. */
export function BowLane({ bow, heads, layout }: Omit<UnderStaffProps, 'plan'> & { readonly bow: BowPlan }) {
  return (
    <g data-bow-lane>
      {bowLaneMarks(bow, heads, layout).map((mark) => (
        <DrawnMark key={mark.key} mark={mark} />
      ))}
    </g>
  );
}
