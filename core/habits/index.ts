export type { DecidingPlace } from './deciding-places.ts';
export { type Habit, type Habits, habitsAmong, habitsOf, type UnknownLeaning } from './habits.ts';
export { AS_USUAL, type Leaning, type Leanings, leaningsOn, type NamedWeight, subjectOf, weightValue, withLeaning } from './leanings.ts';
export { type AsTaught, type LineOfTeacher, type ReadLine, readLine } from './line.ts';
