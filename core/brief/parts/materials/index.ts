export { INTERVAL_LABELS } from './double-stops.ts';
export { DIRECTION_LABELS, OCTAVE_LABELS } from './from-a-tonic.ts';
export { USUAL_KEY } from './line.ts';
export type { MaterialBefore, MaterialChoice } from './material-part.ts';
export {
  comesBackAlike,
  Material,
  MATERIAL_KINDS,
  type MaterialKind,
  materialPart,
  type PatternMaterial,
  readMaterial,
} from './material-parts.ts';
export { OCTAVE_COUNTS, type OctaveCount } from './octaves.ts';
export { MOST_FURTHER } from './scale.ts';
