export { UnderStaffMenu } from './UnderStaffMenu.tsx';
export { useBowPlan } from './use-bow-plan.ts';
