export { bassHand } from './bass-hand.ts';
export { celloHand } from './cello-hand.ts';
export { handOf, schoolsOf } from './hand-of.ts';
export { School } from './schema.ts';
export { FINGERS } from './types.ts';
export type { Finger, Frame, FingerPlace, HandModel, NoteOnString, Placement, PositionName, Shape } from './types.ts';
export { violinHand } from './violin-hand.ts';
