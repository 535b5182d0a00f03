export { type ClassPart, type ClassScore, classScore, type MemberWays, type Sounding, SOUNDINGS, unisonOctaves } from './class-score.ts';
export type { EasedPart, PartChange } from './eased-part.ts';
export { type ClassMember, type Share, SHARES } from './member.ts';
export { sharedStaffs } from './staffs.ts';
export type { QuietMeasures, SharedShift } from './together.ts';
export { type InClass, type WaysInClass, waysInClass } from './ways-in-class.ts';
export type { WholePart } from './whole-part.ts';
