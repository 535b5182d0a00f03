export { BowLane } from './BowLane.tsx';
export { FingerLanes, StepRow } from './UnderStaff.tsx';
export { UnderStaffMenu } from './UnderStaffMenu.tsx';
export { rowsOf } from './under-staff-rows.ts';
export { useBowPlan } from './use-bow-plan.ts';
