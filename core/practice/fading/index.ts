export { fadedAfter, type Fading, FadingCourse, type Help, HELPS, usualCourse } from './course.ts';
