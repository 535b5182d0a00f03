export { canBegin, canFollow, noteCost, stepPricer } from './cost.ts';
export { termsOfNote } from './note-terms.ts';
export { atHome, isOpen, positionKey } from './positions.ts';
export type { CostSetting, Gap, NoteRole } from './setting.ts';
export { octaveBreaks, termsOfStep } from './step-terms.ts';
