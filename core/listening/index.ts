export { bowedTone, together } from './bowed-tone.ts';
export { type DueNote, dueNotes } from './due-notes.ts';
export { finePitchHz, strengthAt } from './fine-pitch.ts';
export type { Sound } from './sound.ts';
export { cutOffAt, type Level, levelOf, loudnessOf } from './level.ts';
export { middleOf } from './middle.ts';
export { seededNumbers, seededSpread } from './seeded.ts';
