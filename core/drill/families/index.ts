export { loopAsked } from './kinds/loop.ts';
export { isPlayedOn, movableFingers } from './played-on.ts';
export {
  CHORD_WAYS,
  DOUBLE_STOP_WAYS,
  DRILL_RHYTHMS,
  DrillFamily,
  DrillRequest,
  DrillVariant,
  FAMILY_NAMES,
  type FamilyName,
  type FamilyOf,
  LIFT_TIMES,
  LOOP_FINGERS,
  MATRIX_FINGERS,
  MATRIX_KEYS,
  MeasuresOfPiece,
  type OfferedFamily,
  PLAIN_VARIANT,
  POSITION_SETS,
} from './request.ts';
export { notesLeftOver } from './variants.ts';
export { writeDrill } from './write-drill.ts';
