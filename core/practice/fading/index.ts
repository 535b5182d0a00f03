export { fadeAfter, type Fading, FadingCourse, type Help, HELPS, usualCourse } from './course.ts';
