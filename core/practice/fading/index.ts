export { fadeAfter as fadedAfter, type Fading, FadingCourse, type Help, HELPS, usualCourse } from './course.ts';
