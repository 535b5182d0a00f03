export { preferredWeights } from './preferred-weights.ts';
export { type Purpose, PURPOSE_LABELS, PurposeName, PURPOSES } from './purpose.ts';
export { SAME_PATTERN_WORDS, SamePattern } from './same-pattern.ts';
export { WAY_DOWN_LABELS, WAY_DOWN_WORDS, type WayDown, WayDownName, WAYS_DOWN } from './way-down.ts';
