export { type Accent, ACCENT_KINDS, type Articulation, ARTICULATIONS } from './articulation.ts';
export {
  inOneBow,
  isGrace,
  type Line,
  type LineNote,
  lineOf,
  type NoteContent,
  pickUpOf,
  pitchesOf,
  plainNote,
  type UnplacedNote,
  writableLine,
} from './line.ts';
export {
  type Ornament,
  ORNAMENT_KINDS,
  ORNAMENT_SIGNS,
  type OrnamentKind,
  ornamentOn,
  type OrnamentSign,
  type WrittenOrnament,
} from './ornament.ts';
export { inOrder, lineOfPattern } from './pattern.ts';
export { type SoundingTime, soundingTimes } from './sounding-time.ts';
export { inVariant } from './variant.ts';
