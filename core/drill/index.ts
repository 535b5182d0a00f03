export { type ArmAct, type BowAct, HANDS_LANES, type HandsEvent, type HandsLane, type ThumbAct } from './apart/hands.ts';
export { measuresWith, type Stage, STAGE_STATES, type StageName, STAGES, type StageState } from './apart/stages.ts';
export { type ShiftApart, takeApart } from './apart/take-apart.ts';
export { aboutPath, type AboutPath } from './about-path.ts';
export {
  HOT_SPOT_KINDS,
  type HotSpot,
  type HotSpotKind,
  type KnownOfPlayer,
  type LoopPlace,
  NOTHING_KNOWN,
  type Place,
  type SpotGround,
  type Tried,
  type Way,
} from './hot-spots/hot-spot.ts';
export { aroundNote } from './hot-spots/places.ts';
export { drillOfSpot } from './hot-spots/drill-of.ts';
export { hotSpotsOf } from './hot-spots/hot-spots.ts';
export { type Alteration, type Drill, drillBrief, type DrillFor, drillFor, type DrillNote } from './drill.ts';
export { type LoopHow, loopOf } from './hot-spots/loop.ts';
export { classOf, keyOfClass, reversed, sameClass, type ShiftClass, type ShiftDistance } from './shifts/shift-class.ts';
export { shiftStudy, STUDY_ORDERS, type StudyOf, type StudyOrder } from './shifts/shift-study.ts';
export {
  CHORD_WAYS,
  DOUBLE_STOP_WAYS,
  DRILL_RHYTHMS,
  type DrillFamily,
  DrillRequest,
  type DrillVariant,
  FAMILY_NAMES,
  type FamilyName,
  type FamilyOf,
  LIFT_TIMES,
  LOOP_FINGERS,
  MATRIX_FINGERS,
  MATRIX_KEYS,
  type MeasuresOfPiece,
  type OfferedFamily,
  PLAIN_VARIANT,
  POSITION_SETS,
} from './families/request.ts';
export { type Board, boardOf, type Held, heldIn, type HeldNote, longestRow, notesHeld } from './position/held.ts';
export { fingersOf, type Ground, groundOf, type Standing } from './standings.ts';
export { loopAsked } from './families/loop.ts';
export { leftOver } from './families/variants.ts';
export { writeDrill } from './families/write-drill.ts';
export { catalogue } from './finder/catalogue.ts';
export { isPlayedOn, movableFingers } from './families/played-on.ts';
export { DRILL_AIMS, type DrillAim, type DrillFacts, factsOf } from './finder/facts.ts';
export { type DrillQuery, findDrills } from './finder/find.ts';
export { type ClassedShift, isKindOf } from './finder/places-like.ts';
export { openingDrill } from './finder/opening.ts';
export { NO_FACTS, type PieceFacts, pieceFacts } from './finder/piece-facts.ts';
