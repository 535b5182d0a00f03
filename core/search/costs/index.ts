export { canBegin, canFollow, noteCost, stepPricer } from './cost.ts';
export { termsOfNote } from './note-terms.ts';
export { atHome, isOpen, positionKey } from './positions.ts';
export type { CostSetting, Gap, NoteRole } from './setting.ts';
export { octaveBreaks, termsOfStep } from './step-terms.ts';
export {
  type Comes,
  COMES,
  comesBy,
  costAfter,
  happensAfter,
  mostAfter,
  TERM_OF_THREE,
  threeNotes,
  type ThreeNotes,
} from './three-notes.ts';
