export type { DecidingPlace } from './deciding-places.ts';
export { type Habit, type Habits, habitsAmong, habitsOf, type UnknownAnswer } from './habits.ts';
export { type AsTaught, type LineOfTeacher, type ReadLine, readLine } from './line.ts';
