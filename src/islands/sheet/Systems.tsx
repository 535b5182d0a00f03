import { useMemo } from 'react';
import type { BowPlan } from '#core/bow';
import type { Engraving, FingerMark, Measure } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { layoutStaff, systemsOf } from '../../engraving/index.ts';
import { useUnderStaff } from '../../state/under-staff.ts';
import { ScoreFrame, StaffMarks, windowOf } from '../score/index.ts';
import { BowLane, FingerLanes, rowsOf, StepRow } from '../score/under-staff/index.ts';

/** The width of the music on the page, px: A4 and Letter between their margins. */
export const SHEET_WIDTH = 680;

interface SystemsProps {
  readonly plan: Plan;
  readonly engraving: Engraving;
  readonly marks: readonly (FingerMark | null)[];
  /** The bow of the line, where that is printed. */
  readonly bow?: BowPlan | null;
  /** Whether only the first line is shown. */
  readonly beginning?: boolean;
}

/** Shows music in as many lines as the page needs. */
export function Systems({ plan, engraving, marks, bow = null, beginning = false }: SystemsProps) {
  const systems = useMemo(() => systemsOf(engraving, SHEET_WIDTH), [engraving]);
  const shown = beginning ? systems.slice(0, 1) : systems;
  return (
    <>
      {shown.map((measures, index) => (
        <System
          key={index}
          plan={plan}
          engraving={engraving}
          marks={marks}
          measures={measures}
          bow={bow}
          first={index === 0}
          last={index === systems.length - 1}
        />
      ))}
      {shown.length < systems.length && <p className="text-[13px] text-dove-dark">… and so on.</p>}
    </>
  );
}

interface SystemProps {
  readonly plan: Plan;
  readonly engraving: Engraving;
  readonly marks: readonly (FingerMark | null)[];
  readonly measures: readonly Measure[];
  readonly bow: BowPlan | null;
  readonly first: boolean;
  readonly last: boolean;
}

/** Shows one line of music. All but the last fill the width. */
function System({ plan, engraving, marks, measures, bow, first, last }: SystemProps) {
  const under = useUnderStaff();
  const layout = useMemo(
    () =>
      layoutStaff(engraving, measures, {
        available: last ? SHEET_WIDTH * 0.8 : SHEET_WIDTH,
        first,
        written: rowsOf(plan, { ...under, bow: bow !== null }),
      }),
    [plan, engraving, measures, bow, first, last, under],
  );
  const { width } = windowOf(layout, { from: 0, to: measures.length });
  return (
    <div className="relative break-inside-avoid" style={{ width, height: layout.height + 10 }}>
      <ScoreFrame engraving={engraving} measures={measures} layout={layout} first={first}>
        {(heads) => (
          <>
            <StaffMarks plan={plan} marks={marks} heads={heads} layout={layout} isSystem selected={null} bows={bow?.bows} />
            {under.steps && <StepRow plan={plan} heads={heads} layout={layout} />}
            {under.fingers && <FingerLanes plan={plan} heads={heads} layout={layout} />}
            {bow && <BowLane bow={bow} heads={heads} layout={layout} />}
          </>
        )}
      </ScoreFrame>
    </div>
  );
}
