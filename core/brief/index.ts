export { type Asked, ASKED_PARTS, askedText } from './asked.ts';
export { readBrief, type Task } from './read/read-brief.ts';
export { exactShifts, type ReadLimit } from './read/read-limits.ts';
export { readPlayer } from './read/read-player.ts';
export { Brief } from './schema/brief.ts';
export { LEADING_FINGERS, LeadingFinger } from './schema/guide.ts';
export { Lock } from './schema/lock.ts';
export { BOW_DIRECTIONS, Mark, SEMITONE_STEPS } from './schema/mark.ts';
export { PlayerProfile, SEMITONE_FINGERS } from './schema/player.ts';
