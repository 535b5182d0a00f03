import type { Plan } from '#core/plan/describe';
import type { WrittenRows } from '../../engraving/layout.ts';
import { writtenMarks } from '../../engraving/written-marks.ts';
import type { UnderStaff } from '../../state/under-staff.ts';
import { lanesOf } from './under-staff-geometry.ts';

/** The rows a staff needs: for what the teacher has written, and for what is shown under it. */
export function rowsOf(plan: Plan, { fingers, steps }: UnderStaff): WrittenRows {
  return { ...writtenMarks(plan.brief).rows, steps, lanes: fingers ? lanesOf(plan).length : 0 };
}
