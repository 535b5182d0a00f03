export type { ArmAct, BowAct, HandsEvent, HandsLane, ThumbAct } from './hands.ts';
export { measuresWith, type Stage, STAGE_STATES, type StageName, STAGES, type StageState } from './stages.ts';
export { intervalBetween, type ShiftApart, takeApart } from './take-apart.ts';
