export type { PartControl, PartSetting } from './control.ts';
export type { LimitRule, NoteLock } from './limits/limit-part.ts';
export { LIMIT_NAMES, type LimitName, limitPart, Limits, limitsSet, type LimitValue, type SetLimit } from './limits/limit-parts.ts';
export { stringIndexOf, unknownString } from './limits/named-strings.ts';
export { OPEN_STRING_POLICIES } from './limits/open-strings.ts';
export { SAME_PATTERN_WORDS, SamePattern } from './limits/same-pattern.ts';
export { MOST_SHIFTS } from './limits/shifts.ts';
export { WAY_DOWN_LABELS, WAY_DOWN_WORDS, type WayDown, WayDownName, WAYS_DOWN } from './limits/way-down.ts';
export { DIRECTION_LABELS, OCTAVE_COUNTS, OCTAVE_LABELS, type OctaveCount } from './materials/from-a-tonic.ts';
export type { MaterialBefore } from './materials/material-part.ts';
export {
  Material,
  MATERIAL_KINDS,
  type MaterialKind,
  materialPart,
  type PatternMaterial,
  readMaterial,
} from './materials/material-parts.ts';
export { PositionLabel } from './position-label.ts';
export { preferredWeights } from './wishes/preferred-weights.ts';
export { type Purpose, PURPOSE_LABELS, PurposeName, PURPOSES } from './wishes/purpose.ts';
export { type Preference, PREFERENCES, Preferences, readWishes, type Wishes, wishPart } from './wishes/wish-parts.ts';
