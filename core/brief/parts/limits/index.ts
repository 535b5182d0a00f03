export type { LimitRule, NoteLock } from './limit-part.ts';
export { LIMIT_NAMES, type LimitName, limitPart, Limits, limitsSet, type LimitValue, type SetLimit } from './limit-parts.ts';
export { stringIndexOf, unknownString } from './named-strings.ts';
export { OPEN_STRING_POLICIES } from './open-strings.ts';
export { MOST_SHIFTS } from './shifts.ts';
